import { type ContentTable, contentTables, type NotebookContent } from '@/core/exchange';
import type { Household } from '@/core/household';
import type { GanderDatabase } from './database.ts';

/** A notebook's content handed over some rows at a time: every table in the order of `contentTables`, an empty one as no rows. */
export interface ContentSource {
  readonly household?: Household | undefined;
  readonly visit: (take: (table: ContentTable, rows: readonly unknown[]) => void) => Promise<void>;
}

/** So many rows are read at once: a notebook of years never lies in memory whole. */
const AT_ONCE = 100;

/** Everything in the notebook at one moment; roasts in order of time. */
export function notebookSource(db: GanderDatabase, household: Household): ContentSource {
  const tables = contentTables.map((name) => db.table(name));
  const visit: ContentSource['visit'] = (take) =>
    db.transaction('r', tables, async () => {
      for (const name of contentTables) {
        const table = db.table(name);
        const keys = await (name === 'roasts' ? db.roasts.orderBy('createdAt') : table.toCollection()).primaryKeys();
        let from = 0;
        do {
          const rows = await table.bulkGet(keys.slice(from, from + AT_ONCE));
          take(
            name,
            rows.filter((row) => row !== undefined),
          );
          from += AT_ONCE;
        } while (from < keys.length);
      }
    });
  return { household, visit };
}

/** Content that lies in memory already. */
export const sourceOf = (content: NotebookContent): ContentSource => ({
  household: content.household,
  visit: async (take) => {
    for (const table of contentTables) take(table, content[table]);
  },
});

/** All of a source in memory. */
export async function collected({ household, visit }: ContentSource): Promise<NotebookContent> {
  const content = Object.fromEntries(contentTables.map((table) => [table, [] as unknown[]]));
  await visit((table, rows) => {
    for (const row of rows) content[table]?.push(row);
  });
  return { household, ...content } as unknown as NotebookContent;
}
