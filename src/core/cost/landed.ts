import type { Pack } from '../bean/index.ts';

/** Landed price of green, minor units per kilogram: (beans + carriage) / weight. Source: handbook, section 11. */
export function landedMinorPerKg(priceMinor: number, carriageMinor: number, grams: number): number {
  if (!(grams > 0)) throw new RangeError(`grams must be above 0 g, got ${grams} g`);
  return ((priceMinor + carriageMinor) * 1000) / grams;
}

/** Landed price over the packs whose price is known; undefined when none is. */
export function landedOfPacks(packs: readonly Pack[]): number | undefined {
  const priced = packs.filter((pack) => pack.priceMinor !== undefined);
  if (priced.length === 0) return undefined;
  const sum = (of: (pack: Pack) => number) => priced.reduce((total, pack) => total + of(pack), 0);
  return landedMinorPerKg(
    sum((pack) => pack.priceMinor ?? 0),
    sum((pack) => pack.carriageMinor ?? 0),
    sum((pack) => pack.grams),
  );
}

/** What is needed for the cost of roasting at home. Money in minor units. */
export interface HomeCost {
  readonly landedMinorPerKg: number;
  readonly lossPercent: number;
  readonly energyMinorPerKg?: number | undefined;
  /** Share of batches thrown away, 0 to below 1. */
  readonly failedShare?: number | undefined;
}

/**
 * Home cost of a roasted kilogram, minor units: landed / (1 − loss) + energy, over the batches that were not thrown away.
 * Source: handbook, section 11. Throws RangeError for a loss or a share of failures outside 0 to below 100 %.
 */
export function homeMinorPerKg({
  landedMinorPerKg: landed,
  lossPercent,
  energyMinorPerKg = 0,
  failedShare = 0,
}: HomeCost): number {
  if (!(lossPercent >= 0 && lossPercent < 100))
    throw new RangeError(`lossPercent must be from 0 to below 100 %, got ${lossPercent} %`);
  if (!(failedShare >= 0 && failedShare < 1))
    throw new RangeError(`failedShare must be from 0 to below 1, got ${failedShare}`);
  return (landed / (1 - lossPercent / 100) + energyMinorPerKg) / (1 - failedShare);
}

/** Energy for a roasted kilogram, minor units: kW × hours × tariff for one batch over what it gives. */
export function energyMinorPerKg(
  watts: number,
  roastS: number,
  tariffMinorPerKwh: number,
  roastedGrams: number,
): number {
  if (!(roastedGrams > 0)) throw new RangeError(`roastedGrams must be above 0 g, got ${roastedGrams} g`);
  return ((watts / 1000) * (roastS / 3600) * tariffMinorPerKwh * 1000) / roastedGrams;
}

/** When gear has paid for itself. */
export interface Payback {
  readonly kg: number;
  readonly months: number;
}

const DAYS_PER_MONTH = 30.44;

/** Payback of gear at a saving a kilogram and the household's use; undefined when nothing is saved. */
export function payback(priceMinor: number, savingMinorPerKg: number, gramsPerDay: number): Payback | undefined {
  if (!(savingMinorPerKg > 0) || !(gramsPerDay > 0)) return undefined;
  const kg = priceMinor / savingMinorPerKg;
  return { kg, months: (kg * 1000) / gramsPerDay / DAYS_PER_MONTH };
}
