import { blankRow, headingColumn, type PaperColumn, type PaperRow, paperColumns } from '../paper/index.ts';
import { formatClock } from '../units/index.ts';
import { dayOf, isMonthFirst, readableMoment, readableNumber, readableSpan } from './cells.ts';
import type { LineFault } from './log.ts';
import type { Sheet } from './sheet.ts';

/** What each column of a list of roasts means; undefined for one that is left out. */
export type ListColumns = readonly (PaperColumn | undefined)[];

/** What the columns of a list most likely are, each meaning once. Without headings dates, times and weights tell. */
export function listColumns({ headings, lines }: Sheet): ListColumns {
  const taken = new Set<PaperColumn>();
  const take = (column: PaperColumn | undefined) => {
    if (column === undefined || taken.has(column)) return undefined;
    taken.add(column);
    return column;
  };
  const named = headings.map((heading) => take(headingColumn(heading)));
  return named.map((column, i) => {
    if (column !== undefined || headings.some(Boolean)) return column;
    const cells = lines.map((line) => line[i] ?? '').filter(Boolean);
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

const TIMES: ReadonlySet<PaperColumn> = new Set(['yellow', 'firstCrack', 'secondCrack', 'pull']);
const WEIGHTS: ReadonlySet<PaperColumn> = new Set(['green', 'roasted']);

/**
 * The list as lines of a paper notebook, each cell as a person of this household would have typed it, to be looked over and
 * kept there. Lines without a figure are listed and left out.
 */
export function readList(
  sheet: Sheet,
  columns: ListColumns,
  usual: { readonly monthFirst: boolean },
): { readonly rows: readonly PaperRow[]; readonly faults: readonly LineFault[] } {
  const faults: LineFault[] = [];
  const dates = sheet.lines.map((line) => line[columns.indexOf('date')] ?? '');
  const monthFirst = isMonthFirst(dates) ?? usual.monthFirst;
  const rows = sheet.lines.flatMap((line, n): PaperRow[] => {
    const row: Record<PaperColumn, string> = { ...blankRow };
    columns.forEach((column, i) => {
      const cell = line[i] ?? '';
      if (column && cell !== '') row[column] = typed(column, cell, sheet.headings[i] ?? '', monthFirst);
    });
    const says = paperColumns.some((column) => column !== 'note' && row[column] !== '');
    if (says) return [row];
    faults.push({ line: sheet.firstLine + n, why: 'nothing in it is a roast' });
    return [];
  });
  return { rows, faults };
}

function typed(column: PaperColumn, cell: string, heading: string, monthFirst: boolean): string {
  if (column === 'date') {
    const moment = readableMoment(cell);
    const day = moment && dayOf(moment, monthFirst);
    if (!moment || !day) return cell;
    return moment.timeS === undefined ? day : `${day} ${timeOfDay(moment.timeS)}`;
  }
  if (TIMES.has(column)) {
    const span = readableSpan(cell);
    // Hours before the minutes are hours, unless every roast would take a day.
    if (span !== undefined) return formatClock(span);
    const number = readableNumber(cell);
    if (number === undefined) return cell;
    return formatClock(/\bmin(utes?)?\b/i.test(heading) ? number * 60 : number);
  }
  if (WEIGHTS.has(column)) {
    const unit = /\b(kg|g|grams?|oz|ounces?|lbs?|pounds?)\b/i.exec(`${cell} ${heading}`)?.[1]?.toLowerCase();
    const number = readableNumber(cell);
    return number === undefined || unit === undefined ? cell : `${number} ${UNITS[unit] ?? unit}`;
  }
  return cell;
}

const UNITS: Readonly<Record<string, string>> = {
  gram: 'g',
  grams: 'g',
  ounce: 'oz',
  ounces: 'oz',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
};

/** `09:30` from seconds of the day. */
export const timeOfDay = (s: number): string =>
  `${String(Math.floor(s / 3600)).padStart(2, '0')}:${String(Math.floor((s % 3600) / 60)).padStart(2, '0')}`;
