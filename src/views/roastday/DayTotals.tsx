import { mugsIn } from '@/core/household';
import { dayTotals } from '@/core/plan';
import { lossPercent } from '@/core/shade';
import { formatSpan } from '@/core/units';
import { useHousehold, useWords } from '@/ui/useHousehold';
import type { DayData } from './useDayPlan';

/** What a day came to, once all its batches are roasted. */
export function DayTotals({ data }: { readonly data: DayData }) {
  const words = useWords();
  const household = useHousehold();
  const roasts = data.rows.flatMap(({ roast }) => roast ?? []);
  const totals = dayTotals(roasts, data.gear);
  if (!totals) return null;
  const { greenGrams, roastedGrams, unweighed, tookS, kwh } = totals;
  const { tariffMinorPerKwh } = household;
  const weighed = unweighed === 0;
  const facts = [
    {
      value: unweighed === roasts.length ? 'Not weighed' : words.weight(roastedGrams),
      name: weighed
        ? `roasted, about ${mugsIn(roastedGrams, household)} mugs`
        : unweighed === roasts.length
          ? 'what it gave: weigh it on each roast’s page'
          : `roasted; ${unweighed === 1 ? 'one batch is' : `${unweighed} batches are`} not weighed yet`,
    },
    {
      value: words.weight(greenGrams),
      name: weighed ? `green used, ${lossPercent(greenGrams, roastedGrams).toFixed(1)} % lost` : 'green used',
    },
    { value: formatSpan(tookS), name: 'from the first beans in to the last out' },
    ...(kwh === undefined
      ? []
      : [
          {
            value: `${kwh.toFixed(2)} kWh`,
            name: tariffMinorPerKwh === undefined ? 'of power' : `of power, ${words.money(kwh * tariffMinorPerKwh)}`,
          },
        ]),
  ];
  return (
    <dl className="mt-6 flex flex-wrap gap-x-10 gap-y-3" aria-label="What the day came to">
      {facts.map(({ value, name }) => (
        <div key={name}>
          <dt className="sr-only">{name}</dt>
          <dd>
            <b className="font-heading block text-3xl font-semibold">{value}</b>
            <span className="text-husk">{name}</span>
          </dd>
        </div>
      ))}
    </dl>
  );
}
