import { max } from 'd3-array';

/** One reading of a log: seconds from its first line, °C. */
interface Reading {
  readonly at: number;
  readonly celsius: number;
}

// When cold beans go in, a probe in hot gear falls by at least so much within so long, and then rises with the beans, at least so far
// and so long; at the end of a roast it only falls. Common roasting knowledge; the handbook has no figures.
/** °C. */
const LEAST_FALL_C = 25;
/** Seconds. */
const FALL_S = 90;
/** °C. */
const LEAST_RISE_C = 30;
/** Seconds. */
const LEAST_RISE_S = 120;
/** The fall begins with the last reading that lost no more than this share of it. */
const TOP = 0.1;

/**
 * When a log falls as it does when the beans go in, seconds from its first line, and turns round after it; undefined where it
 * does not. It is a guess for somebody to confirm. `readings` in order of time.
 */
export function chargeFall(readings: readonly Reading[]): number | undefined {
  let from = 0;
  for (const [i, low] of readings.entries()) {
    while ((readings[from]?.at ?? 0) < low.at - FALL_S) from++;
    const before = readings.slice(from, i);
    const top = max(before, ({ celsius }) => celsius) ?? low.celsius;
    if (top - low.celsius < LEAST_FALL_C) continue;
    const after = readings.slice(i + 1);
    if (after.some(({ at, celsius }) => at <= low.at + FALL_S && celsius < low.celsius)) continue;
    const rises = after.some(({ at, celsius }) => at >= low.at + LEAST_RISE_S && celsius >= low.celsius + LEAST_RISE_C);
    if (!rises) continue;
    return before.findLast(({ celsius }) => celsius >= top - TOP * (top - low.celsius))?.at;
  }
  return undefined;
}
