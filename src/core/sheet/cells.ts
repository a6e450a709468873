import { localDay } from '../units/index.ts';

/**
 * A number as a spreadsheet or a logger writes it, with a decimal point or comma, spaces between thousands, and a unit behind it
 * or none. Undefined for anything else.
 */
export function readableNumber(text: string): number | undefined {
  const bare = text
    .replace(/[\u00a0\u202f']/g, ' ')
    .trim()
    .replace(/\s*(°\s*[cf]|[cf]|g|kg|oz|lb|s|sec|min|%)$/i, '');
  if (!/^[-+]?(\d{1,3}( \d{3})+|\d+)?([.,]\d+)?([.,]\d+)?$/.test(bare) || !/\d/.test(bare)) return undefined;
  const last = Math.max(bare.lastIndexOf('.'), bare.lastIndexOf(','));
  const whole = (last === -1 ? bare : bare.slice(0, last)).replace(/[ .,]/g, '');
  const value = Number(last === -1 ? whole : `${whole}.${bare.slice(last + 1)}`);
  return Number.isFinite(value) ? value : undefined;
}

/** A span as `7:42`, `7:42.5`, `0:07:42`, `7m42s` or `7'42"`, in seconds. Undefined for anything else. */
export function readableSpan(text: string): number | undefined {
  const clock = /^(-)?(?:(\d{1,3}):)?(\d{1,3}):(\d{2}(?:[.,]\d+)?)$/.exec(text.trim());
  const spelled = /^()()(\d{1,3})\s*(?:m|min|['’′])\s*(\d{1,2}(?:[.,]\d+)?)\s*(?:s|sec|["”″])?$/i.exec(text.trim());
  const found = clock ?? spelled;
  if (!found) return undefined;
  const [, minus, hours = '0', minutes, seconds = '0'] = found;
  const value = Number(hours || 0) * 3600 + Number(minutes) * 60 + Number(seconds.replace(',', '.'));
  return minus ? -value : value;
}

/** A time of day as `14:30`, `14:30:05` or `2:30 pm`, in seconds of the day. Undefined for anything else. */
export function readableTimeOfDay(text: string): number | undefined {
  const found = /^(\d{1,2}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?\s*(am|pm)?$/i.exec(text.trim());
  if (!found) return undefined;
  const [, hours, minutes, seconds = '0', half] = found;
  const hour = (Number(hours) % (half ? 12 : 24)) + (/pm/i.test(half ?? '') ? 12 : 0);
  if (Number(hours) > 24 || Number(minutes) > 59) return undefined;
  return hour * 3600 + Number(minutes) * 60 + Number(seconds.replace(',', '.'));
}

/** A moment that says its zone, so that it is the same everywhere. */
const ZONED = /^\d{4}-\d\d-\d\dT.*(?:Z|[+-]\d\d:?\d\d)$/i;

/** A moment with its zone (`2026-11-21T10:00:00Z`), in ms since 1970. Undefined for anything else. */
export function zonedMs(text: string): number | undefined {
  const ms = ZONED.test(text) ? Date.parse(text) : Number.NaN;
  return Number.isFinite(ms) ? ms : undefined;
}

/** A date, with a time or without. */
export interface WrittenMoment {
  /** The parts of the day in the order in which they stand; a year first is certain. */
  readonly parts: readonly [number, number, number];
  readonly yearFirst: boolean;
  /** Seconds of the day; undefined where no time stands. */
  readonly timeS: number | undefined;
}

/** A date in figures with a year, and a time behind it or none. Undefined for anything else. */
export function readableMoment(text: string): WrittenMoment | undefined {
  const found = /^(\d{1,4})[./-](\d{1,2})[./-](\d{1,4})(?:[ T,]+(\d.*?))?(?:Z|[+-]\d{2}:?\d{2})?$/i.exec(text.trim());
  if (!found) return undefined;
  const [, a = '', b = '', c = '', time] = found;
  const yearFirst = a.length === 4;
  if (!yearFirst && c.length !== 4 && c.length !== 2) return undefined;
  const timeS = time === undefined ? undefined : readableTimeOfDay(time);
  if (time !== undefined && timeS === undefined) return undefined;
  return { parts: [Number(a), Number(b), Number(c)], yearFirst, timeS };
}

/** `2026-11-21`; the day comes first unless `monthFirst`. Undefined for a day that no calendar has. */
export function dayOf({ parts: [a, b, c], yearFirst }: WrittenMoment, monthFirst: boolean): string | undefined {
  const [year, month, day] = yearFirst ? [a, b, c] : monthFirst ? [c, a, b] : [c, b, a];
  const full = year < 100 ? year + 2000 : year;
  const date = new Date(Date.UTC(full, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day ? date.toISOString().slice(0, 10) : undefined;
}

/** The day and, where it stands, the time of a cell: by the clock of this place where it says its zone. Undefined for no date. */
export function momentHere(
  text: string,
  monthFirst: boolean,
): { readonly day: string; readonly timeS: number | undefined } | undefined {
  const zoned = zonedMs(text);
  if (zoned !== undefined) return hereAt(zoned);
  const moment = readableMoment(text);
  const day = moment && dayOf(moment, monthFirst);
  return day === undefined ? undefined : { day, timeS: moment?.timeS };
}

/** A moment as the clock of this place has it. */
export function hereAt(ms: number): { readonly day: string; readonly timeS: number } {
  const here = new Date(ms);
  return { day: localDay(here), timeS: here.getHours() * 3600 + here.getMinutes() * 60 + here.getSeconds() };
}

/** Whether the month comes first in a column of dates; undefined where every date could be either. */
export function isMonthFirst(cells: readonly string[]): boolean | undefined {
  for (const cell of cells) {
    const moment = readableMoment(cell);
    if (!moment || moment.yearFirst) continue;
    // Dots are written where the day comes first.
    if (/^\d{1,2}\./.test(cell)) return false;
    const [first, second] = moment.parts;
    if (first > 12) return false;
    if (second > 12) return true;
  }
  return undefined;
}
