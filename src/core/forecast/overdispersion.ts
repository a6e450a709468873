import { EARLY, LATE, rangeEdge } from './predictive.ts';

/** Inside the 80 % range lie so many of the roasts. */
const INSIDE = LATE - EARLY;
/** The belief that a gear misses as it should is worth so many roasts. */
const WORTH = 6;

/**
 * How much wider (above 1) or narrower a gear's ranges must be for 80 % to have meant 80 % on it so far. The line is
 * straight in logs and gear is not, and each household is as steady as it is; a few roasts say little yet.
 * @param misses by how many standard deviations each roast on the gear missed its own forecast
 */
export function overdispersionOf(misses: readonly number[], freedom: number): number {
  if (misses.length === 0) return 1;
  const sorted = [...misses].sort((a, b) => a - b);
  // Of n roasts and the next, so many at most may lie further out.
  const within = sorted[Math.min(sorted.length - 1, Math.ceil((sorted.length + 1) * INSIDE) - 1)] as number;
  return (Math.max(within, LEAST) / rangeEdge(freedom)) ** (misses.length / (misses.length + WORTH));
}

const LEAST = 0.2;
