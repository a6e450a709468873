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
