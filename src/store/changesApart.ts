import type { Transaction } from 'dexie';

/** A line of the lists of version 7, which held its change. */
interface OldLine {
  id: string;
  change?: { table: string; before?: { id: string } & Record<string, unknown> }[];
  rows?: number;
  called?: string;
  gone?: [string, string][];
}

/** What a row was called in version 7, as far as it said. A step between versions has its own helpers, which never change. */
const NAMES = ['name', 'nickname', 'question', 'date', 'chargedAt', 'createdAt', 'at', 'id'];

/** Takes the changes out of the lists of what was done and deleted, into a table of their own. */
export async function changesApart(tx: Transaction): Promise<void> {
  for (const list of ['done', 'bin'])
    for (const id of await tx.table(list).toCollection().primaryKeys()) {
      const { change = [], ...line } = (await tx.table(list).get(id)) as OldLine;
      await tx.table('changes').put({ id, change });
      const first = change[0]?.before;
      if (list === 'done') line.rows = change.length;
      else {
        line.called = String(first?.[NAMES.find((key) => typeof first[key] === 'string') ?? 'id'] ?? '').slice(0, 60);
        line.gone = change.map(({ table, before }) => [table, before?.id ?? '']);
      }
      await tx.table(list).put(line);
    }
}
