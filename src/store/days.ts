import { createId } from '@/core/ids';
import { type DayBatch, dayId, type RoastDay } from '@/core/plan';
import { type Milestones, milestonesOfRoast, type Roast } from '@/core/roast';
import { type Change, changeRow } from './change.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/** The household's calendar day of a moment, by the device's own time zone: `2026-11-24`. */
export function dayOf(date: Date): string {
  const two = (value: number) => String(value).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** The roast day of a date; undefined when nothing was noted for it. */
export function getDay(db: GanderDatabase, date: string): Promise<RoastDay | undefined> {
  return db.days.get(dayId(date));
}

/** Changes the day of a date, which is made when there is none; gives the change, for undo. */
export function editDay(db: GanderDatabase, date: string, next: (day: RoastDay) => Partial<RoastDay>): Promise<Change> {
  const empty = { id: dayId(date), date, batches: [], ticked: [], createdAt: new Date().toISOString() };
  return changeRow(db, 'days', empty, next);
}

/** Puts batches at the end of a day; gives the change, for undo. */
export function addBatches(
  db: GanderDatabase,
  date: string,
  batches: readonly Omit<DayBatch, 'id'>[],
): Promise<Change> {
  return editDay(db, date, (day) => ({
    batches: [...day.batches, ...batches.map((batch) => ({ ...batch, id: createId('batch', secureRandom) }))],
  }));
}

/** A batch of a day with its roast, once it has one. */
export interface BatchRow {
  readonly batch: DayBatch;
  readonly roast: Roast | undefined;
  readonly reached: Milestones;
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
