/** Coffee for an amount of water. Source: handbook, section 9: 60 g a litre, 50 to 70. */
export interface Dose {
  readonly waterMl: number;
  readonly grams: number;
}

/** Grams of coffee for a litre between which a cup is not called odd (handbook, section 9). */
export const DOSE_RANGE = { least: 50, most: 70 } as const;
/** Just off the boil, °C. Source: as above. */
export const WATER_C = { least: 92, most: 96 } as const;
/** How long a cup steeps in the handbook's tasting, seconds. */
export const STEEP_S = 240;
/** What is brewed for one tasting cup, ml; a mug to drink from is the household's `mugMl`. */
export const CUP_ML = 150;

/** The dose for some water, grams to a tenth. Throws RangeError unless both are above zero. */
export function doseForWater(waterMl: number, gramsPerLitre: number): Dose {
  if (!(waterMl > 0)) throw new RangeError(`waterMl must be above 0 ml, got ${waterMl} ml`);
  if (!(gramsPerLitre > 0)) throw new RangeError(`gramsPerLitre must be above 0 g, got ${gramsPerLitre} g`);
  return { waterMl, grams: Math.round(waterMl * gramsPerLitre) / 1000 };
}

/** The water that some coffee makes, ml. */
export function waterForGrams(grams: number, gramsPerLitre: number): number {
  if (!(gramsPerLitre > 0)) throw new RangeError(`gramsPerLitre must be above 0 g, got ${gramsPerLitre} g`);
  return (grams * 1000) / gramsPerLitre;
}
