import type { ProbeOpinion } from '../forecast/index.ts';
import { USUAL_FIRST_CRACK_C } from './firstCrackC.ts';
import { type Reading, rateOfRise } from './rateOfRise.ts';

/** Below this the curve still bends too much to be drawn out to first crack, °C before it. */
const FROM_C_BEFORE = 60;
const LEAST_RATE_PER_MIN = 2;
/** The rate falls on the way; over the degrees that are left it is so much of what it is now. Common roasting knowledge. */
const RATE_HOLDS = 0.86;

/**
 * What a probe says of the time left to first crack: the degrees that are left over the rate of rise. The nearer, the
 * surer; surer, too, where the gear's own reading at first crack is known. Undefined while it has nothing to say.
 */
export function probeOpinion(
  readings: readonly Reading[],
  ownC: number | undefined,
  nowS: number,
): ProbeOpinion | undefined {
  const rate = rateOfRise(readings, nowS);
  const last = readings.reduce<Reading | undefined>((a, b) => (b.at <= nowS && (!a || b.at > a.at) ? b : a), undefined);
  if (rate === undefined || rate < LEAST_RATE_PER_MIN || !last) return undefined;
  const leftC = (ownC ?? USUAL_FIRST_CRACK_C) - last.celsius;
  if (leftC > FROM_C_BEFORE || leftC < -10) return undefined;
  const leftS = Math.max(2, (Math.max(leftC, 0.5) / (rate * RATE_HOLDS)) * 60 - (nowS - last.at));
  const errorC = ownC === undefined ? 9 : 2.5;
  const sd = Math.hypot(0.12, errorC / Math.max(leftC, 4));
  return { mean: Math.log(leftS), sd: Math.min(sd, 1), freedom: 10 };
}
