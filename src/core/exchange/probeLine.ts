import { failure, type Result, success } from '../issues/index.ts';

/** One line of the probe protocol (docs/probe-protocol.md): a reading with its own time. */
export interface ProbeLine {
  readonly celsius: number;
  /** When it was read, Unix milliseconds; when it arrived where the bridge does not say. */
  readonly atMs: number | undefined;
}

/**
 * Reads one line of the protocol, `{"celsius": 143.2, "at": "2026-11-24T10:00:03.200Z"}`; `fahrenheit` instead of `celsius`
 * is converted. Never throws. A temperature that is no number is passed on as NaN, so that the screen can count it.
 */
export function parseProbeLine(text: string): Result<ProbeLine> {
  let raw: unknown;
  try {
    // Bridges print NaN and Infinity, which JSON does not know.
    raw = JSON.parse(text.replace(/:\s*(NaN|-?Infinity)\b/g, ': null'));
  } catch (cause) {
    return failure({ code: 'shape', path: [], detail: `expected a line of JSON, got ${(cause as Error).message}` });
  }
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw))
    return failure({ code: 'shape', path: [], detail: 'expected an object with celsius or fahrenheit' });
  const { celsius, fahrenheit, at } = raw as { celsius?: unknown; fahrenheit?: unknown; at?: unknown };
  if (celsius === undefined && fahrenheit === undefined)
    return failure({ code: 'shape', path: ['celsius'], detail: 'expected celsius or fahrenheit, got neither' });
  const value = celsius === undefined ? fahrenheitToCelsius(fahrenheit) : numberOrNaN(celsius);
  const atMs = typeof at === 'string' ? Date.parse(at) : typeof at === 'number' ? at : undefined;
  if (atMs !== undefined && !Number.isFinite(atMs))
    return failure({ code: 'shape', path: ['at'], detail: `expected a date and time, got ${JSON.stringify(at)}` });
  return success({ celsius: value, atMs });
}

const numberOrNaN = (value: unknown) => (typeof value === 'number' ? value : Number.NaN);
const fahrenheitToCelsius = (value: unknown) => ((numberOrNaN(value) - 32) * 5) / 9;

/** The name of a probe as it stands in the address: small letters, digits and hyphens. */
export function probeSlug(name: string): string {
  const slug = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '');
  return slug === '' ? 'probe' : slug;
}
