import { failure, type Issue, type Result, success } from '../issues/index.ts';
import { type ContentTable, contentTables, noContent } from './contentTables.ts';
import type { Notebook, NotebookContent } from './notebook.ts';
import { readNotebookFile } from './parseNotebook.ts';
import { danglingRows } from './references.ts';
import { rowFault, rowWithoutBadThings } from './rowFault.ts';

/** A row that could not be taken in, as the file had it. */
export interface LeftOut {
  readonly table: ContentTable | 'household';
  /** Its own id, as far as it has one. */
  readonly id: unknown;
  /** What it is called, as far as it says: a lot's name, the day of a roast. */
  readonly called: string;
  readonly why: Issue;
  /** As the file had it: the row, or those things in its lists that were left out of it. */
  readonly row: unknown;
  /** Only a part of the row was left out; the rest of it is in. */
  readonly part?: true;
  /** Rows name it, so what could be read of it stands in its place. */
  readonly standsIn?: true;
}

/** What could be read of a notebook file, and what could not. */
export interface Salvaged {
  readonly notebook: Notebook;
  readonly leftOut: readonly LeftOut[];
  /** The file breaks off; what comes after that place is not in it. */
  readonly cutOff: boolean;
}

/**
 * Takes in all of a damaged file but its bad rows: those of a wrong shape, those that name what is not there, the second of
 * two with one id. A file that was cut off gives what stood before the cut. Refuses only what is no notebook at all, or
 * of a newer Gander. Never throws.
 */
export function salvageNotebook(text: string): Result<Salvaged> {
  const leftOut: LeftOut[] = [];
  const clean = (raw: Record<string, unknown>) => withoutNothings(raw, leftOut);
  const whole = readNotebookFile(text, clean);
  const mended = whole.ok ? undefined : closed(text);
  const read = mended === undefined ? whole : readNotebookFile(mended, clean);
  if (!read.ok) return failure(...(whole.ok ? read : whole).issues);
  const { format, version, savedAt } = read.value;
  const sound = salvageContent(read.value);
  return success({
    notebook: {
      ...sound.content,
      format,
      version,
      savedAt: isTime(savedAt) ? savedAt : new Date(0).toISOString(),
    } as unknown as Notebook,
    leftOut: [...leftOut, ...sound.leftOut],
    cutOff: mended !== undefined,
  });
}

/** What is sound of tables of rows of today's shape, and what is not. Sound rows are given as they are, not copied. */
export function salvageContent(rows: Readonly<Record<string, unknown>>): {
  readonly content: NotebookContent;
  readonly leftOut: readonly LeftOut[];
} {
  const leftOut: LeftOut[] = [];
  const content: Record<string, unknown[]> = {};
  for (const table of contentTables) {
    const seen = new Set<unknown>();
    const all = Array.isArray(rows[table]) ? (rows[table] as unknown[]) : [];
    content[table] = all.flatMap((row, i) => {
      const { id } = row as { id?: unknown };
      const why = seen.has(id) ? twice(table, i) : rowFault(table, row);
      if (!why) {
        seen.add(id);
        return [row];
      }
      const mended = seen.has(id) ? undefined : rowWithoutBadThings(table, row);
      leftOut.push({
        table,
        id,
        called: calledOf(row),
        why,
        row: mended ? mended.left : row,
        ...(mended ? { part: true } : {}),
      });
      if (mended) seen.add(id);
      return mended ? [mended.row] : [];
    });
  }
  const { household } = rows;
  const householdFault = household === undefined ? undefined : rowFault('household', household);
  if (householdFault)
    leftOut.push({
      table: 'household',
      id: 'household',
      called: 'the settings',
      why: householdFault,
      row: household,
    });
  const read = {
    ...noContent,
    ...content,
    ...(household !== undefined && !householdFault ? { household } : {}),
  } as unknown as NotebookContent;
  const stood = withStandIns(read, leftOut);
  return withoutDangling(stood.content, stood.leftOut);
}

/** A row that is no row at all would stop the steps from older versions. */
function withoutNothings(raw: Record<string, unknown>, leftOut: LeftOut[]): Record<string, unknown> {
  const file = { ...raw };
  for (const table of contentTables) {
    const rows = file[table];
    if (!Array.isArray(rows)) continue;
    file[table] = rows.filter((row, i) => {
      const is = typeof row === 'object' && row !== null && !Array.isArray(row);
      const why = { code: 'shape' as const, path: [table, i], detail: 'this is no row' };
      if (!is) leftOut.push({ table, id: undefined, called: calledOf(row), why, row });
      return is;
    });
  }
  return file;
}

/** What stands in for beans or gear that cannot be read, so that the roasts that name them need not go. */
const standIns = {
  lots: { name: 'Beans that could not be read', origin: 'not known', process: 'other', packs: [{ grams: 1 }] },
  gear: { nickname: 'Gear that could not be read', method: 'other' },
} as const;

