import { max, rollups, sum } from 'd3-array';
import type { Lot } from '../bean/index.ts';

/** A roast to come: so many batches on a day. */
interface RoastAhead {
  readonly day: number;
  readonly batches: number;
}

/** What is left of some beans, grams. */
interface GreenLeft {
  readonly lotId: Lot['id'];
  readonly leftGrams: number;
}

/** One batch of a roast to come. */
export interface BatchAhead {
  readonly lotId: Lot['id'];
  readonly greenGrams: number;
}

/** What the roasts ahead take of the larder. */
interface GreenAhead {
  readonly batches: number;
  readonly needGrams: number;
  /** What is missing, and the day of the first roast that it is missing for; undefined where there is enough. */
  readonly short: { readonly grams: number; readonly day: number } | undefined;
}

/** What is left of some beans makes a last, smaller batch from this share of the usual one on. Ours. */
const LEAST_SHARE = 2 / 3;

/** So much of `leftGrams` is left over when whole batches are taken of it. */
function wholeBatches(leftGrams: number, batchGrams: number): { readonly count: number; readonly restGrams: number } {
  const count = Math.max(0, Math.floor(leftGrams / batchGrams + 1e-9));
  return { count, restGrams: Math.max(0, leftGrams - count * batchGrams) };
}

/**
 * Which beans the batches of the roasts ahead are of, roast by roast: whole batches of the first beans as long as they last, what is
 * left of them as a smaller one, then the next beans. A roast has fewer batches than it asks for where no beans are left.
 * @param batchGrams green of one batch
 * @param lots in the order in which they are taken
 */
export function beansAhead(
  roasts: readonly Pick<RoastAhead, 'batches'>[],
  batchGrams: number,
  lots: readonly GreenLeft[],
): readonly (readonly BatchAhead[])[] {
  const all = lots.flatMap(({ lotId, leftGrams }) => {
    const { count, restGrams } = wholeBatches(leftGrams, batchGrams);
    const batches = Array.from({ length: count }, () => ({ lotId, greenGrams: batchGrams }));
    return restGrams >= LEAST_SHARE * batchGrams ? [...batches, { lotId, greenGrams: restGrams }] : batches;
  });
  return roasts.map(({ batches }, i) => {
    const before = sum(roasts.slice(0, i), (roast) => roast.batches);
    return all.slice(before, before + batches);
  });
}

/** What the batches of a roast give roasted, grams, where a whole batch gives `roastedGrams`; those that lack green count as whole. */
export function givenAhead(
  batches: readonly BatchAhead[],
  wanted: number,
  usual: { readonly greenGrams: number; readonly roastedGrams: number },
): number {
  const whole = sum(batches, ({ greenGrams }) => greenGrams) / usual.greenGrams + wanted - batches.length;
  return whole * usual.roastedGrams;
}

/** How many batches of each beans, in their order. */
export function countsOfBeans(batches: readonly BatchAhead[]): readonly (readonly [Lot['id'], number])[] {
  return rollups(
    batches,
    (some) => some.length,
    ({ lotId }) => lotId,
  );
}

/**
 * Whether the green lasts for the roasts ahead, in their order, batch by batch: what is left of several beans makes none together. What is
 * missing is counted as more of the beans of which most is left over.
 */
export function greenAhead(roasts: readonly RoastAhead[], batchGrams: number, lots: readonly GreenLeft[]): GreenAhead {
  const beans = beansAhead(roasts, batchGrams, lots);
  const batches = sum(roasts, (roast) => roast.batches);
  const lacking = batches - sum(beans, ({ length }) => length);
  const day = roasts.find((roast, i) => (beans[i]?.length ?? 0) < roast.batches)?.day;
  const over = max(lots, ({ leftGrams }) => {
    const { restGrams } = wholeBatches(leftGrams, batchGrams);
    return restGrams >= LEAST_SHARE * batchGrams ? 0 : restGrams;
  });
  return {
    batches,
    needGrams: sum(beans.flat(), ({ greenGrams }) => greenGrams) + lacking * batchGrams,
    short: day === undefined ? undefined : { grams: lacking * batchGrams - (over ?? 0), day },
  };
}
