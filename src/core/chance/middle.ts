/**
 * The middle of some values, the mean of the two in the middle where they are even; undefined without any. Its own few
 * lines since it is asked at the heat, where a statistics package would weigh more than the screen's whole clock.
 */
export function middleOf(values: readonly number[]): number | undefined {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  const upper = sorted[half];
  if (upper === undefined) return undefined;
  return sorted.length % 2 === 1 ? upper : ((sorted[half - 1] as number) + upper) / 2;
}
