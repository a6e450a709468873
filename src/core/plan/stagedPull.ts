import type { PlannedPart } from '../roast/index.ts';
import { type ShadeNumber, shadeNumbers } from '../shade/index.ts';
import type { LossEstimate } from './lossEstimate.ts';
import { tableLossPercent } from './lossEstimate.ts';

/** One part of a staged pull with what it weighs. */
export interface StagedPart extends PlannedPart {
  readonly greenGrams: number;
  readonly roastedGrams: number;
}

/** Smaller parts than this are too little to brew and judge, grams roasted: a tasting cup of 150 ml at 60 g a litre. */
export const LEAST_PART_GRAMS = 9;

/**
 * The shades for a staged pull of `count` parts (2 to 4) around a wanted shade, lightest first: neighbours on the scale,
 * moved inwards at its ends. Throws RangeError for other counts.
 */
export function stagedShades(wanted: ShadeNumber, count: number): ShadeNumber[] {
  if (!Number.isInteger(count) || count < 2 || count > 4)
    throw new RangeError(`count must be 2 to 4 parts, got ${count}`);
  const first = Math.min(Math.max(wanted - Math.floor(count / 2), 1), shadeNumbers.length - count + 1);
  return shadeNumbers.slice(first - 1, first - 1 + count);
}

/** Equal parts at these shades. */
export function equalParts(shades: readonly ShadeNumber[]): PlannedPart[] {
  return shades.map((shade) => ({ shade, share: 1 / shades.length }));
}

/**
 * What each part of one charge weighs, green and roasted. `loss` is the estimate for `wanted`; each part's own follows the
 * table from there (handbook, section 5).
 */
export function stagedParts(
  greenGrams: number,
  parts: readonly PlannedPart[],
  wanted: ShadeNumber,
  loss: LossEstimate,
): StagedPart[] {
  return parts.map(({ shade, share }) => {
    const lossPercent = loss.meanPercent + tableLossPercent(shade) - tableLossPercent(wanted);
    const green = greenGrams * share;
    return { shade, share, greenGrams: green, roastedGrams: green * (1 - lossPercent / 100) };
  });
}
