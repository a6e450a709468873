import { type Lot, lotTitle } from '../bean/index.ts';
import { type Gear, proposedGreen } from '../gear/index.ts';
import { failure, type Issue, type Result, success } from '../issues/index.ts';
import { type ShadeNumber, shadeNumbers, shades } from '../shade/index.ts';
import { parseClock, parseDay, parseWeight, type WeightUnit } from '../units/index.ts';

/** The columns of a roast as it stands on paper, in their order. */
export const paperColumns = [
  'date',
  'beans',
  'gear',
  'green',
  'yellow',
  'firstCrack',
  'secondCrack',
  'pull',
  'roasted',
  'shade',
  'note',
] as const;
/** One of `paperColumns`. */
export type PaperColumn = (typeof paperColumns)[number];
/** One line as typed; a cell that was left out is empty. */
export type PaperRow = Readonly<Record<PaperColumn, string>>;

/** What a line says. Grams, seconds from charge. */
export interface PaperRoast {
  readonly day: string;
  /** `14:30`, where it was written down. */
  readonly time: string | undefined;
  /** Of the larder, or a name that the larder does not know. */
  readonly beans: { readonly lotId: Lot['id'] } | { readonly name: string };
  readonly gear: Gear;
  readonly greenGrams: number;
  readonly yellow: number | undefined;
  readonly firstCrack: number | undefined;
  readonly secondCrack: number | undefined;
  readonly pull: number | undefined;
  readonly roastedGrams: number | undefined;
  readonly shade: ShadeNumber | undefined;
  readonly note: string;
}

/** What rows of the paper notebook are read against. */
export interface PaperContext {
  readonly lots: readonly Lot[];
  readonly gear: readonly Gear[];
  readonly unit: WeightUnit;
  /** `2026-11-27` */
  readonly today: string;
  /** `14:05`, by the same clock. */
  readonly nowTime: string;
  readonly monthFirst: boolean;
}

/** What is wrong with a row, by column. */
type PaperIssues = Partial<Record<PaperColumn, Issue>>;
/** A row that was read, or what is wrong with it. */
export type PaperRead =
  | { readonly ok: true; readonly roast: PaperRoast }
  | { readonly ok: false; readonly issues: PaperIssues };

const GRAMS = { leastGrams: 5, mostGrams: 5000 };
const MOST_S = 7200;

/** Whether nothing is in it. */
export function isBlank(row: PaperRow): boolean {
  return paperColumns.every((column) => row[column].trim() === '');
}

/**
 * Reads a line. Date, beans, gear and green that were left out are those of the line above, else today, the first beans
 * and gear, and what that gear usually gets. Everything else may be left out. Gives the roast, or what is wrong in which cell.
 */
export function readPaperRow(row: PaperRow, context: PaperContext, above: PaperRoast | undefined): PaperRead {
  const issues: PaperIssues = {};
  const take = <T>(column: PaperColumn, read: (text: string) => Result<T>, otherwise: T): T => {
    const text = row[column].trim();
    if (text === '') return otherwise;
    const found = read(text);
    if (found.ok) return found.value;
    const [issue] = found.issues;
    if (issue) issues[column] = { ...issue, path: [column] };
    return otherwise;
  };
  const { unit, lots } = context;
  const date = take('date', (text) => dayUpTo(text, context), {
    day: above?.day ?? context.today,
    time: undefined,
  });
  const gear = take('gear', (text) => gearCalled(text, context.gear), above?.gear ?? context.gear[0]);
  const beans = take('beans', (text) => success(beansCalled(text, lots)), above?.beans ?? firstBeans(lots));
  const greenGrams = take(
    'green',
    (text) => parseWeight(text, unit, { range: GRAMS }),
    gear ? proposedGreen(gear, above && { gearId: above.gear.id, greenGrams: above.greenGrams }) : 0,
  );
  const time = (column: 'yellow' | 'firstCrack' | 'secondCrack' | 'pull') =>
    take<number | undefined>(column, secondsOf, undefined);
  const [yellow, firstCrack, secondCrack, pull] = [
    time('yellow'),
    time('firstCrack'),
    time('secondCrack'),
    time('pull'),
  ];
  const roastedGrams = take<number | undefined>(
    'roasted',
    (text) => parseWeight(text, unit, { range: GRAMS }),
    undefined,
  );
  const shade = take<ShadeNumber | undefined>('shade', shadeCalled, undefined);
  if (!gear) issues.gear ??= { code: 'empty', path: ['gear'], expected: 'what it was roasted in; add gear first' };
  if (!beans) issues.beans ??= { code: 'empty', path: ['beans'], expected: 'what the beans were called' };
  Object.assign(issues, orderIssues({ yellow, firstCrack, secondCrack, pull }));
  if (roastedGrams !== undefined && roastedGrams > greenGrams)
    issues.roasted ??= {
      code: 'outOfRange',
      path: ['roasted'],
      value: row.roasted.trim(),
      least: '0 g',
      most: `the green, ${row.green.trim() || Math.round(greenGrams)}`,
    };
  if (!gear || !beans || Object.keys(issues).length > 0) return { ok: false, issues };
  const note = row.note.trim().slice(0, 2000);
  return {
    ok: true,
    roast: { ...date, beans, gear, greenGrams, yellow, firstCrack, secondCrack, pull, roastedGrams, shade, note },
  };
}

