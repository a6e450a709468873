import { sum } from 'd3-array';
import { addDays, differenceInCalendarDays, parseISO } from 'date-fns';
import { type Ahead, gramsADay, gramsOnDay, type Household } from '@/core/household';
import {
  batchesWithin,
  MOST_DAY_BATCHES,
  type PlannedDay,
  type StockPlan,
  stockAhead,
  tableLossPercent,
  windowDays,
} from '@/core/plan';
import { drinkingWindow } from '@/core/shelf';
import { localDay } from '@/core/units';
import type { GanderDatabase } from './database.ts';
import { type ListedDay, listedDays } from './days.ts';
import { type LotStock, lotsWithStock } from './larder.ts';
import { type JarNow, onShelf, stockJars } from './shelf.ts';
import { type UsualBatch, usualBatch } from './usualBatch.ts';

/** What a household that never said anything of it plans by: few days, and two hours at most. */
export const PLAIN_AHEAD: Ahead = { weekdays: [], minutesADay: 120, guests: [], away: [] };

/** What the weeks ahead are planned from. */
export interface AheadData {
  readonly jars: readonly JarNow[];
  readonly lots: readonly LotStock[];
  readonly usual: UsualBatch;
  /** Today's list and those of the days after it. */
  readonly listed: readonly ListedDay[];
}

/** All of it but the shelf. */
export async function readAhead(db: GanderDatabase, now = new Date()): Promise<Omit<AheadData, 'jars'>> {
  const [lots, usual, listed] = await Promise.all([lotsWithStock(db), usualBatch(db), listedDays(db, localDay(now))]);
  return { lots, usual, listed };
}

/** Batches that one of its roast days has time for. */
export function mostBatchesOf({ ahead = PLAIN_AHEAD }: Household, usual: UsualBatch): number {
  return Math.min(MOST_DAY_BATCHES, batchesWithin(ahead.minutesADay, usual.roastS, usual.coolDownMin));
}

/** The four weeks from use, stock, the lists and the days that were chosen: the one answer to "when is the next roast due". */
export function stockPlanOf(
  { jars, usual, listed }: Omit<AheadData, 'lots'>,
  household: Household,
  roastGrams = usual.roastedGrams,
  now = new Date(),
): StockPlan {
  const { weekdays } = household.ahead ?? PLAIN_AHEAD;
  const today = localDay(now);
  // What was noted today is drunk already; the rest of the day is not drawn twice.
  const noted = jars.some(({ row }) =>
    row.events.some(({ kind, doneAt }) => kind === 'use' && localDay(doneAt) === today),
  );
  return stockAhead({
    jars: stockJars(onShelf(jars), now.getTime()),
    gramsPerDay: gramsADay(household),
    gramsOn: (day) => (day === 0 && noted ? 0 : gramsOnDay(household, localDay(addDays(now, day)))),
    roastGrams,
    planned: listed.map((day) => plannedDay(day, usual, now)),
    ...windowDays(usual.shade, household.restSchool),
    freshDays: drinkingWindow(usual.shade, household.restSchool).bestDays,
    mostBatches: mostBatchesOf(household, usual),
    fewDays: weekdays.length === 0,
    mayRoast: (day) => weekdays.length === 0 || weekdays.includes(addDays(now, day).getDay()),
  });
}

/** What a list gives: each batch loses what the usual one does, more or less by its shade. */
function plannedDay({ date, batches }: ListedDay, usual: UsualBatch, now: Date): PlannedDay {
  const given = usual.roastedGrams / usual.greenGrams;
  const shareOf = (shade: UsualBatch['shade']) =>
    given - (tableLossPercent(shade) - tableLossPercent(usual.shade)) / 100;
  return {
    day: differenceInCalendarDays(parseISO(date), now),
    batches: batches.length,
    grams: sum(batches, ({ greenGrams, shade }) => greenGrams * shareOf(shade)),
  };
}
