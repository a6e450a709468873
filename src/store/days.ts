import { max } from 'd3-array';
import { subDays } from 'date-fns';
import type { Lot } from '@/core/bean';
import type { Gear } from '@/core/gear';
import { createId } from '@/core/ids';
import { type BatchRow, type DayBatch, dayId, goesOn, MOST_DAY_BATCHES, type RoastDay } from '@/core/plan';
import { milestonesOfRoast, pulledMs, type Roast } from '@/core/roast';
import { localDay } from '@/core/units';
import { changeRow } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/** The roast day of a date; undefined when nothing was noted for it. */
export function getDay(db: GanderDatabase, date: string): Promise<RoastDay | undefined> {
  return db.days.get(dayId(date));
}

/** The day that is roasted at a moment (`roastDate`), whether anything was noted for it or not. */
export async function dayRoasted(db: GanderDatabase, nowMs: number): Promise<RoastDay> {
  const date = await roastDate(db, nowMs);
  return (await getDay(db, date)) ?? emptyDay(date);
}

const emptyDay = (date: string): RoastDay => ({
  id: dayId(date),
  date,
  batches: [],
  ticked: [],
  createdAt: new Date().toISOString(),
});

/** Changes the day of a date, which is made when there is none; gives the change, for undo. */
export function editDay(db: GanderDatabase, date: string, next: (day: RoastDay) => Partial<RoastDay>): Promise<Change> {
  return changeRow(db, 'days', emptyDay(date), next);
}

/** What is said of a day with too many batches. */
function dayIsFull(batches: number): string {
  return `That would be ${batches} batches, and a day holds ${MOST_DAY_BATCHES}. Take less at once, or larger gear.`;
}

/** Puts batches at the end of a day; gives the change, for undo. Throws RangeError when they do not fit. */
export function addBatches(
  db: GanderDatabase,
  date: string,
  batches: readonly Omit<DayBatch, 'id'>[],
): Promise<Change> {
  return editDay(db, date, (day) => {
    const all = [...day.batches, ...batches.map((batch) => ({ ...batch, id: createId('batch', secureRandom) }))];
    if (all.length > MOST_DAY_BATCHES) throw new RangeError(dayIsFull(all.length));
    return { batches: all };
  });
}

/** The batches of a day in order, each with how far it is. A roast that was deleted counts as not begun. */
export async function batchRows(db: GanderDatabase, day: RoastDay | undefined): Promise<BatchRow[]> {
  if (!day) return [];
  const roasts = await db.roasts.bulkGet(day.batches.map((batch) => batch.roastId ?? ''));
  return day.batches.map((batch, i) => {
    const roast = roasts[i];
    return { batch, roast, reached: roast ? milestonesOfRoast(roast) : {} };
  });
}

const dayBefore = (moment: string | number) => localDay(subDays(new Date(moment), 1));

/** The date whose list is roasted at a moment: that day's own, or past midnight the evening's before as long as it goes on. */
export async function roastDate(db: GanderDatabase, nowMs: number): Promise<string> {
  const before = dayBefore(nowMs);
  return goesOn(await batchRows(db, await getDay(db, before)), nowMs) ? before : localDay(nowMs);
}

/** The day on whose list a roast stands: its own or, past midnight, the one before. */
async function dayListing(db: GanderDatabase, roast: Roast): Promise<RoastDay | undefined> {
  const began = roast.chargedAt ?? roast.createdAt;
  const days = await Promise.all([getDay(db, localDay(began)), getDay(db, dayBefore(began))]);
  return days.find((day) => day?.batches.some(({ roastId }) => roastId === roast.id));
}

/** Where a roast stands in its day: the batch to roast after it, or that it was the last. */
export interface DayCarriesOn {
  readonly date: string;
  /** Undefined when all batches of the day are roasted. */
  readonly next:
    | { readonly batch: DayBatch; readonly lot: Lot | undefined; readonly gear: Gear | undefined }
    | undefined;
  /** When the gear of the next batch was last pulled, Unix milliseconds; undefined when not on that day. */
  readonly lastPullMs: number | undefined;
  readonly left: number;
}

/** How the day of a roast goes on; undefined for a roast of no day. */
export async function dayAfter(db: GanderDatabase, roast: Roast): Promise<DayCarriesOn | undefined> {
  const day = await dayListing(db, roast);
  if (!day) return undefined;
  const rows = await batchRows(db, day);
  const open = rows.filter((row) => row.roast === undefined);
  const batch = open[0]?.batch;
  if (!batch) return { date: day.date, next: undefined, lastPullMs: undefined, left: 0 };
  const [lot, gear] = await Promise.all([db.lots.get(batch.lotId), db.gear.get(batch.gearId)]);
  const pulls = rows.flatMap((row) =>
    row.batch.gearId === batch.gearId && row.roast ? (pulledMs(row.roast) ?? []) : [],
  );
  return {
    date: day.date,
    next: { batch, lot, gear },
    lastPullMs: max(pulls),
    left: open.length,
  };
}

/** Roasts that were begun on a date and are on no list, oldest first. */
export async function roastsBesides(db: GanderDatabase, date: string): Promise<Roast[]> {
  const from = new Date(`${date}T00:00`);
  const to = new Date(from.getFullYear(), from.getMonth(), from.getDate() + 1);
  const roasts = await db.roasts
    .where('createdAt')
    .between(from.toISOString(), to.toISOString(), true, false)
    .toArray();
  const listing = await Promise.all(roasts.map((roast) => dayListing(db, roast)));
  return roasts.filter((_, i) => !listing[i]);
}

/** Puts a roast that was begun without the day on its list; gives the change, for undo. */
export function putOnDay(db: GanderDatabase, date: string, roast: Roast): Promise<Change> {
  return addBatches(db, date, [
    {
      lotId: roast.lotId,
      gearId: roast.gearId,
      greenGrams: roast.greenGrams,
      shade: roast.wantedShade,
      roastId: roast.id,
    },
  ]);
}

/** The last days with batches before a date, newest first. */
export function earlierDays(db: GanderDatabase, date: string, most = 10): Promise<RoastDay[]> {
  return db.days
    .where('date')
    .below(date)
    .reverse()
    .filter(({ batches }) => batches.length > 0)
    .limit(most)
    .toArray();
}

/** What of a day's list is yet to be roasted. */
export interface ListedDay {
  readonly date: string;
  readonly batches: readonly DayBatch[];
}

/** The batches that are yet to be roasted on each day from one on, in the order of the days; days without any are absent. */
export async function listedDays(db: GanderDatabase, fromDate: string): Promise<ListedDay[]> {
  const days = await db.days.where('date').aboveOrEqual(fromDate).sortBy('date');
  const rows = await Promise.all(days.map((day) => batchRows(db, day)));
  return days.flatMap(({ date }, i) => {
    const batches = (rows[i] ?? []).flatMap(({ batch, roast }) => (roast ? [] : batch));
    return batches.length > 0 ? [{ date, batches }] : [];
  });
}
