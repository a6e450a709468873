/** What the batches of a day are of, where that is more than one thing or not all there is green for: "One of Old Ferry, 5 of Three Herons." */
export function beansWords(
  counts: readonly (readonly [string, number])[],
  lacking: number,
  nameOf: (lotId: string) => string,
): string {
  const parts = counts.map(([lotId, batches]) => `${batches === 1 ? 'one' : batches} of ${nameOf(lotId)}`).join(', ');
  const missing = lacking <= 0 ? '' : ` Green for ${lacking === 1 ? 'one more' : `${lacking} more`} is missing.`;
  return `${parts.charAt(0).toUpperCase()}${parts.slice(1)}${parts && '.'}${missing}`.trim();
}
