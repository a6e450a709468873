import type { DensityClass } from './kinds.ts';
import type { Lot } from './lot.ts';

/** Green beans, g/ml. Source: handbook, section 4: about 0.70, from 0.62 to 0.78; the bounds of the classes are ours. */
export const USUAL_GRAMS_PER_ML = 0.7;
const LIGHT_BELOW = 0.66;
const DENSE_FROM = 0.74;
const MIDDLE = { light: 0.64, medium: USUAL_GRAMS_PER_ML, dense: 0.76 } as const satisfies Record<DensityClass, number>;

type Density = Pick<Lot, 'gramsPerMl' | 'densityClass'>;

/** How dense a lot is: by its weighed volume, else as the seller says; undefined when neither is known. */
export function densityOf({ gramsPerMl, densityClass }: Density): DensityClass | undefined {
  if (gramsPerMl === undefined) return densityClass;
  if (gramsPerMl < LIGHT_BELOW) return 'light';
  return gramsPerMl >= DENSE_FROM ? 'dense' : 'medium';
}

/** g/ml: weighed, else the middle of the class, else the usual one. */
export function gramsPerMlOf(lot: Density): number {
  return lot.gramsPerMl ?? MIDDLE[lot.densityClass ?? 'medium'];
}

/** Volumes of kitchen measures, ml: a cup as the tasting mug of the handbook's section 9, spoons level. */
const CUP_ML = 240;
const SPOON_ML = 15;

/**
 * What the household's measures of a lot weigh, grams each, for `parseWeight`: cups and spoons by its density, scoops
 * where one was weighed.
 */
export function measuresOf(lot: Density & Pick<Lot, 'scoopGrams'>): Record<string, number> {
  const perMl = gramsPerMlOf(lot);
  return { cup: CUP_ML * perMl, spoon: SPOON_ML * perMl, ...(lot.scoopGrams ? { scoop: lot.scoopGrams } : {}) };
}
