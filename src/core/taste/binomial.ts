/** Probability of `right` or more out of `n` by chance alone, each with probability `chance`. Exact sum of the binomial. */
export function binomialTail(n: number, right: number, chance: number): number {
  if (!Number.isInteger(n) || n < 0) throw new RangeError(`n must be a whole number from 0, got ${n}`);
  if (!(chance >= 0 && chance <= 1)) throw new RangeError(`chance must be from 0 to 1, got ${chance}`);
  let sum = 0;
  for (let k = Math.max(0, Math.ceil(right)); k <= n; k++) sum += binomial(n, k, chance);
  return Math.min(1, sum);
}

/** Two-sided exact test of an even split: probability of a split as uneven as this or more. */
export function evenSplitP(n: number, forA: number): number {
  const more = Math.max(forA, n - forA);
  return n === 0 ? 1 : Math.min(1, 2 * binomialTail(n, more, 0.5));
}

function binomial(n: number, k: number, p: number): number {
  if (p === 0) return k === 0 ? 1 : 0;
  if (p === 1) return k === n ? 1 : 0;
  let log = k * Math.log(p) + (n - k) * Math.log(1 - p);
  for (let i = 0; i < k; i++) log += Math.log((n - i) / (k - i));
  return Math.exp(log);
}

/** What counts as shown: one in twenty by chance. */
export const SHOWN_P = 0.05;

/** The fewest right answers of `n` that are unlikely to be chance; undefined when even all of them would not do. */
export function fewestRight(n: number, chance: number): number | undefined {
  for (let right = 0; right <= n; right++) if (binomialTail(n, right, chance) <= SHOWN_P) return right;
  return undefined;
}

/** Chance that `n` tries show a difference that people notice with probability `noticed` (then they are right; else they guess). */
export function trianglePower(n: number, noticed: number): number {
  const needed = fewestRight(n, 1 / 3);
  return needed === undefined ? 0 : binomialTail(n, needed, noticed + (1 - noticed) / 3);
}

/** Chance that `n` tastings show a preference that a share `likes` of tastings have. */
export function preferencePower(n: number, likes: number): number {
  let power = 0;
  for (let a = 0; a <= n; a++) if (evenSplitP(n, a) <= SHOWN_P) power += binomial(n, a, likes);
  return Math.min(1, power);
}

/** How many more tastings would do if they went on as now, up to 60 in all; undefined when none would. */
export function moreNeeded(n: number, right: number, chance: number): number | undefined {
  for (let more = 1; n + more <= 60; more++) {
    const expected = Math.floor((right / Math.max(n, 1)) * (n + more));
    if (binomialTail(n + more, expected, chance) <= SHOWN_P) return more;
  }
  return undefined;
}
