import { type ContentTable, calledOf, contentTables } from '@/core/exchange';
import { DAY_MS } from '@/core/units';
import type { Change, Deleted, RowChange } from './changes.ts';
import type { GanderDatabase } from './database.ts';

/** So long deleted things can be had back. */
export const BIN_DAYS = 30;

/** What was deleted before this is gone for good. */
const sinceOf = (nowMs: number) => new Date(nowMs - BIN_DAYS * DAY_MS).toISOString();

const isContent = ({ table }: RowChange) => (contentTables as readonly string[]).includes(table);

/** Puts what a change deletes into the bin; runs inside the transaction that deletes it. */
export async function keepInBin(db: GanderDatabase, change: Change): Promise<void> {
  const gone = change.filter((row) => isContent(row) && row.before && !row.after);
  const [first] = gone;
  if (!first?.before) return;
  const now = Date.now();
  const old = await db.bin.where('deletedAt').below(sinceOf(now)).primaryKeys();
  await emptyBin(db, old);
  const id = `${now}/${first.before.id}`;
  await db.changes.put({ id, change: gone });
  await db.bin.put({
    id,
    deletedAt: new Date(now).toISOString(),
    called: calledOf(first.before),
    gone: gone.map(({ table, before }) => [table as ContentTable, before?.id ?? '']),
  });
}

/** What can be had back, newest first; not what is there again. */
export async function inBin(db: GanderDatabase, nowMs: number): Promise<Deleted[]> {
  const all = await db.bin.where('deletedAt').aboveOrEqual(sinceOf(nowMs)).reverse().toArray();
  const there = await Promise.all(all.map((deleted) => areThere(db, deleted)));
  // What was deleted, had back and deleted again is there once, as it was last.
  const listed = new Set<string>();
  return all.filter(({ gone }, i) => {
    const names = gone.map(([table, id]) => `${table} ${id}`);
    const isNew = names.some((name) => !listed.has(name));
    for (const name of names) listed.add(name);
    return isNew && !there[i];
  });
}

/** The rows of a table that can still be had back. */
export async function idsInBin(db: GanderDatabase, of: ContentTable, nowMs: number): Promise<ReadonlySet<string>> {
  const lines = await db.bin.where('deletedAt').aboveOrEqual(sinceOf(nowMs)).toArray();
  return new Set(lines.flatMap(({ gone }) => gone.flatMap(([table, id]) => (table === of ? [id] : []))));
}

/** Whether all of it is in the notebook again. */
async function areThere(db: GanderDatabase, { gone }: Deleted): Promise<boolean> {
  for (const table of new Set(gone.map(([each]) => each))) {
    const ids = gone.flatMap(([each, id]) => (each === table ? [id] : []));
    if ((await db.table(table).where('id').anyOf(ids).count()) < ids.length) return false;
  }
  return true;
}

/** Takes things out of the bin for good. */
export async function emptyBin(db: GanderDatabase, ids: readonly string[]): Promise<void> {
  await db.transaction('rw', db.bin, db.changes, async () => {
    await db.bin.bulkDelete([...ids]);
    await db.changes.bulkDelete([...ids]);
  });
}