function dayUpTo(
  text: string,
  { today, nowTime, monthFirst }: PaperContext,
): Result<{ day: string; time: string | undefined }> {
  const read = parseDay(text, today, monthFirst);
  if (!read.ok) return read;
  const { day, time = '' } = read.value;
  const most = day > today ? 'today' : day === today && time > nowTime ? `today ${nowTime}` : undefined;
  return most ? failure({ code: 'outOfRange', path: [], value: text, least: 'the first roast', most }) : read;
}

function secondsOf(text: string): Result<number> {
  const read = parseClock(text);
  if (read.ok && (read.value < 0 || read.value > MOST_S))
    return failure({ code: 'outOfRange', path: [], value: text, least: '0:00', most: '2:00:00' });
  return read;
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
const begins = (whole: string, text: string) => whole.trim().toLowerCase().startsWith(text.trim().toLowerCase());

function beansCalled(text: string, lots: readonly Lot[]): PaperRoast['beans'] {
  const names = (lot: Lot) => [lot.name, lotTitle(lot)];
  const exact = lots.find((lot) => names(lot).some((name) => same(name, text)));
  const alike = lots.filter((lot) => begins(lot.name, text));
  const found = exact ?? (alike.length === 1 ? alike[0] : undefined);
  return found ? { lotId: found.id } : { name: text.slice(0, 80) };
}

function firstBeans(lots: readonly Lot[]): PaperRoast['beans'] | undefined {
  return lots[0] && { lotId: lots[0].id };
}

function gearCalled(text: string, gear: readonly Gear[]): Result<Gear> {
  const alike = gear.filter(({ nickname }) => begins(nickname, text));
  const found = gear.find(({ nickname }) => same(nickname, text)) ?? (alike.length === 1 ? alike[0] : undefined);
  if (found) return success(found);
  return failure({ code: 'unknownName', path: [], text, what: 'gear', known: gear.map(({ nickname }) => nickname) });
}

/** By number, or by either of its names. */
function shadeCalled(text: string): Result<ShadeNumber> {
  const number = shadeNumbers.find((each) => String(each) === text.trim());
  const found = number ?? shades.find(({ name, traditional }) => same(name, text) || same(traditional, text))?.number;
  if (found) return success(found);
  return failure({
    code: 'unknownName',
    path: [],
    text,
    what: 'shade',
    known: ['1 to 7', ...shades.map(({ name }) => name)],
  });
}

const TIMES = ['yellow', 'firstCrack', 'secondCrack', 'pull'] as const;
const TIME_NAMES = {
  yellow: 'Yellow',
  firstCrack: 'First crack',
  secondCrack: 'Second crack',
  pull: 'The pull',
} as const;

/** Times that run backwards, said at the later one. */
function orderIssues(times: Readonly<Record<(typeof TIMES)[number], number | undefined>>): PaperIssues {
  const issues: PaperIssues = {};
  TIMES.forEach((column, i) => {
    const at = times[column];
    const later = TIMES.slice(0, i).find((each) => at !== undefined && (times[each] ?? 0) > at);
    if (later)
      issues[column] = {
        code: 'outOfOrder',
        path: [column],
        what: TIME_NAMES[column],
        before: TIME_NAMES[later].toLowerCase(),
      };
  });
  return issues;
}
