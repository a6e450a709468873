import {
  contentTables,
  NOTEBOOK_FORMAT,
  NOTEBOOK_VERSION,
  type Notebook,
  type Salvaged,
  salvageContent,
  salvageNotebook,
  withNamedMoments,
} from '@/core/exchange';
import { type Result, success } from '@/core/issues';
import { joined, type ReadingsRow, type SlimRoast } from './apartRow.ts';

/** Whether a file is a database as it was, from the rescue page, which alone writes this, and at the beginning. */
export const isRescued = (head: string): boolean => head.slice(0, 80).includes('"rawDatabase"');

/** Reads such a file. Damage costs its own row. */
export function readRescued(text: string): Result<Salvaged> {
  const raw = rawTables(text);
  if (!raw) return salvageNotebook(text);
  const { content, leftOut } = salvageContent(wholeRows(raw.tables));
  const notebook = { ...content, format: NOTEBOOK_FORMAT, version: NOTEBOOK_VERSION, savedAt: raw.savedAt } as Notebook;
  return success({ notebook, leftOut, cutOff: false });
}

function rawTables(text: string): { tables: Record<string, unknown[]>; savedAt: string } | undefined {
  try {
    const { tables, savedAt } = JSON.parse(text) as { tables?: unknown; savedAt?: unknown };
    if (!isRow(tables)) return undefined;
    const lists = Object.entries(tables).filter((entry): entry is [string, unknown[]] => Array.isArray(entry[1]));
    return { tables: Object.fromEntries(lists), savedAt: String(savedAt) };
  } catch {
    return undefined;
  }
}

/** Rows as a file has them: roasts with their readings, settings without their key; what is no row is left out. */
export function wholeRows(raw: Readonly<Record<string, unknown[]>>): Record<string, unknown> {
  const rows: Record<string, unknown> = {};
  // A database that was rescued may be of a version before.
  for (const table of contentTables)
    rows[table] = (raw[table] ?? []).filter(isRow).map((row) => withNamedMoments(table, row));
  const readings = (raw.readings ?? []).filter(isRow) as unknown as ReadingsRow[];
  rows.roasts = (rows.roasts as SlimRoast[]).map((roast) => {
    if (!Array.isArray(roast.before) || !Array.isArray(roast.entries)) return roast;
    const own = readings.filter(({ roastId, kept }) => roastId === roast.id && Array.isArray(kept));
    return joined(
      roast,
      own.sort((a, b) => a.from - b.from),
    );
  });
  const [household] = (raw.household ?? []).filter(isRow);
  const { id: _, ...settings } = (household ?? {}) as { id?: unknown };
  return household ? { ...rows, household: settings } : rows;
}

const isRow = (row: unknown): row is Record<string, unknown> =>
  typeof row === 'object' && row !== null && !Array.isArray(row);
