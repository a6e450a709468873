import { type ContentTable, contentTables } from './contentTables.ts';
import type { NotebookContent } from './notebook.ts';

/** How the rows of a file stand to those that are here already, by id. */
export interface ContentComparison {
  readonly table: ContentTable;
  readonly fresh: number;
  readonly same: number;
  readonly differing: number;
}

/** Counts, table by table, which rows of `incoming` are new, the same, or differ from the row here with the same id. */
export function compareContent(here: NotebookContent, incoming: NotebookContent): ContentComparison[] {
  return contentTables.map((table) => {
    const known = new Map<string, string>(here[table].map((row) => [row.id, canonical(row)]));
    const counts = { table, fresh: 0, same: 0, differing: 0 };
    for (const row of incoming[table]) {
      const mine = known.get(row.id);
      if (mine === undefined) counts.fresh++;
      else if (mine === canonical(row)) counts.same++;
      else counts.differing++;
    }
    return counts;
  });
}

/** JSON with its keys in order and absent values left out, so that equal rows give equal text. */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_, each: unknown) =>
    typeof each === 'object' && each !== null && !Array.isArray(each)
      ? Object.fromEntries(
          Object.entries(each)
            .filter(([, v]) => v !== undefined)
            .sort(([a], [b]) => (a < b ? -1 : 1)),
        )
      : each,
  );
}
