import { type ContentTable, canonical, contentTables, type Notebook, type NotebookContent } from '@/core/exchange';
import type { Household } from '@/core/household';
import { applyChange, inOneGo, type Manner } from './change.ts';
import type { Change, RowChange } from './changes.ts';
import { type GanderDatabase, HOUSEHOLD_KEY } from './database.ts';
import { getHousehold, householdChange } from './settings.ts';

/** A notebook's content handed over some rows at a time: every table in the order of `contentTables`, an empty one as no rows. */
export interface ContentSource {
  readonly household?: Household | undefined;
  readonly visit: (take: (table: ContentTable, rows: readonly unknown[]) => void) => Promise<void>;
}

/** Content that lies in memory already, as a source. */
export const sourceOf = (content: NotebookContent): ContentSource => ({
  household: content.household,
  visit: async (take) => {
    for (const table of contentTables) take(table, content[table]);
  },
});

/** Everything in the notebook at one moment; roasts in order of time. */
export function notebookSource(db: GanderDatabase, household: Household): ContentSource {
  const tables = contentTables.map((name) => db.table(name));
  return { household, visit: (take) => db.transaction('r', tables, () => visitTables(db, take)) };
}

/** The same at once. */
export async function readContent(db: GanderDatabase): Promise<NotebookContent> {
  return collected(notebookSource(db, await getHousehold(db)));
}

/** All of a source in memory. */
export async function collected({ household, visit }: ContentSource): Promise<NotebookContent> {
  const rows = Object.fromEntries(contentTables.map((table) => [table, [] as unknown[]]));
  await visit((table, some) => {
    for (const row of some) rows[table]?.push(row);
  });
  return { household, ...rows } as unknown as NotebookContent;
}

async function visitTables(db: GanderDatabase, take: (table: ContentTable, rows: readonly unknown[]) => void) {
  for (const name of contentTables) {
    const keys = await (name === 'roasts'
      ? db.roasts.orderBy('createdAt')
      : db.table(name).toCollection()
    ).primaryKeys();
    const next = (from: number) => db.table(name).bulkGet(keys.slice(from, from + AT_ONCE));
    let reading = next(0);
    for (let from = 0; from < keys.length; from += AT_ONCE) {
      const these = await reading;
      // The browser reads on while these are taken.
      reading = next(from + AT_ONCE);
      take(
        name,
        these.filter((row) => row !== undefined),
      );
    }
    await reading;
    if (keys.length === 0) take(name, []);
  }
}

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
