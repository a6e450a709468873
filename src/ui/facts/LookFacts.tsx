import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { gramsPerMlOf } from '@/core/bean';
import { issueSentence } from '@/core/issues';
import { biteNames, bites, type Roast, roastedGrams, senses, snaps, spotAmounts } from '@/core/roast';
import { parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { TextField } from '../Field';
import { Segmented } from '../Segmented';
import { useWords } from '../useHousehold';

interface LookFactsProps {
  readonly roast: Roast;
  readonly edit: (facts: Partial<Roast>) => void;
}

const HUNDRED_ML = { leastGrams: 10, mostGrams: 80 };

/** A closer look, for those who want it: sheen, spots, a bitten bean, how far they swelled. */
export function LookFacts({ roast, edit }: LookFactsProps) {
  const some = roast.sheen ?? roast.spots ?? roast.bite ?? roast.snap ?? roast.roastedGramsPerMl;
  return (
    <details open={some !== undefined}>
      <summary className="flex min-h-11 items-center underline underline-offset-4">
        A closer look: sheen, spots, bite
      </summary>
      <div className="space-y-3 pt-2">
        <Choice label="Sheen" value={roast.sheen} options={senses.sheen} onPick={(sheen) => edit({ sheen })} />
        <Choice
          label="Scorched or tipped spots"
          value={roast.spots}
          options={spotAmounts}
          onPick={(spots) => edit({ spots })}
        />
        <Choice
          label="A bitten bean inside"
          value={roast.bite}
          options={bites}
          names={biteNames}
          onPick={(bite) => edit({ bite })}
        />
        <Choice label="It breaks" value={roast.snap} options={snaps} onPick={(snap) => edit({ snap })} />
        <Swelling roast={roast} edit={edit} />
      </div>
    </details>
  );
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly T[];
  readonly names?: Readonly<Record<T, string>>;
  readonly onPick: (value: T | undefined) => void;
}

function Choice<T extends string>({ label, value, options, names, onPick }: ChoiceProps<T>) {
  return (
    <Segmented
      titled
      label={label}
      value={value}
      options={options.map((each) => ({ value: each, name: names?.[each] ?? each }))}
      onChange={onPick}
      onClear={() => onPick(undefined)}
    />
  );
}

/** How far the beans swelled: volume for volume, from the weight of 100 ml now and green. */
function Swelling({ roast, edit }: LookFactsProps) {
  const words = useWords();
  const lot = useLiveQuery(() => database().lots.get(roast.lotId), [roast.lotId]);
  const [text, setText] = useState<string>();
  const stored = roast.roastedGramsPerMl === undefined ? '' : words.weight(roast.roastedGramsPerMl * 100);
  const read =
    text === undefined || text.trim() === '' ? undefined : parseWeight(text, words.weightUnit, { range: HUNDRED_ML });
  const roasted = roastedGrams(roast);
  const kept = roasted === undefined ? 0.85 : roasted / roast.greenGrams;
  const times = roast.roastedGramsPerMl && lot ? (kept * gramsPerMlOf(lot)) / roast.roastedGramsPerMl : undefined;
  return (
    <TextField
      label="100 ml of it now weigh"
      placeholder={words.weightUnit === 'g' ? '37 g' : '1.3 oz'}
      autoComplete="off"
      hint={
        times === undefined
          ? 'If you wish: it tells how far the beans swelled.'
          : `Swelled ${times.toFixed(1)} times; 1.4 to 1.9 is usual.`
      }
      error={read && !read.ok ? read.issues.map(issueSentence).join(' ') : undefined}
      value={text ?? stored}
      onChange={(event) => setText(event.target.value)}
      onBlur={() => {
        if (text?.trim() === '') edit({ roastedGramsPerMl: undefined });
        if (read?.ok) edit({ roastedGramsPerMl: read.value / 100 });
        if (!read || read.ok) setText(undefined);
      }}
    />
  );
}
