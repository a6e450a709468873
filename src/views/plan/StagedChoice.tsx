import { pullsPlanned } from '@/core/heat';
import { equalParts, LEAST_PART_GRAMS, stagedParts, stagedShades } from '@/core/plan';
import { type ShadeNumber, shades } from '@/core/shade';
import { formatClock } from '@/core/units';
import { Segmented } from '@/ui/Segmented';
import { useWords } from '@/ui/useHousehold';
import type { Choices } from './useChoices';
import type { Foreseen } from './useForeseen';
import type { Planned } from './usePlanned';

interface StagedChoiceProps {
  readonly choices: Choices;
  readonly planned: Planned;
  readonly foreseen: Foreseen;
  readonly choose: (some: Partial<Choices>) => void;
}

const counts = [
  { value: '1', name: 'at one shade' },
  { value: '2', name: 'two' },
  { value: '3', name: 'three' },
  { value: '4', name: 'four' },
] as const;

/** One charge pulled in parts at two to four shades: the way to find out what a new lot wants. */
export function StagedChoice({ choices, planned, foreseen, choose }: StagedChoiceProps) {
  const words = useWords();
  const { parts } = choices;
  const grams = planned.batches?.greenGramsEach ?? 0;
  const weighed = parts ? stagedParts(grams, parts, choices.shade, planned.loss) : [];
  const due = parts ? pullsPlanned({ shade: choices.shade, rule: choices.rule, parts }, foreseen.expectation) : [];
  const tooLittle = weighed.some(({ roastedGrams }) => roastedGrams < LEAST_PART_GRAMS);
  const setShade = (index: number, shade: ShadeNumber) =>
    choose({
      parts: parts?.map((part, i) => (i === index ? { ...part, shade } : part)).sort((a, b) => a.shade - b.shade),
    });
  return (
    <section className="border-line border-t pt-3">
      <h2 className="mb-2 text-xl">Pull it</h2>
      <Segmented
        label="How many parts"
        value={String(parts?.length ?? 1) as (typeof counts)[number]['value']}
        options={counts}
        onChange={(count) =>
          choose({ parts: count === '1' ? undefined : equalParts(stagedShades(choices.shade, Number(count))) })
        }
      />
      {parts && (
        <>
          <ol className="mt-3 space-y-1">
            {weighed.map((part, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: two parts may have one shade for a moment
              <li key={i}>
                <select
                  aria-label={`Shade of part ${i + 1}`}
                  className="choice text-[1.05rem]"
                  value={part.shade}
                  onChange={(event) => setShade(i, Number(event.target.value) as ShadeNumber)}
                >
                  {shades.map(({ number }) => (
                    <option key={number} value={number}>
                      {words.shade(number)}
                    </option>
                  ))}
                </select>{' '}
                at about {formatClock(due[i]?.dueS ?? 0)}, {words.weight(part.roastedGrams)}{' '}
                <span className="text-husk">· {shadeLandmark(part.shade)}</span>
              </li>
            ))}
          </ol>
          <p className={tooLittle ? 'text-danger mt-2' : 'text-husk mt-2'}>
            {tooLittle
              ? `A part this small is too little to brew: ${words.weight(LEAST_PART_GRAMS)} makes a tasting cup.`
              : 'Taste them side by side, and you know what these beans want.'}
          </p>
        </>
      )}
    </section>
  );
}

const shadeLandmark = (shade: ShadeNumber) => shades.find(({ number }) => number === shade)?.landmark ?? '';
