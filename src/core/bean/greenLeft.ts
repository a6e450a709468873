import type { Lot } from './lot.ts';

/**
 * Green left of a lot: bought less what its roasts took, grams. May be negative, which means that a pack or a
 * weighing is missing from the record; it is shown, not hidden.
 */
export function greenLeft(lot: Pick<Lot, 'boughtGrams'>, roastsGreenGrams: readonly number[]): number {
  return roastsGreenGrams.reduce((left, grams) => left - grams, lot.boughtGrams);
}
