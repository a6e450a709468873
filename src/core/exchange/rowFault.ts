import type * as z from 'zod';
import { householdSchema } from '../household/index.ts';
import type { Issue } from '../issues/index.ts';
import type { ContentTable } from './contentTables.ts';
import { notebookSchema } from './notebook.ts';
import { soundnessTest } from './soundness.ts';

/** The schema of one row of each table: what the file takes, the store takes, and nothing else. */
export function rowSchema(table: ContentTable): z.ZodType {
  return notebookSchema.shape[table].element;
}

/** What keeps a row out of a notebook; undefined for a sound one. The path begins with the table. */
export function rowFault(table: ContentTable | 'household', row: unknown): Issue | undefined {
  if (isSound(table, row)) return undefined;
  const parsed = schemaOf(table).safeParse(row);
  const [issue] = parsed.success ? [] : parsed.error.issues;
  return issue && { code: 'shape', path: [table, ...issue.path.map(plainKey)], detail: detailOf(issue) };
}

const schemaOf = (table: ContentTable | 'household'): z.ZodType =>
  table === 'household' ? householdSchema : rowSchema(table);

/** Made when a table is first asked about: most pages look at few tables. */
const soundnessOf = new Map<ContentTable | 'household', ReturnType<typeof soundnessTest>>();

function isSound(table: ContentTable | 'household', row: unknown): boolean {
  const test = soundnessOf.get(table) ?? soundnessTest(schemaOf(table));
  soundnessOf.set(table, test);
  return test(row);
}

/**
 * A row without what keeps it out, where that can go: things in its lists (one spoilt reading must not cost a roast), and
 * fields that it need not have. Undefined where it is sound already, or where more than that is wrong with it.
 */
export function rowWithoutBadThings(table: ContentTable, row: unknown): { row: unknown; left: unknown[] } | undefined {
  const parsed = rowSchema(table).safeParse(row);
  if (parsed.success || typeof row !== 'object' || row === null) return undefined;
  const places = new Map<string, Set<number>>();
  const fields = new Set<string>();
  for (const issue of parsed.error.issues) {
    const [field, index] = issue.path;
    if (typeof field !== 'string') return undefined;
    else if (typeof index === 'number') places.set(field, (places.get(field) ?? new Set()).add(index));
    else fields.add(field);
  }
  const was = row as Record<string, unknown>;
  const mended: Record<string, unknown> = { ...was };
  const left: unknown[] = [];
  for (const [field, bad] of places) {
    const things = was[field] as unknown[];
    mended[field] = things.filter((_, i) => !bad.has(i));
    left.push(...[...bad].map((i) => things[i]));
  }
  for (const field of fields) {
    delete mended[field];
    left.push({ [field]: was[field] });
  }
  return rowSchema(table).safeParse(mended).success ? { row: mended, left } : undefined;
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

/** A key of a path as an issue holds it. */
export function plainKey(key: PropertyKey): string | number {
  return typeof key === 'number' ? key : String(key);
}
