import type { MoneySoFar } from './soFar.ts';

/** How far a piece of gear has paid for itself. Money in minor units. */
export interface Payback {
  readonly priceMinor: number;
  /** What the roasts on it saved; below 0 when they cost more than the shop. */
  readonly savedMinor: number;
  readonly paidBack: boolean;
  /** Roasted kilograms to go at what one saves; undefined while nothing is saved. */
  readonly kgToGo: number | undefined;
  /** Months to go at the pace so far; undefined while nothing is saved, or while the pace is not known. */
  readonly monthsToGo: number | undefined;
}

const DAYS_PER_MONTH = 30.44;
/** A pace is not known from fewer roasts, nor from fewer days. */
const PACE = { roasts: 3, days: 28 };

/**
 * Payback of a piece of gear by the roasts on it. Source: handbook, section 11.
 * @param onIt what the roasts on it came to
 * @param all what every roast came to: it says what a kilogram saves while nothing was roasted on this piece
 * @param days since the first roast on it
 */
export function payback(priceMinor: number, onIt: MoneySoFar, all: MoneySoFar, days: number): Payback {
  const { savedMinor, drinkableGrams } = onIt.drinkableGrams > 0 ? onIt : all;
  const savedPerKg = drinkableGrams > 0 ? (savedMinor / drinkableGrams) * 1000 : 0;
  const leftMinor = Math.max(0, priceMinor - onIt.savedMinor);
  const kgToGo = savedPerKg > 0 ? leftMinor / savedPerKg : undefined;
  const paced = onIt.roasts >= PACE.roasts && days >= PACE.days && onIt.drinkableGrams > 0;
  return {
    priceMinor,
    savedMinor: onIt.savedMinor,
    paidBack: leftMinor === 0,
    kgToGo,
    monthsToGo:
      paced && kgToGo !== undefined ? (kgToGo * 1000) / (onIt.drinkableGrams / days) / DAYS_PER_MONTH : undefined,
  };
}
