import { blankRow, type PaperColumn, type PaperRow, paperColumns } from '../paper/index.ts';
import { formatClock } from '../units/index.ts';
import { isMonthFirst, momentHere, readableNumber, readableSpan, readableTimeOfDay } from './cells.ts';
import type { ListColumn, ListColumns } from './listColumns.ts';
import type { LineFault } from './log.ts';
import type { Sheet } from './sheet.ts';

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
  const moment = momentHere(cell, monthFirst);
  if (!moment) return cell;
  return moment.timeS === undefined ? moment.day : `${moment.day} ${timeOfDay(moment.timeS)}`;
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
