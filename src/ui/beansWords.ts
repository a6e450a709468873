import { type BatchAhead, countsOfBeans } from '@/core/plan';
import { capital } from '@/core/units';

/** What the batches of a day are of, and for how many of those wanted there is no green: "One of Old Ferry, 5 of Three Herons." */
export function beansWords(
  batches: readonly BatchAhead[],
  wanted: number,
  nameOf: (lotId: BatchAhead['lotId']) => string,
): string {
  const parts = countsOfBeans(batches).map(([lotId, count]) => `${count === 1 ? 'one' : count} of ${nameOf(lotId)}`);
  const lacking = wanted - batches.length;
  const missing = `Green for ${lacking === 1 ? 'one' : lacking} ${parts.length > 0 ? 'more' : lacking === 1 ? 'batch' : 'batches'} is missing.`;
  return [...(parts.length > 0 ? [`${capital(parts.join(', '))}.`] : []), ...(lacking > 0 ? [missing] : [])].join(' ');
}
