import { addDays, format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { stockAhead, windowDays } from '@/core/plan';
import { database } from '@/store/current';
import { dayOf } from '@/store/days';
import { lotsWithStock } from '@/store/larder';
import { type JarNow, stockJars } from '@/store/shelf';
import { LinkButton } from '@/ui/Button';
import { useHousehold, useWords } from '@/ui/useHousehold';

const USUAL_ROAST_GRAMS = 150;
const MEDIUM = 4;

/** When the next roast is due, so that it has rested before the shelf runs short, and of what. */
export function RoastNext({ jars }: { readonly jars: readonly JarNow[] }) {
  const household = useHousehold();
  const words = useWords();
  const lots = useLiveQuery(() => lotsWithStock(database()), []);
  const [first] = [...(lots ?? [])].filter(({ leftGrams }) => leftGrams > 30).sort((a, b) => b.roasts - a.roasts);
  const gramsPerDay = household.people * household.gramsPerPersonDay;
  const now = new Date();
  const latest = jars.at(-1);
  const shade = latest?.shade ?? MEDIUM;
  const plan = stockAhead({
    jars: stockJars(jars, now.getTime()),
    gramsPerDay,
    roastGrams: latest?.grams ?? USUAL_ROAST_GRAMS,
    ...windowDays(shade, household.restSchool),
  });
  const next = plan.roastDays[0];
  if (!lots) return null;
  const { restDays } = windowDays(shade, household.restSchool);
  return (
    <section className="border-ink border-t-2 pt-3">
      <h2 className="text-husk font-text mb-1 text-base font-normal">Roast next</h2>
      {next === undefined ? (
        <p>There is coffee for four weeks; no roast is due.</p>
      ) : (
        <>
          <p className="font-heading text-2xl leading-tight font-semibold">
            {next === 0 ? 'Today' : next === 1 ? 'Tomorrow' : format(addDays(now, next), 'EEEE d MMMM')}
            {first && `, ${first.lot.name}`}
          </p>
          <p className="mt-2">
            {plan.runsOutDay === 0
              ? 'Nothing rested is left'
              : `What has rested runs out ${plan.runsOutDay === 1 ? 'tomorrow' : `on ${format(addDays(now, plan.runsOutDay ?? 0), 'EEEE')}`}`}{' '}
            at {words.weight(gramsPerDay)} a day; {words.shade(shade)} wants{' '}
            {restDays === 1 ? 'a day' : `${restDays} days`} of rest.
          </p>
          <div className="mt-3 flex flex-wrap gap-3">
            <LinkButton href={next === 0 ? '/plan/' : `/plan/day/?date=${dayOf(addDays(now, next))}`} variant="next">
              Plan it
            </LinkButton>
            <LinkButton href="/plan/ahead/" variant="quiet">
              Four weeks ahead
            </LinkButton>
          </div>
        </>
      )}
      {!first && (
        <p className="text-danger mt-2">
          Hardly any green is left.{' '}
          <a className="underline underline-offset-4" href="/larder/">
            Add beans
          </a>
        </p>
      )}
    </section>
  );
}
