import type { LossEstimate } from './lossEstimate.ts';

/** How an amount is roasted: equal batches of green, and what they give. */
export interface BatchPlan {
  readonly batches: number;
  /** Green for each batch, grams. */
  readonly greenGramsEach: number;
  readonly greenGrams: number;
  readonly roastedGrams: number;
  /** Standard deviation of what all batches give together, grams; losses of batches on one gear go together. */
  readonly roastedSdGrams: number;
}

/**
 * Green needed = roasted / (1 − loss), in as few equal batches as `mostGreenGrams` allows (handbook, section 11).
 * Throws RangeError unless both amounts are above 0 g.
 */
export function planForRoasted(roastedGrams: number, mostGreenGrams: number, loss: LossEstimate): BatchPlan {
  if (!(roastedGrams > 0)) throw new RangeError(`roastedGrams must be above 0 g, got ${roastedGrams} g`);
  return planForGreen(roastedGrams / (1 - loss.meanPercent / 100), mostGreenGrams, loss);
}

/** What a weight of green gives, in as few equal batches as `mostGreenGrams` allows. Throws as `planForRoasted` does. */
export function planForGreen(greenGrams: number, mostGreenGrams: number, loss: LossEstimate): BatchPlan {
  if (!(greenGrams > 0)) throw new RangeError(`greenGrams must be above 0 g, got ${greenGrams} g`);
  if (!(mostGreenGrams > 0)) throw new RangeError(`mostGreenGrams must be above 0 g, got ${mostGreenGrams} g`);
  // A hair over the limit is a rounding of scoops or of the loss, not another batch.
  const batches = Math.max(1, Math.ceil(greenGrams / mostGreenGrams - 1e-9));
  return {
    batches,
    greenGramsEach: greenGrams / batches,
    greenGrams,
    roastedGrams: greenGrams * (1 - loss.meanPercent / 100),
    roastedSdGrams: (greenGrams * loss.sdPercent) / 100,
  };
}

/** Batches that fit into so many minutes on one piece of gear; at least one. */
export function batchesWithin(minutes: number, roastS: number, coolDownMin: number): number {
  let batches = 1;
  while (batchesTakeS(batches + 1, roastS, coolDownMin) <= minutes * 60) batches++;
  return batches;
}

/** How long the batches take one after another on one piece of gear, seconds: roasting, and cooling down in between. */
export function batchesTakeS(batches: number, roastS: number, coolDownMin: number): number {
  return batches * roastS + (batches - 1) * coolDownMin * 60;
}
