import { addDays, format } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { issueSentence } from '@/core/issues';
import { stockAhead, windowDays } from '@/core/plan';
import { parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { dayOf } from '@/store/days';
import { saveHousehold } from '@/store/settings';
import { allJars, onShelf, stockJars } from '@/store/shelf';
import { Island } from '@/ui/Island';
import { PlanTabs } from '@/ui/PlanTabs';
import { useHousehold, useWords } from '@/ui/useHousehold';
import { StockChart } from './StockChart';

const USE_RANGE = { leastGrams: 1, mostGrams: 500 };
const ROAST_RANGE = { leastGrams: 5, mostGrams: 5000 };
const USUAL_ROAST_GRAMS = 200;
const LATEST = 5;

/** Use against stock for the next four weeks: when the next roast is due, so that it has rested in time. */
export function AheadView() {
  return (
    <Island>
      <PlanTabs at="ahead" />
      <Ahead />
    </Island>
  );
}

function Ahead() {
  const household = useHousehold();
  const words = useWords();
  const all = useLiveQuery(() => allJars(database(), Date.now()), []);
  const [useText, setUseText] = useState<string>();
  const [roastText, setRoastText] = useState<string>();
  if (!all) return <p className="text-husk py-10">Counting the jars…</p>;
  const newest = all.slice(0, LATEST);
  const meanGrams =
    newest.length > 0 ? newest.reduce((sum, { grams }) => sum + grams, 0) / newest.length : USUAL_ROAST_GRAMS;
  const use = parseWeight(useText ?? words.weight(household.gramsPerPersonDay), words.weightUnit, { range: USE_RANGE });
  const roast = parseWeight(roastText ?? words.weight(meanGrams), words.weightUnit, { range: ROAST_RANGE });
  const shade = newest[0]?.shade ?? 4;
  const gramsPerDay = household.people * (use.ok ? use.value : household.gramsPerPersonDay);
  const roastGrams = roast.ok ? roast.value : meanGrams;
  const plan = stockAhead({
    jars: stockJars(onShelf(all), Date.now()),
    gramsPerDay,
    roastGrams,
    ...windowDays(shade, household.restSchool),
  });
  const date = (day: number) => addDays(new Date(), day);
  const next = plan.roastDays[0];
  const mugs = Math.floor(roastGrams / ((household.mugMl / 1000) * household.gramsPerLitre));
  const complaint = [use, roast].flatMap((each) => (each.ok ? [] : each.issues.map(issueSentence)));
  return (
    <section className="pt-6">
      <h1 className="max-w-4xl text-[clamp(1.7rem,4vw,2.5rem)]">{headline(next, plan.runsOutDay, date)}</h1>
      <p className="mt-4 text-[1.35rem] leading-[1.9]">
        There are{' '}
        <input
          aria-label="People"
          type="number"
          min={1}
          max={50}
          className="choice w-[3ch] text-center"
          value={household.people}
          onChange={(event) => {
            const people = Math.round(Number(event.target.value));
            if (people >= 1 && people <= 50) void saveHousehold(database(), { people });
          }}
        />{' '}
        of you, using{' '}
        <input
          aria-label="Use a day each"
          className="choice w-[5ch]"
          value={useText ?? words.weight(household.gramsPerPersonDay)}
          onChange={(event) => setUseText(event.target.value)}
          onBlur={() => {
            if (!use.ok) return;
            void saveHousehold(database(), { gramsPerPersonDay: use.value });
            setUseText(undefined);
          }}
        />{' '}
        a day each; a roast gives{' '}
        <input
          aria-label="What a roast gives"
          className="choice w-[5ch]"
          value={roastText ?? words.weight(meanGrams)}
          onChange={(event) => setRoastText(event.target.value)}
        />
        .
      </p>
      {complaint.length > 0 && (
        <p role="alert" className="text-danger">
          {complaint.join(' ')}
        </p>
      )}
      <p className="text-husk mt-1">
        That is {words.weight(gramsPerDay)} a day. A jar of {words.weight(roastGrams)} makes about {mugs} mugs and lasts{' '}
        {(roastGrams / gramsPerDay).toFixed(roastGrams / gramsPerDay < 10 ? 1 : 0)} days. The shelf counts as it stands,
        jars that nobody weighs by this use.
      </p>
      <StockChart plan={plan} />
      <h2 className="border-ink mt-8 border-t-2 pt-3 text-xl">Roast days until then</h2>
      {plan.roastDays.length === 0 ? (
        <p className="mt-2">None is due in the next four weeks.</p>
      ) : (
        <ol className="mt-2 grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
          {plan.roastDays.map((day) => (
            <li key={day}>
              <a
                className="flex min-h-11 items-center underline underline-offset-4"
                href={`/plan/day/?date=${dayOf(date(day))}`}
              >
                {format(date(day), 'EEEE d MMMM')}
              </a>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

function headline(next: number | undefined, runsOut: number | undefined, date: (day: number) => Date): string {
  if (next === undefined) return 'There is coffee for four weeks; no roast is due.';
  const when = next === 0 ? 'today' : next === 1 ? 'tomorrow' : `on ${format(date(next), 'EEEE d MMMM')}`;
  if (runsOut === 0) return `Nothing rested is left. Roast ${when}.`;
  return `Roast ${when}: what has rested lasts until ${runsOut === 1 ? 'today' : format(date((runsOut ?? 1) - 1), 'EEEE d MMMM')}.`;
}
