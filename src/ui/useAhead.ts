import { addDays, format } from 'date-fns';
import { useState } from 'react';
import { type Ahead, gramsADay } from '@/core/household';
import type { Result } from '@/core/issues';
import { beansAhead, greenAhead, parseUse, type StockPlan } from '@/core/plan';
import { localDay, parseWeight } from '@/core/units';
import { database } from '@/store/current';
import { saveHousehold } from '@/store/settings';
import { type AheadData, mostBatchesOf, PLAIN_AHEAD, stockPlanOf } from '@/store/stockPlan';
import { amountBasis } from './amountBasis';
import { useHousehold, useWords } from './useHousehold';

const ROAST_RANGE = { leastGrams: 5, mostGrams: 5000 };

export type AheadModel = ReturnType<typeof useAhead>;

/** The four weeks as they are planned from use, stock and the days that were chosen. */
export function useAhead(data: AheadData) {
  const { lots, usual, listed } = data;
  const household = useHousehold();
  const words = useWords();
  const [useText, setUseText] = useState<string>();
  const [roastText, setRoastText] = useState<string>();
  const settings = household.ahead ?? PLAIN_AHEAD;
  const shownUse = useText ?? `${words.weight(household.gramsPerPersonDay)} a day`;
  const basis = amountBasis(household, {
    of: 'roasted',
    lot: {},
    shade: usual.shade,
    jarGrams: usual.roastedGrams,
  });
  const use: Result<number> = parseUse(shownUse, basis);
  const shownRoast = roastText ?? words.weight(usual.roastedGrams);
  const roast = parseWeight(shownRoast, words.weightUnit, { range: ROAST_RANGE });
  // What nobody typed is what is kept, not the rounded figure that stands there.
  const asTyped = useText !== undefined && use.ok ? { ...household, gramsPerPersonDay: use.value } : household;
  const gramsPerDay = gramsADay(asTyped);
  const roastGrams = roastText !== undefined && roast.ok ? roast.value : usual.roastedGrams;
  const mostBatches = mostBatchesOf(household, usual);
  const today = new Date();
  const date = (day: number) => addDays(today, day);
  const plan: StockPlan = stockPlanOf(data, asTyped, roastGrams, today);
  /** Green of one batch, by how what it gives was changed. */
  const greenGrams = usual.greenGrams * (roastGrams / usual.roastedGrams);
  // Those that are roasted most come first.
  const left = [...lots]
    .sort((a, b) => b.roasts - a.roasts)
    .map(({ lot, leftGrams }) => ({ lotId: lot.id, leftGrams }));
  const listedOn = new Map(listed.map((day) => [day.date, day.batches]));
  const roasts = plan.roasts.map((roast) => ({ ...roast, listed: listedOn.get(localDay(date(roast.day))) ?? [] }));
  return {
    household,
    settings,
    usual,
    plan,
    date,
    gramsPerDay,
    roastGrams,
    greenGrams,
    mostBatches,
    basis,
    /** The roasts to come, each with what is on its day's list. */
    roasts,
    /** What the batches that are still to be put on the lists are of, roast by roast. */
    beans: beansAhead(roasts, greenGrams, left),
    green: greenAhead(roasts, greenGrams, left),
    nameOf: (lotId: string) => lots.find(({ lot }) => lot.id === lotId)?.lot.name ?? 'beans put away',
    /** Green for one batch at least. */
    hasGreen: beansAhead([{ batches: 1 }], greenGrams, left)[0]?.length === 1,
    headline: headline(plan, date),
    use: { text: shownUse, read: use, type: setUseText },
    roast: { text: shownRoast, read: roast, type: setRoastText },
    keepUse: () => {
      // A figure that nobody touched is not rounded by being looked at.
      if (!use.ok || useText === undefined) return;
      void saveHousehold(database(), { gramsPerPersonDay: Math.round(use.value * 10) / 10 });
      setUseText(undefined);
    },
    /** From what it is at that moment: two changes in quick succession are two changes. */
    change: (next: (ahead: Ahead) => Partial<Ahead>) =>
      void saveHousehold(database(), ({ ahead = PLAIN_AHEAD }) => ({ ahead: { ...ahead, ...next(ahead) } })),
  };
}

function headline({ roasts: [due], runsOutDay }: StockPlan, date: (day: number) => Date): string {
  const next = due?.day;
  if (next === undefined)
    return runsOutDay === undefined
      ? 'There is coffee for four weeks; no roast is due.'
      : 'No day is left on which a roast would help in time.';
  const when = next === 0 ? 'today' : next === 1 ? 'tomorrow' : `on ${format(date(next), 'EEEE d MMMM')}`;
  if (runsOutDay === undefined) return `The next roast is ${when}, as planned; there is coffee for four weeks.`;
  if (runsOutDay === 0) return `Nothing rested is left. Roast ${when}.`;
  return `Roast ${when}: what has rested lasts until ${runsOutDay === 1 ? 'today' : format(date(runsOutDay - 1), 'EEEE d MMMM')}.`;
}
