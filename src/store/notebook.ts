import { type ContentTable, canonical, contentTables, type Notebook, type NotebookContent } from '@/core/exchange';
import { applyChange } from './change.ts';
import type { Change, RowChange } from './changes.ts';
import { type GanderDatabase, HOUSEHOLD_KEY } from './database.ts';
import { getHousehold, householdChange } from './settings.ts';

/** Everything in the notebook, as a file holds it; roasts in order of time. */
export async function readContent(db: GanderDatabase): Promise<NotebookContent> {
  const household = await getHousehold(db);
  const rows = await Promise.all(
    contentTables.map(
      async (name) =>
        [name, await (name === 'roasts' ? db.roasts.orderBy('createdAt') : db.table(name)).toArray()] as const,
    ),
  );
  return { household, ...(Object.fromEntries(rows) as Omit<NotebookContent, 'household'>) };
}

/**
 * Which row wins where the notebook and the file both have one, and they differ; or the file alone, and what it does not have
 * goes.
 */
export type Preference = 'mine' | 'file' | 'replace';

/** Brings a file in: rows that are new are added, differing ones follow `preference`. Gives the change, for undo. */
export async function loadContent(
  db: GanderDatabase,
  incoming: NotebookContent,
  preference: Preference,
): Promise<Change> {
  const here = await readContent(db);
  const empty = here.roasts.length + here.lots.length + here.gear.length === 0;
  const takesSettings = incoming.household && (empty || preference !== 'mine');
  const settings = takesSettings ? [await householdChange(db, incoming.household ?? {})] : [];
  const rows = contentTables.flatMap((table) => tableChange(table, here, incoming, preference));
  const changed = settings.filter(({ before, after }) => canonical(before) !== canonical(after));
  return applyChange(db, [...rows, ...changed], 'readFromFile');
}

function tableChange(
  table: ContentTable,
  here: NotebookContent,
  incoming: NotebookContent,
  preference: Preference,
): RowChange[] {
  const mine = new Map<string, { id: string }>(here[table].map((row) => [row.id, row]));
  const theirs = new Set<string>(incoming[table].map(({ id }) => id));
  const gone =
    preference === 'replace' ? here[table].flatMap((before) => (theirs.has(before.id) ? [] : [{ table, before }])) : [];
  const come = incoming[table].flatMap((after) => {
    const before = mine.get(after.id);
    if (before && (preference === 'mine' || canonical(before) === canonical(after))) return [];
    return [{ table, before, after } as RowChange];
  });
  return [...(gone as RowChange[]), ...come];
}

/** Empties the database and fills it with a notebook; for the demo household, never for the user's own. */
export async function replaceContent(db: GanderDatabase, notebook: Notebook): Promise<void> {
  await db.transaction('rw', db.tables, async () => {
    for (const table of db.tables) await table.clear();
    for (const name of contentTables) await db.table(name).bulkAdd(notebook[name]);
    if (notebook.household) await db.household.add({ ...notebook.household, id: HOUSEHOLD_KEY });
  });
}
