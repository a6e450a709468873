import { differenceSentence, differencesBetween, plannedAgainstDone, type RoastFigures } from '@/core/compare';
import { controlsOf } from '@/core/gear';
import { useWords } from '@/ui/useHousehold';
import { useRoastDates } from '@/ui/useRoastDates';
import type { Compared } from './compared';

interface InWordsProps {
  readonly compared: readonly Compared[];
  readonly base: Compared;
  readonly figures: ReadonlyMap<string, RoastFigures>;
  readonly onBase: (roastId: string) => void;
}

/** The weightiest differences are a sentence; more are a list that nobody reads. */
const IN_A_SENTENCE = 4;

/** What differs, in words, each roast against one of them. */
export function InWords({ compared, base, figures, onBase }: InWordsProps) {
  const dates = useRoastDates();
  const words = useWords();
  const of = (each: Compared) => figures.get(each.roast.id) as RoastFigures;
  const others = compared.filter((each) => each !== base);
  return (
    <>
      <p className="text-husk flex flex-wrap items-baseline gap-x-2">
        Against
        <select
          aria-label="Compare with"
          className="choice text-lg"
          value={base.roast.id}
          onChange={(event) => onBase(event.target.value)}
        >
          {compared.map(({ roast, lotName, gearName }) => (
            <option key={roast.id} value={roast.id}>
              {dates.date(roast.createdAt)}, {lotName}, {gearName}
            </option>
          ))}
        </select>
      </p>
      <ul className="mt-2 space-y-4">
        {others.map((each) => {
          const found = differencesBetween(of(base), of(each)).map((difference) =>
            differenceSentence(difference, words),
          );
          const planned = plannedAgainstDone(each.roast, words, controlsOf(each.gear));
          return (
            <li key={each.roast.id}>
              <h1 className={others.length > 1 ? 'text-2xl' : 'text-[clamp(1.8rem,4vw,2.6rem)]'}>
                {dates.date(each.roast.createdAt)}
                {found.length === 0
                  ? ' was the same roast, as far as the record tells.'
                  : `: ${found.slice(0, IN_A_SENTENCE).join(', ')}.`}
              </h1>
              {found.length > IN_A_SENTENCE && (
                <p className="text-husk mt-1">Also {found.slice(IN_A_SENTENCE).join(', ')}.</p>
              )}
              {planned.length > 0 && <p className="text-husk mt-1">Planned otherwise: {planned.join('; ')}.</p>}
            </li>
          );
        })}
      </ul>
    </>
  );
}
