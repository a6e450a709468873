import { blankRow, headingColumns, type PaperColumn, type PaperRow, paperColumns } from '../paper/index.ts';
import { formatClock, localDay, localTime } from '../units/index.ts';
import {
  dayOf,
  isMonthFirst,
  readableMoment,
  readableNumber,
  readableSpan,
  readableTimeOfDay,
  zonedMs,
} from './cells.ts';
import type { LineFault } from './log.ts';
import type { Sheet } from './sheet.ts';

/** What a column of a list can mean: a column of the paper notebook, or the time of day that belongs to its date. */
export type ListColumn = PaperColumn | 'timeOfDay';
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

const TIMES: ReadonlySet<ListColumn> = new Set(['yellow', 'firstCrack', 'secondCrack', 'pull']);
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
  const facts = { monthFirst: isMonthFirst(dates) ?? usual.monthFirst, hoursAreMinutes: spansTooLong(sheet, columns) };
  const rows = sheet.lines.flatMap((line, n): PaperRow[] => {
    const row: Record<PaperColumn, string> = { ...blankRow };
    columns.forEach((column, i) => {
      const cell = line[i] ?? '';
      if (column && column !== 'timeOfDay' && cell !== '')
        row[column] = typed(column, cell, sheet.headings[i] ?? '', facts);
    });
    const timeS = readableTimeOfDay(line[columns.indexOf('timeOfDay')] ?? '');
    if (timeS !== undefined && /^\d{4}-\d\d-\d\d$/.test(row.date)) row.date += ` ${timeOfDay(timeS)}`;
    const says = paperColumns.some((column) => column !== 'note' && row[column] !== '');
    if (says) return [row];
    faults.push({ line: sheet.lineNumbers[n] ?? 0, why: 'nothing in it is a roast' });
    return [];
  });
  return { rows, faults };
}

/** Longer than this is no roast, seconds. */
const MOST_S = 7200;

/** Spreadsheets take 7:42 for hours and write `7:42:00`: so it is where the times would be too long for a roast, and all end so. */
function spansTooLong({ lines }: Sheet, columns: ListColumns): boolean {
  const cells = columns.flatMap((column, i) =>
    column !== undefined && TIMES.has(column) ? lines.map((line) => line[i] ?? '').filter(Boolean) : [],
  );
  return (
    cells.every((cell) => /^\d{1,2}:\d{2}:00(\s*[ap]m)?$/i.test(cell)) &&
    cells.some((cell) => (readableSpan(cell.slice(0, 8).trim()) ?? 0) > MOST_S)
  );
}

interface ListFacts {
  readonly monthFirst: boolean;
  readonly hoursAreMinutes: boolean;
}

function typed(column: PaperColumn, cell: string, heading: string, facts: ListFacts): string {
  if (column === 'date') return dateTyped(cell, facts);
  if (TIMES.has(column)) return timeTyped(cell, heading, facts);
  return WEIGHTS.has(column) ? weightTyped(cell, heading) : cell;
}

function dateTyped(cell: string, { monthFirst }: ListFacts): string {
  const zoned = zonedMs(cell);
  if (zoned !== undefined) return `${localDay(zoned)} ${localTime(zoned)}`;
  const moment = readableMoment(cell);
  const day = moment && dayOf(moment, monthFirst);
  if (!moment || !day) return cell;
  return moment.timeS === undefined ? day : `${day} ${timeOfDay(moment.timeS)}`;
}

function timeTyped(cell: string, heading: string, { hoursAreMinutes }: ListFacts): string {
  const span = readableSpan(cell) ?? (hoursAreMinutes ? readableTimeOfDay(cell) : undefined);
  if (span !== undefined) return formatClock(hoursAreMinutes ? span / 60 : span);
  const number = readableNumber(cell);
  if (number === undefined) return cell;
  return formatClock(/\bmin(utes?)?\b/i.test(heading) ? number * 60 : number);
}

function weightTyped(cell: string, heading: string): string {
  const unit = /\b(kg|g|grams?|oz|ounces?|lbs?|pounds?)\b/i.exec(`${cell} ${heading}`)?.[1]?.toLowerCase();
  const number = readableNumber(cell);
  return number === undefined || unit === undefined ? cell : `${number} ${UNITS[unit] ?? unit}`;
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