/** What can be read of a row, over what stands in for the rest; undefined where even that makes no row. */
export function readableRow(
  table: ContentTable,
  row: unknown,
  standIn: Readonly<Record<string, unknown>>,
): object | undefined {
  let read: Record<string, unknown> = { ...standIn };
  if (rowFault(table, read) !== undefined) return undefined;
  for (const [key, value] of Object.entries((row ?? {}) as object)) {
    const sound = Array.isArray(value) ? soundThings(table, read, key, value) : value;
    if (rowFault(table, { ...read, [key]: sound }) === undefined) read = { ...read, [key]: sound };
  }
  return read;
}

/** Of a list, the things that the row can have. */
function soundThings(table: ContentTable, row: object, key: string, all: readonly unknown[]): unknown[] {
  const mended = rowWithoutBadThings(table, { ...row, [key]: all })?.row as Record<string, unknown[]> | undefined;
  return mended?.[key] ?? [...all];
}

/** Beans and gear that rows name and that are not there get a stand-in, with what can be read of them. */
function withStandIns(content: NotebookContent, leftOut: readonly LeftOut[]) {
  const wanted = new Set(
    danglingRows(content).flatMap(({ to, id }) => (to === 'lots' || to === 'gear' ? [`${to} ${id}`] : [])),
  );
  const next = { lots: [...content.lots], gear: [...content.gear] };
  for (const each of wanted) {
    const [table, id] = each.split(' ') as ['lots' | 'gear', string];
    const was = leftOut.find((left) => left.table === table && left.id === id)?.row;
    const row = readableRow(table, was, {
      ...standIns[table],
      id,
      createdAt: content.roasts[0]?.createdAt ?? new Date(0).toISOString(),
    });
    if (row) (next[table] as unknown[]).push(row);
  }
  const told = leftOut.map((each) =>
    wanted.has(`${each.table} ${each.id}`) ? { ...each, standsIn: true as const } : each,
  );
  return { content: { ...content, ...next }, leftOut: told };
}

/** What a row names may itself have been left out, so it is asked again until nothing changes. */
function withoutDangling(
  content: NotebookContent,
  leftOut: readonly LeftOut[],
): { readonly content: NotebookContent; readonly leftOut: readonly LeftOut[] } {
  const dangling = danglingRows(content);
  if (dangling.length === 0) return { content, leftOut };
  const gone = new Map<ContentTable, Map<number, (typeof dangling)[number]>>();
  for (const each of dangling) gone.set(each.table, (gone.get(each.table) ?? new Map()).set(each.index, each));
  const more = [...gone].flatMap(([table, rows]) =>
    [...rows].map(([at, { id, wanted }]): LeftOut => {
      const row = content[table][at];
      return {
        table,
        id: row?.id,
        called: calledOf(row),
        why: { code: 'dangling', path: [table, at], id, wanted },
        row,
      };
    }),
  );
  const kept = Object.fromEntries(
    [...gone].map(([table, rows]) => [table, (content[table] as unknown[]).filter((_, i) => !rows.has(i))]),
  );
  return withoutDangling({ ...content, ...kept }, [...leftOut, ...more]);
}

const twice = (table: ContentTable, index: number): Issue => ({
  code: 'shape',
  path: [table, index, 'id'],
  detail: 'there are two with this id; the first one was taken',
});

const isTime = (value: unknown) => typeof value === 'string' && !Number.isNaN(Date.parse(value));

/** The first of these that a row has is what it is called. */
const NAMES = ['name', 'nickname', 'question', 'date', 'chargedAt', 'createdAt', 'tastedAt', 'id'] as const;

/** What a row calls itself: a lot's name, the day of a roast. */
export function calledOf(row: unknown): string {
  if (typeof row !== 'object' || row === null) return 'a row that is none';
  const name = NAMES.map((key) => (row as Record<string, unknown>)[key]).find((each) => typeof each === 'string');
  return name === undefined ? 'a row without a name' : String(name).slice(0, MOST_LETTERS);
}
const MOST_LETTERS = 60;

/**
 * A file that breaks off, closed after its last whole row; undefined where it does not break off. Walks the text once,
 * minding strings, and remembers where a row of a table last ended.
 */
// biome-ignore lint/complexity/noExcessiveCognitiveComplexity: one walk over the letters, each kind a line
function closed(text: string): string | undefined {
  let depth = 0;
  let inString = false;
  let lastRowEnd = -1;
  for (let i = 0; i < text.length; i++) {
    const char = text[i];
    if (inString) {
      if (char === '\\') i++;
      else if (char === '"') inString = false;
    } else if (char === '"') inString = true;
    else if (char === '{' || char === '[') depth++;
    else if (char === '}' || char === ']') {
      depth--;
      // Of the file's one object, a table's array lies one deep and its rows two.
      if (depth === ROW_DEPTH && char === '}') lastRowEnd = i;
      if (depth === 0) return undefined;
    }
  }
  return lastRowEnd === -1 ? undefined : `${text.slice(0, lastRowEnd + 1)}]}`;
}
const ROW_DEPTH = 2;
