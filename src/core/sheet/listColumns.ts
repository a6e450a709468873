import { headingColumns, type PaperColumn, paperColumns } from '../paper/index.ts';
import { readableMoment, readableNumber, readableSpan, readableTimeOfDay } from './cells.ts';
import type { Sheet } from './sheet.ts';

/** What a column of a list can mean: a column of the paper notebook, or the time of day that belongs to its date. */
export type ListColumn = PaperColumn | 'timeOfDay';
/** All of them, in the order in which they are offered. */
export const listMeanings: readonly ListColumn[] = [...paperColumns, 'timeOfDay'];
/** What each column of a list of roasts means; undefined for one that is left out. */
export type ListColumns = readonly (ListColumn | undefined)[];

const TIME_OF_DAY = /^(time|time of day|clock|start(ed)?|start time|began)$/i;

/** What the columns of a list most likely are, each meaning once. Without headings dates, times and weights tell. */
export function listColumns({ headings, lines }: Sheet): ListColumns {
  const taken = new Set<ListColumn>();
  const take = (column: ListColumn | undefined) => {
    if (column === undefined || taken.has(column)) return undefined;
    taken.add(column);
    return column;
  };
  const cellsOf = (i: number) => lines.map((line) => line[i] ?? '').filter(Boolean);
  const means = headingColumns(headings);
  const isTimeOfDay = (heading: string, i: number) => {
    const cells = cellsOf(i);
    if (!TIME_OF_DAY.test(heading.trim()) || !cells.every((cell) => readableTimeOfDay(cell) !== undefined))
      return false;
    // A bare “time” is how long it took, unless another column says that.
    return cells.some((cell) => /[ap]m$/i.test(cell)) || means.some((other, n) => n !== i && other === 'pull');
  };
  const named = headings.map((heading, i) => take(isTimeOfDay(heading, i) ? 'timeOfDay' : means[i]));
  return named.map((column, i) => {
    if (column !== undefined || headings.some(Boolean)) return column;
    const cells = cellsOf(i);
    if (cells.length === 0) return undefined;
    if (cells.every((cell) => readableMoment(cell))) return take('date');
    // Of times the last is when it was out, and one before it first crack.
    if (cells.every((cell) => readableSpan(cell) !== undefined))
      return take(isLastSpan(lines, i) ? 'pull' : 'firstCrack');
    if (cells.every((cell) => readableNumber(cell) !== undefined)) return take('green') ?? take('roasted');
    return take('beans') ?? take('note');
  });
}

const isLastSpan = (lines: readonly (readonly string[])[], i: number) =>
  !lines.some((line) => line.slice(i + 1).some((cell) => readableSpan(cell) !== undefined));
