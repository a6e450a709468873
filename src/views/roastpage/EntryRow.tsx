import { useState } from 'react';
import type { Control } from '@/core/gear';
import { type EntryDraft, isTimed, type LiveEntry, milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';
import { Button } from '@/ui/Button';
import { entryName } from '@/ui/entryWords';
import { useWords } from '@/ui/useHousehold';
import { EntryValue, readSaid, textOf } from './EntryValue';
import { TimeField } from './TimeField';
import { outOfRange } from './times';

/** Kinds that say more than their name. A pull's weight and shade stand beside the batch. */
const SAYS_MORE: readonly LiveEntry['kind'][] = ['reading', 'move', 'smell', 'colour', 'sense', 'note'];

interface EntryRowProps {
  readonly entry: LiveEntry;
  readonly controls: readonly Control[];
  readonly onChange: (facts: Omit<Extract<EntryDraft, { kind: 'amend' }>, 'kind' | 'target'>) => void;
  readonly onTakeOut: () => void;
}

/** One line of the log as it holds: its time and what it says can be corrected, all of it taken out. */
export function EntryRow({ entry, controls, onChange, onTakeOut }: EntryRowProps) {
  const words = useWords();
  const { temperatureUnit } = words;
  const [said, setSaid] = useState<{ readonly draft: EntryDraft; readonly text: string }>();
  const [error, setError] = useState('');
  const name = entryName(entry, words, controls);
  const control = entry.kind === 'move' ? controls.find(({ id }) => id === entry.control) : undefined;
  const saysMore = SAYS_MORE.includes(entry.kind) && (entry.kind !== 'move' || (control && control.kind !== 'act'));
  const keep = () => {
    if (!said) return;
    const read = readSaid(said, temperatureUnit);
    if (typeof read === 'string') return setError(read);
    const facts = factsOf(read);
    const untouched = said.text === textOf(entry, temperatureUnit) && said.draft === entry;
    if (!untouched && facts) onChange(facts);
    setError('');
    setSaid(undefined);
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 py-0.5">
      <TimeField
        label={entry.kind === 'mark' ? milestoneNames[entry.milestone] : entry.kind}
        atS={isTimed(entry) ? entry.at : undefined}
        faultOf={outOfRange}
        onTime={(happenedAt) => onChange({ happenedAt })}
      />
      {said ? (
        <form
          className="mr-auto flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            keep();
          }}
          onKeyDown={(event) => {
            if (event.key !== 'Escape') return;
            setError('');
            setSaid(undefined);
          }}
        >
          <EntryValue said={said} controls={controls} unit={temperatureUnit} onSaid={setSaid} />
          <Button type="submit" variant="quiet">
            Keep
          </Button>
          {error && (
            <span role="alert" className="text-danger block text-[0.9rem]">
              {error}
            </span>
          )}
        </form>
      ) : (
        <span className="mr-auto">
          {saysMore ? (
            <button
              type="button"
              aria-label={`Change ${name} at ${formatClock(entry.at)}`}
              className="decoration-line hover:decoration-ink min-h-11 text-left underline decoration-2 underline-offset-4"
              onClick={() => setSaid({ draft: entry, text: textOf(entry, temperatureUnit) })}
            >
              {name}
            </button>
          ) : (
            name
          )}
          {!isTimed(entry) && <span className="text-husk text-[0.9rem]"> · time not written down</span>}
          {entry.corrected && entry.source !== 'guess' && (
            <span className="text-husk text-[0.9rem]"> · pressed at {formatClock(entry.pressedAt)}</span>
          )}
        </span>
      )}
      <button
        type="button"
        aria-label={`Take out ${name} at ${formatClock(entry.at)}`}
        className="text-husk hover:text-ink size-11 text-xl"
        onClick={onTakeOut}
      >
        ×
      </button>
    </li>
  );
}

/** What a correction says of an entry of that kind. */
function factsOf(draft: EntryDraft): Parameters<EntryRowProps['onChange']>[0] | undefined {
  switch (draft.kind) {
    case 'reading':
      return { celsius: draft.celsius };
    case 'move':
      return draft.value === undefined ? undefined : { value: draft.value };
    case 'smell':
      return { smell: draft.smell };
    case 'colour':
      return { tone: draft.tone };
    case 'sense':
      return { word: draft.word };
    case 'note':
      return { text: draft.text };
    default:
      return undefined;
  }
}
