import { rollups, sum } from 'd3-array';
import type { Lot } from '../bean/index.ts';

/** One batch of a roast to come. */
export interface BatchAhead {
  readonly lotId: Lot['id'];
  readonly greenGrams: number;
}

/** What is left of some beans makes a last, smaller batch from this share of the usual one on. Ours. */
const LEAST_SHARE = 2 / 3;

/**
 * Which beans the batches of the roasts ahead are of, roast by roast: whole batches of the first beans as long as they last, a smaller
 * one of what is left of them, then the next beans. A roast has fewer batches than it asks for where no beans are left.
 * @param batchGrams green of one batch
 * @param lots in the order in which they are taken
 */
export function beansAhead(
  roasts: readonly { readonly batches: number }[],
  batchGrams: number,
  lots: readonly { readonly lotId: Lot['id']; readonly leftGrams: number }[],
): readonly (readonly BatchAhead[])[] {
  const all = lots.flatMap(({ lotId, leftGrams }) => {
    const whole = Math.max(0, Math.floor(leftGrams / batchGrams + 1e-9));
    const rest = leftGrams - whole * batchGrams;
    const batches = Array.from({ length: whole }, () => ({ lotId, greenGrams: batchGrams }));
    return rest >= LEAST_SHARE * batchGrams ? [...batches, { lotId, greenGrams: rest }] : batches;
  });
  return roasts.map(({ batches }, i) => {
    const before = sum(roasts.slice(0, i), (roast) => roast.batches);
    return all.slice(before, before + batches);
  });
}

/** The same by beans: how many batches of each, in their order. */
export function countsOfBeans(batches: readonly BatchAhead[]): readonly (readonly [Lot['id'], number])[] {
  return rollups(
    batches,
    (some) => some.length,
    ({ lotId }) => lotId,
  );
}
