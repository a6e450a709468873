import { gramsPerMlOf } from './density.ts';
import type { Lot } from './lot.ts';
import { traitsOf } from './processTraits.ts';

/** Beans that differ by more than this roast apart in one batch, g/ml; half the handbook's whole spread of 0.62-0.78. */
const DENSITIES_APART = 0.08;

/** What mixing lots before roasting risks, one sentence each; none when they go together. */
export function blendWarnings(parts: readonly Lot[]): string[] {
  const warnings: string[] = [];
  const densities = parts.map(gramsPerMlOf);
  const [least, most] = [Math.min(...densities), Math.max(...densities)];
  const known = parts.every((lot) => lot.gramsPerMl !== undefined || lot.densityClass !== undefined);
  if (known && most - least > DENSITIES_APART)
    warnings.push(
      `Their densities differ, ${least.toFixed(2)} against ${most.toFixed(2)} g/ml: the lighter beans run ahead. Roast them apart and blend afterwards, or pull lighter.`,
    );
  const early = parts.filter((lot) => traitsOf(lot.process).gentle);
  if (early.length > 0 && early.length < parts.length)
    warnings.push(
      `${early.map((lot) => lot.name).join(' and ')} will colour before the rest, as naturals and decafs do: go by the darkest beans.`,
    );
  return warnings;
}

/** The share-weighted mean of a figure that every part has; undefined when one lacks it. */
export function blendMean(
  parts: readonly { readonly share: number; readonly value: number | undefined }[],
): number | undefined {
  let [sum, weight] = [0, 0];
  for (const { share, value } of parts) {
    if (value === undefined) return undefined;
    sum += share * value;
    weight += share;
  }
  return weight > 0 ? sum / weight : undefined;
}
