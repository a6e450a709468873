import { isStreamed, type LiveEntry } from '../roast/index.ts';
import type { Reading } from './rateOfRise.ts';

/** A typed reading further than this from where the curve points is asked about once, °C. */
const FAR_OFF_C = 25;
/** Beans do not heat faster than this, °C a second; a typed reading may be late by so much. */
const FASTEST_C_PER_S = 1.2;

/** Where the curve would have been, °C, when a new reading lies far off it; undefined when it fits or nothing is known. */
export function farOffCurve(before: readonly Reading[], reading: Reading): number | undefined {
  const [last, earlier] = [...before].filter(({ at }) => at < reading.at).sort((a, b) => b.at - a.at);
  if (!last) return undefined;
  const slope = earlier && last.at > earlier.at ? (last.celsius - earlier.celsius) / (last.at - earlier.at) : 0;
  const ahead = reading.at - last.at;
  const expected = last.celsius + Math.max(-0.3, Math.min(FASTEST_C_PER_S, slope)) * Math.min(ahead, 60);
  const room = FAR_OFF_C + 0.25 * ahead;
  return Math.abs(reading.celsius - expected) > room ? expected : undefined;
}

/** What a stream may bring that is no temperature of beans. */
export type StreamFault = 'notANumber' | 'outOfRange' | 'backwards' | 'burst';

const LEAST_C = -40;
const MOST_C = 400;
/** Closer readings than this say nothing new, seconds. */
const BURST_S = 0.4;

/** Whether two streamed readings at these times are one: no probe of use here speaks more often. */
export function isSameReading(aS: number, bS: number): boolean {
  return Math.abs(aS - bS) < BURST_S;
}

/** Why a streamed reading is left out; undefined when it is taken. `lastAt` is the newest that was taken. */
export function streamFault(celsius: number, at: number, lastAt: number | undefined): StreamFault | undefined {
  if (!Number.isFinite(celsius)) return 'notANumber';
  if (celsius < LEAST_C || celsius > MOST_C) return 'outOfRange';
  if (lastAt === undefined) return undefined;
  if (at <= lastAt) return 'backwards';
  return isSameReading(at, lastAt) ? 'burst' : undefined;
}

/** What a bridge is told of a reading that is left out; undefined when it is taken. Times are judged by the page, which knows the roast's. */
export function readingFaultWords(celsius: number): string | undefined {
  switch (streamFault(celsius, 0, undefined)) {
    case 'notANumber':
      return 'the temperature is no number.';
    case 'outOfRange':
      return `${Math.round(celsius)} °C is outside what a probe can read: between ${LEAST_C} and ${MOST_C} °C.`;
    default:
      return undefined;
  }
}

/** Beans are never this hot for long; a probe that says so shows °F. */
const LOOKS_FAHRENHEIT_C = 285;

/** Whether the last readings look like degrees Fahrenheit under the name of Celsius. */
export function looksFahrenheit(readings: readonly Reading[]): boolean {
  const last = readings.slice(-5);
  return last.length === 5 && last.every(({ celsius }) => celsius > LOOKS_FAHRENHEIT_C);
}

type ReadingEntry = Extract<LiveEntry, { kind: 'reading' }>;

/** Beans burn before they are this hot, °C; a typed reading above it is a slip, or °F. */
const MOST_BEANS_C = 270;

/**
 * The last typed reading where it cannot be, or lies far off the curve, and nobody stood by it: it is asked about, and
 * no alarm goes by it meanwhile. `expectedC` is where the curve points.
 */
export function doubtfulReading(
  live: readonly LiveEntry[],
): { readonly entry: ReadingEntry; readonly expectedC: number | undefined } | undefined {
  const entry = live.findLast((each) => each.kind === 'reading' && !isStreamed(each));
  if (entry?.kind !== 'reading' || entry.sure) return undefined;
  const expectedC = farOffCurve(
    readingsOf(live).filter(({ at }) => at < entry.at),
    { at: entry.at, celsius: entry.celsius, streamed: false },
  );
  return expectedC !== undefined || entry.celsius > MOST_BEANS_C ? { entry, expectedC } : undefined;
}

/** The readings among live entries, in order of time. */
export function readingsOf(live: readonly LiveEntry[]): Reading[] {
  return live.flatMap((entry) =>
    entry.kind === 'reading' ? [{ at: entry.at, celsius: entry.celsius, streamed: isStreamed(entry) }] : [],
  );
}

/** The readings without the one that is in doubt. */
export function trustedReadings(live: readonly LiveEntry[]): Reading[] {
  const doubtful = doubtfulReading(live)?.entry.id;
  return readingsOf(live.filter(({ id }) => id !== doubtful));
}
