import { formatTable, notebookText, type Salvaged, salvageNotebook, type TableKind } from '@/core/exchange';
import type { Household } from '@/core/household';
import { type Result, success } from '@/core/issues';
import { type ContentSource, collected } from './contentSource.ts';
import { isRescued, readRescued } from './rawRows.ts';

/** What a file turned out to hold: a notebook or a part of one, or a table from elsewhere (`core/sheet` reads its columns). */
export type ReadFile = ({ readonly kind: 'notebook' } & Salvaged) | { readonly kind: 'table'; readonly text: string };

/** A kind of file that can be loaded. */
export interface FileReader {
  /** Whether a file is of this kind, by its first letters. */
  readonly is: (head: string) => boolean;
  readonly read: (text: string) => Result<ReadFile>;
}

const asNotebook = (read: Result<Salvaged>): Result<ReadFile> =>
  read.ok ? success({ kind: 'notebook', ...read.value }) : read;

/** Every kind of file that can be loaded, asked in this order; the last one takes what no other knows. */
export const fileReaders: readonly FileReader[] = [
  { is: isRescued, read: (text) => asNotebook(readRescued(text)) },
  { is: (head) => /^\s*\{/.test(head), read: (text) => asNotebook(salvageNotebook(text)) },
  { is: () => true, read: (text) => success({ kind: 'table', text }) },
];

const HEAD = 200;

/** Reads a file of any known kind; says in issues why it cannot be one. Never throws. */
export function readFile(text: string, readers: readonly FileReader[] = fileReaders): Result<ReadFile> {
  const head = text.slice(0, HEAD).replace('\ufeff', '');
  const reader = readers.find(({ is }) => is(head)) as FileReader;
  return reader.read(text);
}

/** What a written file says besides its rows. */
export interface FileFacts {
  /** Now, UTC. */
  readonly savedAt: string;
  readonly household: Household;
}

/** A kind of file that can be saved. */
export interface FileWriter {
  readonly type: string;
  /** Hands it over piece by piece, since a notebook of years is too large for one text. */
  readonly write: (source: ContentSource, facts: FileFacts, put: (piece: string) => void) => Promise<void>;
}

const notebook: FileWriter = {
  type: 'application/json',
  write: async ({ household, visit }, { savedAt }, put) => {
    const { begin, rows, end } = notebookText(savedAt, household);
    put(begin);
    await visit((table, some) => put(rows(table, some)));
    put(end());
  },
};

const table = (kind: TableKind): FileWriter => ({
  type: 'text/csv;charset=utf-8',
  write: async (source, { household }, put) => put(formatTable(kind, await collected(source), household)),
});

/** Every kind of file that can be saved; `notebook` opens again, whole or a part. */
export const fileWriters = {
  notebook,
  roasts: table('roasts'),
  readings: table('readings'),
  marks: table('marks'),
  cups: table('cups'),
} as const satisfies Record<'notebook' | TableKind, FileWriter>;
export type FileKind = keyof typeof fileWriters;

/** Writes a file of a kind. */
export async function writeKind({ type, write }: FileWriter, source: ContentSource, facts: FileFacts): Promise<Blob> {
  const blobs: Blob[] = [];
  await write(source, facts, (piece) => blobs.push(new Blob([piece])));
  return new Blob(blobs, { type });
}
