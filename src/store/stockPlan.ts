import { addDays } from 'date-fns';
import { type Ahead, gramsADay, gramsOnDay, type Household } from '@/core/household';
import { batchesWithin, MOST_DAY_BATCHES, type StockPlan, stockAhead, windowDays } from '@/core/plan';
import { drinkingWindow } from '@/core/shelf';
import { localDay } from '@/core/units';
import { type JarNow, onShelf, stockJars } from './shelf.ts';
import type { UsualBatch } from './usualBatch.ts';

/** What a household that never said anything of it plans by: few days, and two hours at most. */
export const PLAIN_AHEAD: Ahead = { weekdays: [], minutesADay: 120, guests: [], away: [] };

/** Batches that one of its roast days has time for. */
export function mostBatchesOf({ ahead = PLAIN_AHEAD }: Household, usual: UsualBatch): number {
  return Math.min(MOST_DAY_BATCHES, batchesWithin(ahead.minutesADay, usual.roastS, usual.coolDownMin));
}

/** The four weeks from use, stock and the days that were chosen: the one answer to "when is the next roast due". */
export function stockPlanOf(
  jars: readonly JarNow[],
  usual: UsualBatch,
  household: Household,
  roastGrams = usual.roastedGrams,
  now = new Date(),
): StockPlan {
  const { weekdays } = household.ahead ?? PLAIN_AHEAD;
  const today = localDay(now);
  // What was noted today is drunk already; the rest of the day is not drawn twice.
  const noted = jars.some(({ row }) => row.events.some(({ kind, at }) => kind === 'use' && localDay(at) === today));
  return stockAhead({
    jars: stockJars(onShelf(jars), now.getTime()),
    gramsPerDay: gramsADay(household),
    gramsOn: (day) => (day === 0 && noted ? 0 : gramsOnDay(household, localDay(addDays(now, day)))),
    roastGrams,
    ...windowDays(usual.shade, household.restSchool),
    freshDays: drinkingWindow(usual.shade, household.restSchool).bestDays,
    mostBatches: mostBatchesOf(household, usual),
    fewDays: weekdays.length === 0,
    mayRoast: (day) => weekdays.length === 0 || weekdays.includes(addDays(now, day).getDay()),
  });
}
