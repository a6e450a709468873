import {
  formatTable,
  type NotebookContent,
  notebookPieces,
  recipeContent,
  roastContent,
  salvageNotebook,
  type TableKind,
} from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import type { GanderDatabase } from './database.ts';
import { readContent } from './notebook.ts';
import { getHousehold } from './settings.ts';

/** What a file is to hold: everything, some roasts with what they need, or a recipe. */
export type What =
  | { readonly kind: 'everything' }
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
  const blob = blobOf(partOf(await readContent(db), what), nowMs);
  const back = salvageNotebook(await blob.text());
  const issues = back.ok ? back.value.leftOut.map(({ why }) => why) : back.issues;
  return { blob, faults: issues.slice(0, MOST_FAULTS).map(issueSentence) };
}
const MOST_FAULTS = 12;

/** In pieces that the browser takes as they come: of a notebook of years neither rows nor text are small. */
function blobOf(content: NotebookContent, nowMs: number): Blob {
  const pieces: Blob[] = [];
  for (const piece of notebookPieces(content, new Date(nowMs).toISOString())) pieces.push(new Blob([piece]));
  return new Blob(pieces, { type: 'application/json' });
}

function partOf(content: NotebookContent, what: What): NotebookContent {
  if (what.kind === 'everything') return content;
  return what.kind === 'roasts' ? roastContent(content, ...what.ids) : recipeContent(content, what.id);
}

/** One table of the notebook as CSV, in the household's units. */
export async function writeTable(db: GanderDatabase, kind: TableKind): Promise<Blob> {
  const text = formatTable(kind, await readContent(db), await getHousehold(db));
  return new Blob([text], { type: 'text/csv;charset=utf-8' });
}
