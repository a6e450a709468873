import { payback } from './money.ts';

/** One roast as far as money is concerned. */
export interface RoastMoney {
  /** `2026-11` */
  readonly month: string;
  readonly greenGrams: number;
  /** Undefined when it was not weighed: then the usual loss stands in. */
  readonly roastedGrams: number | undefined;
  /** What a kilogram of its green landed at, minor units; undefined when the price is not known. */
  readonly landedMinorPerKg: number | undefined;
  readonly energyMinor: number;
  /** Thrown away: paid for, and nothing to drink. */
  readonly failed: boolean;
}

/** What roasting at home came to so far. Money in minor units. */
export interface MoneySoFar {
  readonly roasts: number;
  readonly failed: number;
  readonly roastedGrams: number;
  readonly drinkableGrams: number;
  readonly costMinor: number;
  readonly shopMinor: number;
  readonly savedMinor: number;
  /** Saved up to the end of each month, oldest first. */
  readonly byMonth: readonly { readonly month: string; readonly savedMinor: number; readonly drinkableGrams: number }[];
  /** The gear's price is saved already, or will be: months from now at the pace so far; undefined while nothing is saved. */
  readonly gear: { readonly priceMinor: number; readonly paidBack: boolean; readonly monthsToGo: number | undefined };
  /** Roasts whose green has no price; they are left out of the money. */
  readonly unpriced: number;
}

const USUAL_LOSS = 0.15;

/**
 * Adds up roasts of known price, oldest first. Source: handbook, section 11; a failed batch costs and saves nothing.
 * @param shopMinorPerKg what a roasted kilogram like one's own costs in a shop
 */
export function moneySoFar(
  roasts: readonly RoastMoney[],
  shopMinorPerKg: number,
  gearPriceMinor: number,
  days: number,
): MoneySoFar {
  const priced = roasts.filter(({ landedMinorPerKg }) => landedMinorPerKg !== undefined);
  let [costMinor, shopMinor, drinkable, roasted] = [0, 0, 0, 0];
  const months = new Map<string, { savedMinor: number; drinkableGrams: number }>();
  for (const each of priced) {
    const out = each.roastedGrams ?? each.greenGrams * (1 - USUAL_LOSS);
    costMinor += (each.greenGrams / 1000) * (each.landedMinorPerKg ?? 0) + each.energyMinor;
    roasted += out;
    if (!each.failed) {
      drinkable += out;
      shopMinor += (out / 1000) * shopMinorPerKg;
    }
    months.set(each.month, { savedMinor: shopMinor - costMinor, drinkableGrams: drinkable });
  }
  const savedMinor = shopMinor - costMinor;
  const perKg = drinkable > 0 ? (savedMinor / drinkable) * 1000 : 0;
  const left = payback(Math.max(0, gearPriceMinor - savedMinor), perKg, days > 0 ? drinkable / days : 0);
  return {
    roasts: roasts.length,
    failed: roasts.filter(({ failed }) => failed).length,
    roastedGrams: roasted,
    drinkableGrams: drinkable,
    costMinor,
    shopMinor,
    savedMinor,
    byMonth: [...months].map(([month, its]) => ({ month, ...its })),
    gear: {
      priceMinor: gearPriceMinor,
      paidBack: savedMinor >= gearPriceMinor,
      monthsToGo: savedMinor >= gearPriceMinor ? 0 : left?.months,
    },
    unpriced: roasts.length - priced.length,
  };
}
