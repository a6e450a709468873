import type { Household } from './household.ts';

/** Roasted coffee for one mug as this household brews, grams. */
export function mugGrams({ mugMl, gramsPerLitre }: Pick<Household, 'mugMl' | 'gramsPerLitre'>): number {
  return (mugMl / 1000) * gramsPerLitre;
}

/** So many mugs are in a weight of roasted coffee, to the nearest. */
export function mugsIn(roastedGrams: number, household: Pick<Household, 'mugMl' | 'gramsPerLitre'>): number {
  return Math.round(roastedGrams / mugGrams(household));
}

/** Roasted coffee that the whole household uses a day, grams. */
export function gramsADay({ people, gramsPerPersonDay }: Pick<Household, 'people' | 'gramsPerPersonDay'>): number {
  return people * gramsPerPersonDay;
}
