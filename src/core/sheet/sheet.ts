import Papa from 'papaparse';
import { readableMoment, readableNumber, readableSpan } from './cells.ts';

/** A table out of somebody else's file: the cells as they stand, each line as long as the longest. */
export interface Sheet {
  /** What stands above the columns; empty texts where nothing does. */
  readonly headings: readonly string[];
  readonly lines: readonly (readonly string[])[];
  /** The line of the file on which each of `lines` begins, counted from 1. */
  readonly lineNumbers: readonly number[];
}

/** More is no table of roasts, and no log of one. */
const MOST_LINES = 50_000;
const BOM = '\ufeff';

/**
 * Reads a text with commas, semicolons, tabs or bars between its cells (RFC 4180 and what spreadsheets make of it). Blank lines
 * and lines of remarks before the table are passed over; a first line without figures is its headings.
 */
export function sheetOf(text: string): Sheet {
  const { data } = Papa.parse<string[]>(text.startsWith(BOM) ? text.slice(1) : text, {
    delimiter: delimiterOf(text),
    skipEmptyLines: false,
  });
  const cells = data.map((line) => line.map((cell) => cell.trim()));
  const numbers = lineNumbersOf(data);
  const width = Math.max(0, ...cells.slice(0, MOST_LINES).map(({ length }) => length));
  // A table begins where lines have about as many cells as most do.
  const first = cells.findIndex((line) => line.length >= Math.max(2, width / 2) && filled(line) >= 2);
  if (first === -1) return { headings: [], lines: [], lineNumbers: [] };
  const table = cells.slice(first, first + MOST_LINES);
  const [head = []] = table;
  const isHeaded = !head.some(isFigure);
  const even = (line: readonly string[]) => Array.from({ length: width }, (_, i) => line[i] ?? '');
  const body = table
    .map((line, i) => ({ line: even(line), number: numbers[first + i] ?? 0 }))
    .slice(isHeaded ? 1 : 0)
    .filter(({ line }) => filled(line) > 0);
  return {
    headings: even(isHeaded ? head : []),
    lines: body.map(({ line }) => line),
    lineNumbers: body.map(({ number }) => number),
  };
}

/** A cell in quotes may go over several lines of the file. */
function lineNumbersOf(data: readonly (readonly string[])[]): number[] {
  let next = 1;
  return data.map((line) => {
    const number = next;
    next += 1 + line.reduce((breaks, cell) => breaks + (cell.match(/\r\n|\n|\r/g)?.length ?? 0), 0);
    return number;
  });
}

const filled = (line: readonly string[]) => line.filter((cell) => cell !== '').length;
const isFigure = (cell: string) =>
  readableNumber(cell) !== undefined || readableSpan(cell) !== undefined || readableMoment(cell) !== undefined;

/** The mark that most lines have the same number of; a comma between digits may be a decimal one, so it comes last. */
function delimiterOf(text: string): string {
  const lines = text
    .split(/\r\n|\n|\r/)
    .filter((line) => line.trim() !== '')
    .slice(0, 40);
  let best = ',';
  let most = 0;
  for (const mark of ['\t', ';', '|', ',']) {
    const counts = lines.map((line) => line.replace(/"[^"]*"/g, '').split(mark).length - 1);
    const usual = counts.toSorted((a, b) => a - b)[Math.floor(counts.length / 2)] ?? 0;
    const alike = counts.filter((count) => count === usual).length;
    if (usual > 0 && alike > most * 1.01) {
      best = mark;
      most = alike;
    }
  }
  return best;
}
