import { digest } from '@/core/undo';
import type { Change, Done, KeptChange, RowChange, TableName } from './changes.ts';
import type { GanderDatabase } from './database.ts';

/** So many are kept: some weeks of a busy household. */
const MOST_DONE = 60;

/** Puts what was done on the list, once; what is too old for it goes. */
export async function keepDone(db: GanderDatabase, done: Done, change: Change): Promise<void> {
  const kept = keptChange(done.id, change);
  await db.transaction('rw', db.done, db.changes, async () => {
    if (await db.done.get(done.id)) return;
    await db.done.add(done);
    await db.changes.put(kept);
    const tooMany = (await db.done.count()) - MOST_DONE;
    if (tooMany <= 0) return;
    const old = await db.done.orderBy('doneAt').limit(tooMany).primaryKeys();
    await db.done.bulkDelete(old);
    await db.changes.bulkDelete(old);
  });
}

/** What was done lately, newest first. */
export function doneLately(db: GanderDatabase): Promise<Done[]> {
  return db.done.orderBy('doneAt').reverse().toArray();
}

/** What a line of a list changed. Throws where it is gone, which only another tab can have brought about. */
export async function changeOf(db: GanderDatabase, id: string): Promise<Change> {
  const kept = await db.changes.get(id);
  if (!kept) throw new RangeError('That is too old to be taken back, or another tab has cleared it.');
  const made: RowChange[] = [];
  for (const table of new Set(kept.made?.map(([each]) => each))) {
    const rows = kept.made?.filter(([each]) => each === table) ?? [];
    const now = await db.table(table).bulkGet(rows.map(([, rowId]) => rowId));
    // One that was changed since is only named: it is no longer what was made.
    for (const [i, [, rowId, was]] of rows.entries())
      made.push({ table, after: now[i] && digest(now[i]) === was ? now[i] : { id: rowId } } as RowChange);
  }
  return [...kept.change, ...made];
}

function keptChange(id: string, change: Change): KeptChange {
  const made: [TableName, string, number][] = [];
  const rest: RowChange[] = [];
  for (const row of change)
    if (!row.before && row.after) made.push([row.table, row.after.id, digest(row.after)]);
    else rest.push(row);
  return { id, change: rest, ...(made.length > 0 ? { made } : {}) };
}
