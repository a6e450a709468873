import { sum } from 'd3-array';

/** One roast as far as money is concerned. */
export interface RoastMoney {
  readonly gearId: string;
  /** `2026-11` */
  readonly month: string;
  readonly greenGrams: number;
  /** As weighed, else by the usual loss (core/record, `partsOf`). */
  readonly roastedGrams: number;
  /** What a kilogram of its green landed at, minor units; undefined when the price is not known. */
  readonly landedMinorPerKg: number | undefined;
  readonly energyMinor: number;
  /** Thrown away, 0 to 1: paid for, and nothing to drink. */
  readonly thrownShare: number;
}

/** What roasting at home came to so far. Money in minor units. */
export interface MoneySoFar {
  readonly roasts: number;
  /** Roasts of which nothing was left to drink. */
  readonly failed: number;
  readonly roastedGrams: number;
  readonly drinkableGrams: number;
  readonly costMinor: number;
  readonly shopMinor: number;
  readonly savedMinor: number;
  /** Saved up to the end of each month, oldest first. */
  readonly byMonth: readonly { readonly month: string; readonly savedMinor: number; readonly drinkableGrams: number }[];
  /** Roasts whose green has no price; they are left out of the money. */
  readonly unpriced: number;
}

/**
 * Adds up roasts of known price, oldest first. Source: handbook, section 11; what was thrown away costs and saves nothing.
 * @param shopMinorPerKg what a roasted kilogram like one's own costs in a shop
 */
export function moneySoFar(roasts: readonly RoastMoney[], shopMinorPerKg: number): MoneySoFar {
  const priced = roasts.filter(({ landedMinorPerKg }) => landedMinorPerKg !== undefined);
  let [costMinor, drinkableGrams] = [0, 0];
  const months = new Map<string, { savedMinor: number; drinkableGrams: number }>();
  const shop = () => (drinkableGrams / 1000) * shopMinorPerKg;
  for (const each of priced) {
    costMinor += (each.greenGrams / 1000) * (each.landedMinorPerKg ?? 0) + each.energyMinor;
    drinkableGrams += each.roastedGrams * (1 - each.thrownShare);
    months.set(each.month, { savedMinor: shop() - costMinor, drinkableGrams });
  }
  return {
    roasts: roasts.length,
    failed: roasts.filter(({ thrownShare }) => thrownShare === 1).length,
    roastedGrams: sum(priced, ({ roastedGrams }) => roastedGrams),
    drinkableGrams,
    costMinor,
    shopMinor: shop(),
    savedMinor: shop() - costMinor,
    byMonth: [...months].map(([month, its]) => ({ month, ...its })),
    unpriced: roasts.length - priced.length,
  };
}
