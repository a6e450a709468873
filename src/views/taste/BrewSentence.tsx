import { brewHowNames, brewHows } from '@/core/taste';
import type { WeightUnit } from '@/core/units';
import { Choice } from '@/ui/Choice';
import type { BrewDraft } from './brewDraft';

interface BrewSentenceProps {
  readonly draft: BrewDraft;
  readonly unit: WeightUnit;
  readonly onDraft: (draft: BrewDraft) => void;
}

/** The part of the sheet's sentence that says how the cup was brewed; dose and water may stay empty. */
export function BrewSentence({ draft, unit, onDraft }: BrewSentenceProps) {
  const field = (label: string, part: 'dose' | 'waterMl') => (
    <input
      aria-label={label}
      inputMode="decimal"
      autoComplete="off"
      placeholder="–"
      className="choice w-[4ch] text-center"
      value={draft[part]}
      onFocus={(event) => event.target.select()}
      onChange={(event) => onDraft({ ...draft, [part]: event.target.value })}
    />
  );
  return (
    <>
      <Choice
        label="Brewed by"
        value={draft.how}
        options={brewHows.map((how) => [how, brewHowNames[how]])}
        onPick={(how) => onDraft({ ...draft, how })}
      />
      ,{' '}
      <span className="whitespace-nowrap">
        {field('Coffee in the cup', 'dose')} {unit} to
      </span>{' '}
      <span className="whitespace-nowrap">{field('Water, ml', 'waterMl')} ml of water.</span>
    </>
  );
}
