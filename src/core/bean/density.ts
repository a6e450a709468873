import { type ShadeNumber, shadeNumbers } from '../shade/index.ts';
import type { WeightUnit } from '../units/index.ts';
import type { DensityClass } from './beanKinds.ts';
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

/** Roasted beans, g/ml: light and dark. Source: handbook, section 4; between them by the shade's number. */
const ROASTED_GRAMS_PER_ML = { light: 0.42, dark: 0.33 } as const;

/** g/ml of roasted beans of a shade: the darker, the lighter in weight. */
export function roastedGramsPerMl(shade: ShadeNumber): number {
  const { light, dark } = ROASTED_GRAMS_PER_ML;
  return light + ((shade - 1) / (shadeNumbers.length - 1)) * (dark - light);
}

/** Volumes of kitchen measures, level, ml: handbook, section 14; a coffee scoop is two tablespoons by common usage. */
const ML = { cup: { g: 250, oz: 237 }, tablespoon: 15, teaspoon: 5, usualScoop: 30 } as const;

/** What a scoop holds where none was weighed, grams of green. */
function usualScoopGrams(lot: Density): number {
  return ML.usualScoop * gramsPerMlOf(lot);
}

/**
 * What kitchen measures of a lot weigh, grams each, for `parseWeight`: by its density green, or roasted to `shade`;
 * scoops as one was weighed, else as two tablespoons. A household in ounces has American cups, one in grams metric ones.
 */
export function measuresOf(
  lot: Density & Pick<Lot, 'scoopGrams'>,
  unit: WeightUnit,
  shade?: ShadeNumber,
): Record<string, number> {
  const perMl = shade ? roastedGramsPerMl(shade) : gramsPerMlOf(lot);
  const tablespoon = ML.tablespoon * perMl;
  // A scoop was weighed with green beans; as much room holds less of the roasted ones.
  const scoop = (lot.scoopGrams ?? usualScoopGrams(lot)) * (perMl / gramsPerMlOf(lot));
  return {
    cup: ML.cup[unit] * perMl,
    tablespoon,
    tbsp: tablespoon,
    tbs: tablespoon,
    spoon: tablespoon,
    teaspoon: ML.teaspoon * perMl,
    tsp: ML.teaspoon * perMl,
    scoop,
    ml: perMl,
    l: 1000 * perMl,
    litre: 1000 * perMl,
    liter: 1000 * perMl,
  };
}
