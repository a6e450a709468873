import { type ContentTable, canonical, contentTables, type Notebook, type NotebookContent } from '@/core/exchange';
import { applyChange, inOneGo, type Manner } from './change.ts';
import type { Change, RowChange } from './changes.ts';
import { type GanderDatabase, HOUSEHOLD_KEY } from './database.ts';
import { householdChange } from './settings.ts';

/**
 * Which row wins where the notebook and the file both have one, and they differ; or the file alone, and what it does not have
 * goes.
 */
export type Preference = 'mine' | 'file' | 'replace';

/** How the rows of a file stand to those that are here already, by id. */
export interface ContentComparison {
  readonly table: ContentTable;
  readonly fresh: number;
  readonly same: number;
  readonly differing: number;
}

/** Counts, table by table, which rows of a file are new here, the same, or differ from the row with the same id. */
export async function compareContent(db: GanderDatabase, incoming: NotebookContent): Promise<ContentComparison[]> {
  const counts: ContentComparison[] = [];
  for (const table of contentTables) {
    const count = { table, fresh: 0, same: 0, differing: 0 };
    await besideMine(db, table, incoming, (before, after) => {
      if (!before) count.fresh++;
      else if (canonical(before) === canonical(after)) count.same++;
      else count.differing++;
    });
    counts.push(count);
  }
  return counts;
}

type Row = { readonly id: string };
/** So many rows are held beside each other at once, since a notebook of years is large. */
const AT_ONCE = 100;

/** Goes through a file's rows of a table, each with the row here of the same id. */
async function besideMine(
  db: GanderDatabase,
  table: ContentTable,
  incoming: NotebookContent,
  visit: (before: Row | undefined, after: Row) => void,
): Promise<void> {
  const here = new Set(await db.table(table).toCollection().primaryKeys());
  const known: Row[] = [];
  for (const row of incoming[table]) {
    if (here.has(row.id)) known.push(row);
    else visit(undefined, row);
  }
  for (let from = 0; from < known.length; from += AT_ONCE) {
    const some = known.slice(from, from + AT_ONCE);
    const mine: (Row | undefined)[] = await db.table(table).bulkGet(some.map(({ id }) => id));
    for (const [i, after] of some.entries()) visit(mine[i], after);
  }
}

/** Brings a file in: rows that are new are added, differing ones follow `preference`. Gives the change, for undo. */
export function loadContent(
  db: GanderDatabase,
  incoming: NotebookContent,
  preference: Preference,
  manner: Omit<Manner, 'readFromFile'> = {},
): Promise<Change> {
  return inOneGo(db, async () => {
    const rows: RowChange[] = [];
    for (const table of contentTables) rows.push(...(await tableChange(db, table, incoming, preference)));
    rows.push(...(await settingsChange(db, incoming, preference)));
    return applyChange(db, rows, { ...manner, readFromFile: true });
  });
}

async function tableChange(
  db: GanderDatabase,
  table: ContentTable,
  incoming: NotebookContent,
  preference: Preference,
): Promise<RowChange[]> {
  const rows: { table: ContentTable; before?: Row | undefined; after?: Row }[] = [];
  if (preference === 'replace') {
    const theirs = new Set<string>(incoming[table].map(({ id }) => id));
    const ids = (await db.table(table).toCollection().primaryKeys()) as string[];
    const gone = await db.table(table).bulkGet(ids.filter((id) => !theirs.has(id)));
    rows.push(...gone.map((before) => ({ table, before })));
  }
  await besideMine(db, table, incoming, (before, after) => {
    if (before && (preference === 'mine' || canonical(before) === canonical(after))) return;
    rows.push({ table, before, after });
  });
  return rows as RowChange[];
}

/** The file's settings, where it has any and they are wanted: in an empty notebook they always are. */
async function settingsChange(
  db: GanderDatabase,
  { household }: NotebookContent,
  preference: Preference,
): Promise<RowChange[]> {
  if (!household) return [];
  const rows = (await db.roasts.count()) + (await db.lots.count()) + (await db.gear.count());
  if (rows > 0 && preference === 'mine') return [];
  const change = await householdChange(db, household);
  return canonical(change.before) === canonical(change.after) ? [] : [change];
}

/** Empties the database and fills it with a notebook; for the demo household, never for the user's own. */
export async function replaceContent(db: GanderDatabase, notebook: Notebook): Promise<void> {
  await db.transaction('rw', db.tables, async () => {
    for (const table of db.tables) await table.clear();
    for (const name of contentTables) await db.table(name).bulkAdd(notebook[name]);
    if (notebook.household) await db.household.add({ ...notebook.household, id: HOUSEHOLD_KEY });
  });
}
