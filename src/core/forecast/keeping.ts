import type { PastRoast } from './features.ts';
import { overdispersionOf } from './overdispersion.ts';
import { meantPullS } from './pullAt.ts';

/** How far a hand is off the moment that a rule names, before any roast: a standard deviation, seconds. Ours. */
const HAND_S = 8;

/**
 * How far off its rule's moment this household pulls, as a standard deviation in seconds: late and early alike, since a
 * plan that was moved to meet a late hand would be met late again.
 * @param freedom the tails that the range is drawn with
 */
export function keepingS(past: readonly PastRoast[], freedom: number): number {
  const misses = past.flatMap(({ rule, reached }) => {
    const meantS = meantPullS(rule, reached);
    const miss = Math.abs((reached.pull ?? Number.NaN) - (meantS ?? Number.NaN)) / HAND_S;
    return Number.isFinite(miss) ? [miss] : [];
  });
  return HAND_S * overdispersionOf(misses, freedom);
}
