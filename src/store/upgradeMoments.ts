import type { Transaction } from 'dexie';
import { withNamedMoments } from '@/core/exchange';
import { digest } from '@/core/undo';

type Row = Record<string, unknown>;

/** A kept change as version 10 had it. */
interface OldChange {
  change: { table: string; before?: Row; after?: Row }[];
  made?: [string, string, number][];
}

/** Tables whose rows have a moment by the name of `at` in version 10. */
const CONTENT = ['lots', 'jars', 'cups', 'roasts'];
/** Tables of the device itself, whose rows are that moment's. */
const OWN = { sounds: 'begunAt', done: 'doneAt', bin: 'deletedAt', aside: 'asideAt' } as const;

/** The step from version 10: what is no second of a roast is not called `at` any more, in what can be had back too. */
export async function upgradeMoments(tx: Transaction): Promise<void> {
  // First, while rows are as they were when they were made: their digests tell whether they were changed since.
  for (const id of await tx.table('changes').toCollection().primaryKeys()) await keptChange(tx, id as string);
  for (const table of CONTENT) await contentOf(tx, table);
  for (const [table, name] of Object.entries(OWN))
    await tx
      .table(table)
      .toCollection()
      .modify((row: Row) => {
        row[name] = row.at;
        delete row.at;
        // As it was in the notebook, to be put back there.
        if (table === 'aside' && typeof row.row === 'object' && row.row !== null)
          row.row = withNamedMoments(String(row.table), row.row as Row);
      });
}

async function keptChange(tx: Transaction, id: string): Promise<void> {
  const kept = (await tx.table('changes').get(id)) as OldChange;
  for (const each of kept.change) {
    if (each.before) each.before = withNamedMoments(each.table, each.before);
    if (each.after) each.after = withNamedMoments(each.table, each.after);
  }
  for (const made of kept.made ?? []) {
    const [table, rowId, was] = made;
    const row = CONTENT.includes(table) ? ((await tx.table(table).get(rowId)) as Row | undefined) : undefined;
    if (row && digest(row) === was) made[2] = digest(withNamedMoments(table, row));
  }
  await tx.table('changes').put(kept);
}

async function contentOf(tx: Transaction, table: string): Promise<void> {
  for (const id of await tx.table(table).toCollection().primaryKeys()) {
    const row = (await tx.table(table).get(id)) as Row;
    const next = withNamedMoments(table, row);
    // Writing a roast makes it be learnt anew: only those with a photo are.
    if (JSON.stringify(next) !== JSON.stringify(row)) await tx.table(table).put(next);
  }
}
