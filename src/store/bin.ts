import { contentTables } from '@/core/exchange';
import type { Change, Deleted, RowChange } from './changes.ts';
import type { GanderDatabase } from './database.ts';

/** So long deleted things can be had back. */
export const BIN_DAYS = 30;
const DAY_MS = 86_400_000;

const isContent = ({ table }: RowChange) => (contentTables as readonly string[]).includes(table);

/** Puts what a change deletes into the bin; runs inside the transaction that deletes it. */
export async function keepInBin(db: GanderDatabase, change: Change): Promise<void> {
  const gone = change.filter((row) => isContent(row) && row.before && !row.after);
  const [first] = gone;
  if (!first?.before) return;
  const now = Date.now();
  await db.bin
    .where('at')
    .below(new Date(now - BIN_DAYS * DAY_MS).toISOString())
    .delete();
  await db.bin.put({ id: `${now}/${first.before.id}`, at: new Date(now).toISOString(), change: gone });
}

/** What can be had back, newest first; not what is there again. */
export async function inBin(db: GanderDatabase, nowMs: number): Promise<Deleted[]> {
  const since = new Date(nowMs - BIN_DAYS * DAY_MS).toISOString();
  const all = await db.bin.where('at').aboveOrEqual(since).reverse().toArray();
  const there = await Promise.all(
    all.map(async ({ change }) => {
      const found = await Promise.all(change.map(({ table, before }) => db.table(table).get(before?.id ?? '')));
      return found.every((row) => row !== undefined);
    }),
  );
  return all.filter((_, i) => !there[i]);
}

/** Takes things out of the bin for good. */
export function emptyBin(db: GanderDatabase, ids: readonly string[]): Promise<void> {
  return db.bin.bulkDelete([...ids]);
}
