import { ENTRY_S, type Milestone } from '../roast/index.ts';
import { toCelsius } from '../units/index.ts';
import { dayOf, hereAt, isMonthFirst, readableMoment, readableNumber, readableSpan, zonedMs } from './cells.ts';
import { chargeFall } from './chargeInLog.ts';
import { eventIn, secondsIn } from './logCells.ts';
import type { LogColumns } from './logColumns.ts';
import type { Sheet } from './sheet.ts';

/** A line that could not be read, and why, in words. */
export interface LineFault {
  /** The line of the file, counted from 1. */
  readonly line: number;
  readonly why: string;
}

/** A temperature log as it was read. */
export interface ReadLog {
  /** Seconds from charge, °C, in order of time. */
  readonly readings: readonly { readonly at: number; readonly celsius: number }[];
  readonly marks: readonly { readonly at: number; readonly milestone: Milestone }[];
  /** How long after its first line the beans went in, seconds. */
  readonly chargeS: number;
  /** Where no line says when they did: how long after the first it falls as it does then. */
  readonly fallS: number | undefined;
  /** The day on which it began, and the seconds of that day, where the file says so. */
  readonly began: { readonly day: string | undefined; readonly timeS: number } | undefined;
  readonly faults: readonly LineFault[];
}

/**
 * Reads the log. Time counts from `chargeS` seconds after its first line; where that is not given, from the line that says the
 * beans went in, else from the first. Lines whose time or temperature cannot be read, or goes back, are listed and left out.
 */
export function readLog(sheet: Sheet, columns: LogColumns, chargeS?: number): ReadLog {
  const { raw, faults } = readLines(sheet, columns);
  const first = raw[0]?.s ?? 0;
  const said = raw.find(({ event }) => event === 'charge')?.s;
  const zero = chargeS === undefined ? (said ?? first) : first + chargeS;
  const readings: { at: number; celsius: number }[] = [];
  for (const { s, celsius, line } of raw) {
    const at = round(s - zero, 100);
    if (at < ENTRY_S.least || at > ENTRY_S.most) faults.push({ line, why: 'hours before or after its roast' });
    // One reading a moment: a second probe's line of the same second is not another.
    else if (celsius !== undefined && at !== readings.at(-1)?.at) readings.push({ at, celsius: round(celsius, 10) });
  }
  const marks = new Map<Milestone, number>();
  for (const { s, event } of raw)
    if (event && event !== 'charge' && !marks.has(event) && s > zero && s - zero <= ENTRY_S.most)
      marks.set(event, round(s - zero, 100));
  return {
    readings,
    marks: [...marks].map(([milestone, at]) => ({ milestone, at })),
    chargeS: zero - first,
    fallS:
      said === undefined
        ? chargeFall(raw.flatMap(({ s, celsius }) => (celsius === undefined ? [] : [{ at: s - first, celsius }])))
        : undefined,
    began: beganOf(sheet, columns, zero, first),
    faults,
  };
}

/** A line that could be read: seconds as the column counts, on over midnight. */
interface RawLine {
  /** Of the file, counted from 1. */
  readonly line: number;
  readonly s: number;
  readonly celsius: number | undefined;
  readonly event: Milestone | 'charge' | undefined;
}

function readLines(sheet: Sheet, columns: LogColumns): { readonly raw: RawLine[]; readonly faults: LineFault[] } {
  const heading = sheet.headings[columns.time] ?? '';
  const faults: LineFault[] = [];
  const raw: RawLine[] = [];
  let dayS = 0;
  sheet.lines.forEach((cells, n) => {
    const line = sheet.lineNumbers[n] ?? 0;
    const cell = cells[columns.time] ?? '';
    const seconds = secondsIn(cell, heading);
    if (seconds === undefined) {
      faults.push({ line, why: cell === '' ? 'no time' : `“${cell}” is no time` });
      return;
    }
    const last = raw.at(-1)?.s;
    // Past midnight the time of day begins anew.
    if (last !== undefined && seconds + dayS < last - HALF_DAY_S) dayS += DAY_S;
    const s = seconds + dayS;
    if (last !== undefined && s < last) {
      faults.push({ line, why: `“${cell}” comes before the line above` });
      return;
    }
    const text = cells[columns.temperature] ?? '';
    const celsius = celsiusIn(text, columns.unit);
    if (text !== '' && celsius === undefined) faults.push({ line, why: `“${text}” is no temperature` });
    const said = columns.event === undefined ? '' : (cells[columns.event] ?? '');
    raw.push({ line, s, celsius, event: said === '' ? undefined : eventIn(said) });
  });
  return { raw, faults };
}
const DAY_S = 86_400;
const HALF_DAY_S = 43_200;
const round = (value: number, to: number) => Math.round(value * to) / to;

/** The temperatures that a log of a roast can hold, °C. */
const LOG_C = { least: -40, most: 400 };

function celsiusIn(text: string, unit: LogColumns['unit']): number | undefined {
  const number = readableNumber(text);
  const celsius = number === undefined ? undefined : toCelsius(number, unit);
  return celsius !== undefined && celsius >= LOG_C.least && celsius <= LOG_C.most ? celsius : undefined;
}

/** `zeroS` is when the beans went in and `firstS` the first line, as the column counts. */
function beganOf({ lines }: Sheet, { time }: LogColumns, zeroS: number, firstS: number): ReadLog['began'] {
  const cells = lines.map((line) => line[time] ?? '');
  const timeS = zeroS % DAY_S;
  const zoned = cells.map(zonedMs).find((each) => each !== undefined);
  if (zoned !== undefined) return hereAt(zoned + (zeroS - firstS) * 1000);
  const moment = cells.map(readableMoment).find((each) => each !== undefined);
  if (moment)
    return moment.timeS === undefined ? undefined : { day: dayOf(moment, isMonthFirst(cells) ?? false), timeS };
  // Three parts that do not begin near nothing are a time of day.
  const begins = cells[0] ?? '';
  return /[ap]m$/i.test(begins) || (/^\d{1,2}:\d{2}:\d{2}/.test(begins) && (readableSpan(begins) ?? 0) > 3 * 3600)
    ? { day: undefined, timeS }
    : undefined;
}
