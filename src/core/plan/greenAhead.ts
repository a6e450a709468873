import { cumsum, max, min, rollup, rollups, sum } from 'd3-array';
import type { Lot } from '../bean/index.ts';

/** A roast to come: so many batches on a day, besides those that are on its list already. */
interface RoastAhead {
  readonly day: number;
  readonly batches: number;
  readonly listed?: readonly BatchAhead[];
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
  /** Those that are on the lists and those to come. */
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

/** What is left once the batches on the lists are roasted; below 0 where they take more than there is. */
function leftAfterListed(
  roasts: readonly Pick<RoastAhead, 'listed'>[],
  lots: readonly GreenLeft[],
): readonly GreenLeft[] {
  const listed = rollup(
    roasts.flatMap(({ listed = [] }) => listed),
    (batches) => sum(batches, ({ greenGrams }) => greenGrams),
    ({ lotId }) => lotId,
  );
  return lots.map(({ lotId, leftGrams }) => ({ lotId, leftGrams: leftGrams - (listed.get(lotId) ?? 0) }));
}

/**
 * Which beans the batches of the roasts ahead are of, roast by roast, besides those that are on the lists already: whole batches of the
 * first beans as long as they last, what is left of them as a smaller one, then the next beans. A roast has fewer batches than it asks
 * for where no beans are left.
 * @param batchGrams green of one batch
 * @param lots in the order in which they are taken
 */
export function beansAhead(
  roasts: readonly Omit<RoastAhead, 'day'>[],
  batchGrams: number,
  lots: readonly GreenLeft[],
): readonly (readonly BatchAhead[])[] {
  const all = leftAfterListed(roasts, lots).flatMap(({ lotId, leftGrams }) => {
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
 * missing is counted as more of the beans of which most is left over, and what the lists take of beans beyond what is left of them.
 */
export function greenAhead(roasts: readonly RoastAhead[], batchGrams: number, lots: readonly GreenLeft[]): GreenAhead {
  const beans = beansAhead(roasts, batchGrams, lots);
  const onLists = roasts.flatMap(({ day, listed = [] }) => listed.map((batch) => ({ day, ...batch })));
  const batches = sum(roasts, (roast) => roast.batches);
  const lacking = batches - sum(beans, ({ length }) => length);
  const left = leftAfterListed(roasts, lots);
  const over =
    max(left, ({ leftGrams }) => {
      const { restGrams } = wholeBatches(leftGrams, batchGrams);
      return restGrams >= LEAST_SHARE * batchGrams ? 0 : restGrams;
    }) ?? 0;
  const overdrawn = sum(left, ({ leftGrams }) => Math.max(0, -leftGrams));
  const lists = lots.map(({ lotId, leftGrams }) => firstBeyond(onLists, lotId, leftGrams));
  const lackingDay = roasts.find((roast, i) => (beans[i]?.length ?? 0) < roast.batches)?.day;
  const day = min([lackingDay, ...lists].flatMap((each) => each ?? []));
  return {
    batches: batches + onLists.length,
    needGrams: sum([...onLists, ...beans.flat()], ({ greenGrams }) => greenGrams) + lacking * batchGrams,
    short: day === undefined ? undefined : { grams: Math.max(0, lacking * batchGrams - over) + overdrawn, day },
  };
}

/** The day of the first batch on the lists that there is not enough of its beans for. */
function firstBeyond(
  onLists: readonly (BatchAhead & { readonly day: number })[],
  lotId: Lot['id'],
  leftGrams: number,
): number | undefined {
  const own = onLists.filter((batch) => batch.lotId === lotId);
  const taken = cumsum(own, ({ greenGrams }) => greenGrams);
  // A hair over is a rounding.
  return own.find((_, i) => (taken[i] ?? 0) > leftGrams + 0.1)?.day;
}
