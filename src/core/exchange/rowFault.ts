import type * as z from 'zod';
import { householdSchema } from '../household/index.ts';
import type { Issue } from '../issues/index.ts';
import type { ContentTable } from './contentTables.ts';
import { notebookSchema } from './notebook.ts';

/** The schema of one row of each table: what the file takes, the store takes, and nothing else. */
export function rowSchema(table: ContentTable): z.ZodType {
  return notebookSchema.shape[table].element;
}

/** What keeps a row out of a notebook; undefined for a sound one. The path begins with the table. */
export function rowFault(table: ContentTable | 'household', row: unknown): Issue | undefined {
  const parsed = (table === 'household' ? householdSchema : rowSchema(table)).safeParse(row);
  const [issue] = parsed.success ? [] : parsed.error.issues;
  return issue && { code: 'shape', path: [table, ...issue.path.map(plainKey)], detail: detailOf(issue) };
}

/**
 * A row without the things in its lists that keep it out: one spoilt reading must not cost a roast. Undefined where it is
 * sound already, or where more than that is wrong with it.
 */
export function rowWithoutBadThings(table: ContentTable, row: unknown): { row: unknown; left: unknown[] } | undefined {
  const parsed = rowSchema(table).safeParse(row);
  if (parsed.success || typeof row !== 'object' || row === null) return undefined;
  const bad = new Map<string, Set<number>>();
  for (const { path } of parsed.error.issues) {
    const [field, at] = path;
    if (typeof field !== 'string' || typeof at !== 'number') return undefined;
    bad.set(field, (bad.get(field) ?? new Set()).add(at));
  }
  const fields = row as Record<string, unknown[]>;
  const mended = { ...fields };
  for (const [field, places] of bad) mended[field] = (fields[field] ?? []).filter((_, at) => !places.has(at));
  if (!rowSchema(table).safeParse(mended).success) return undefined;
  return { row: mended, left: [...bad].flatMap(([field, places]) => [...places].map((at) => fields[field]?.[at])) };
}

/** A schema's complaint in a person's words. */
export function detailOf(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'too_big':
      return issue.origin === 'string'
        ? `too long, ${issue.maximum} letters at most`
        : issue.origin === 'array'
          ? `too many, ${issue.maximum} at most`
          : `too much, ${issue.maximum} at most`;
    case 'too_small':
      return issue.origin === 'string'
        ? 'nothing is written'
        : issue.origin === 'array'
          ? `too few, ${issue.minimum} at least`
          : `too little, ${issue.minimum} at least`;
    case 'invalid_type':
      return issue.message.endsWith('received undefined')
        ? 'it is missing'
        : `it should be ${kinds[issue.expected] ?? 'something else'}`;
    case 'invalid_format':
      return issue.format === 'datetime' || issue.format === 'date' ? 'it is no date' : 'it is written wrongly';
    case 'invalid_value':
    case 'invalid_union':
      return 'it is none of what it can be';
    case 'unrecognized_keys':
      return `it holds something that is not known here: ${issue.keys.join(', ')}`;
    default:
      return issue.message;
  }
}

const kinds: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'a row',
};

export function plainKey(key: PropertyKey): string | number {
  return typeof key === 'number' ? key : String(key);
}
