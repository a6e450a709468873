import { contentTables } from '@/core/exchange';
import { isUnderWay, type Roast } from '@/core/roast';
import type { Change, Rows, TableName } from './changes.ts';
import { type GanderDatabase, requireWritable } from './database.ts';

/** Loaded with the first change: it brings the file's schemas, which a page that only reads does not need. */
let rulebook: typeof import('./rulebook.ts') | undefined;

/** Reads and writes the notebook in one transaction, so that no other tab writes in between. */
export async function inOneGo<T>(db: GanderDatabase, work: () => Promise<T>): Promise<T> {
  await requireWritable(db);
  // Before the transaction, which would end while a file is fetched.
  rulebook ??= await import('./rulebook.ts');
  return db.transaction(
    'rw',
    [...contentTables.map((name) => db.table(name)), db.underWay, db.household, db.bin],
    work,
  );
}

/**
 * Writes a change in one transaction, all of it or nothing, and gives it, for undo. Throws RefusedError for a change that
 * would make a notebook which does not open again; rows that were read from a file were looked at when it was read.
 */
export function applyChange(db: GanderDatabase, change: Change, rows?: 'readFromFile'): Promise<Change> {
  return inOneGo(db, async () => {
    if (rows !== 'readFromFile') rulebook?.requireSound(change);
    for (const row of change) {
      const table = db.table(row.table);
      if (row.after) await table.put(row.after);
      else if (row.before) await table.delete(row.before.id);
      if (row.table === 'roasts') await settleUnderWay(db, row.before, row.after);
    }
    await rulebook?.requireWhole(db, change);
    await rulebook?.keepInBin(db, change);
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
  if (id && before && before.gearId !== after?.gearId) await db.underWay.where('roastId').equals(id).delete();
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
