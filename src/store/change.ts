import type { Lot } from '@/core/bean';
import { contentTables } from '@/core/exchange';
import type { Experiment } from '@/core/experiment';
import type { Gear } from '@/core/gear';
import type { JournalView } from '@/core/journal';
import type { RoastDay } from '@/core/plan';
import type { Recipe } from '@/core/recipe';
import { isUnderWay, type Roast } from '@/core/roast';
import type { Jar } from '@/core/shelf';
import type { Cup, Flight, FlightKey } from '@/core/taste';
import { type GanderDatabase, requireWritable } from './database.ts';

interface Rows {
  lots: Lot;
  gear: Gear;
  roasts: Roast;
  days: RoastDay;
  jars: Jar;
  cups: Cup;
  flights: Flight;
  flightKeys: FlightKey;
  recipes: Recipe;
  experiments: Experiment;
  journalViews: JournalView;
}
type TableName = keyof Rows;

/** One row before and after; absent before means it is new, absent after means it goes. */
export type RowChange = {
  [T in TableName]: { readonly table: T; readonly before?: Rows[T] | undefined; readonly after?: Rows[T] | undefined };
}[TableName];

/** A change to the notebook as a value: it can be kept, shown, and turned round to undo it. */
export type Change = readonly RowChange[];

/** The change that takes `change` back. */
export function invertChange(change: Change): Change {
  return change.map(({ table, before, after }) => ({ table, before: after, after: before }) as RowChange).reverse();
}

/** Reads and writes the notebook in one transaction, so that no other tab writes in between. */
export async function inOneGo<T>(db: GanderDatabase, work: () => Promise<T>): Promise<T> {
  await requireWritable(db);
  return db.transaction('rw', [...contentTables.map((name) => db.table(name)), db.underWay], work);
}

/** Writes a change in one transaction, all of it or nothing, and gives it, for undo. */
export function applyChange(db: GanderDatabase, change: Change): Promise<Change> {
  return inOneGo(db, async () => {
    for (const row of change) {
      const table = db.table(row.table);
      if (row.after) await table.put(row.after);
      else if (row.before) await table.delete(row.before.id);
      if (row.table === 'roasts') await settleUnderWay(db, row.before, row.after);
    }
    return change;
  });
}

/**
 * Keeps the list of busy gear true after a roast changed; runs inside the caller's transaction.
 * Gear that is busy with another roast stays with it.
 */
export async function settleUnderWay(
  db: GanderDatabase,
  before: Roast | undefined,
  after: Roast | undefined,
): Promise<void> {
  const id = after?.id ?? before?.id;
  if (after && isUnderWay(after)) {
    if (!(await db.underWay.get(after.gearId))) await db.underWay.put({ gearId: after.gearId, roastId: after.id });
  } else if (id) await db.underWay.where('roastId').equals(id).delete();
}

/**
 * Changes one row, which is made when there is none, and gives the change, for undo. `row` is as it was last seen; `next` gets
 * it as it stands now, so that what another tab wrote meanwhile stays.
 */
export function changeRow<T extends TableName>(
  db: GanderDatabase,
  table: T,
  row: Rows[T],
  next: (now: Rows[T]) => Partial<Rows[T]>,
): Promise<Change> {
  return inOneGo(db, async () => {
    const before = (await db.table(table).get(row.id)) as Rows[T] | undefined;
    const now = before ?? row;
    return applyChange(db, [{ table, before, after: { ...now, ...next(now) } }] as unknown as Change);
  });
}
