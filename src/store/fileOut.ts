import { type NotebookContent, recipeContent, roastContent, salvageNotebook, type TableKind } from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import { type Beside, besideRoasts, zipped } from './bundle.ts';
import { collected, notebookSource, sourceOf } from './contentSource.ts';
import type { GanderDatabase } from './database.ts';
import { type FileKind, fileWriters, writeKind } from './fileKinds.ts';
import { getHousehold } from './settings.ts';

/** What a file is to hold: everything, some roasts with what they need, or a recipe. */
export type What =
  | {
      readonly kind: 'everything';
      /** The sound and the photos of roasts too, where they were kept: then the file is a zip. */
      readonly beside?: readonly Beside[];
    }
  /** Their photos go along; their sound does not, since somebody may be talking in it. */
  | { readonly kind: 'roasts'; readonly ids: readonly string[] }
  | { readonly kind: 'recipe'; readonly id: string };

/** A file to keep, and why it would not open again whole, in words. */
export interface FileOut {
  readonly blob: Blob;
  readonly faults: readonly string[];
}

/**
 * Writes a file of the notebook and reads it back. Where it would not open again whole it is given all the same, with the
 * reasons, since half a notebook is better than none.
 */
export async function writeFile(db: GanderDatabase, what: What, nowMs: number): Promise<FileOut> {
  const blob = await blobOf(db, 'notebook', nowMs, what);
  const back = salvageNotebook(await blob.text());
  const issues = back.ok ? back.value.leftOut.map(({ why }) => why) : back.issues;
  const faults = issues.slice(0, MOST_FAULTS).map(issueSentence);
  const beside = await besideOf(db, what);
  return { blob: beside ? await zipped(blob, beside) : blob, faults };
}

/** What lies beside a part of the notebook in its file; undefined where it is the plain form. */
async function besideOf(db: GanderDatabase, what: What) {
  switch (what.kind) {
    case 'everything': {
      if (!what.beside?.length) return undefined;
      const ids = (await db.roasts.toCollection().primaryKeys()) as string[];
      return besideRoasts(db, ids, what.beside);
    }
    case 'roasts': {
      const beside = await besideRoasts(db, what.ids, ['photos']);
      return beside.photos.length > 0 ? beside : undefined;
    }
    case 'recipe':
      return undefined;
  }
}
const MOST_FAULTS = 12;

/** One kind of file of the notebook, or of a part of it. */
async function blobOf(db: GanderDatabase, kind: FileKind, nowMs: number, what: What): Promise<Blob> {
  const household = await getHousehold(db);
  const whole = notebookSource(db, household);
  const source = what.kind === 'everything' ? whole : sourceOf(partOf(await collected(whole), what));
  return writeKind(fileWriters[kind], source, { savedAt: new Date(nowMs).toISOString(), household });
}

const partOf = (content: NotebookContent, what: Exclude<What, { kind: 'everything' }>): NotebookContent =>
  what.kind === 'roasts' ? roastContent(content, ...what.ids) : recipeContent(content, what.id);

/** One table of the notebook as CSV, in the household's units. */
export const writeTable = (db: GanderDatabase, kind: TableKind): Promise<Blob> =>
  blobOf(db, kind, Date.now(), { kind: 'everything' });
