import { sum } from 'd3-array';
import type { Lot, Pack } from '../bean/index.ts';

/** Landed price of green, minor units per kilogram: (beans + carriage) / weight. Source: handbook, section 11. */
export function landedMinorPerKg(priceMinor: number, carriageMinor: number, grams: number): number {
  if (!(grams > 0)) throw new RangeError(`grams must be above 0 g, got ${grams} g`);
  return ((priceMinor + carriageMinor) * 1000) / grams;
}

/** Landed price over the packs whose price is known; undefined when none is. */
export function landedOfPacks(packs: readonly Pack[]): number | undefined {
  const priced = packs.filter((pack) => pack.priceMinor !== undefined);
  if (priced.length === 0) return undefined;
  return landedMinorPerKg(
    sum(priced, (pack) => pack.priceMinor ?? 0),
    sum(priced, (pack) => pack.carriageMinor ?? 0),
    sum(priced, (pack) => pack.grams),
  );
}

/**
 * Landed price of each lot by its id; a blend without a price of its own costs what its parts cost, and has none where that of a part is not
 * known: the rest of it is not free.
 */
export function landedByLot(lots: readonly Pick<Lot, 'id' | 'packs' | 'blendOf'>[]): Map<string, number> {
  const byId = new Map(lots.map((lot) => [lot.id as string, lot]));
  const priceOf = (id: string, within: readonly string[]): number | undefined => {
    const lot = byId.get(id);
    // A blend of itself, which only a spoilt file can hold.
    if (!lot || within.includes(id)) return undefined;
    const own = landedOfPacks(lot.packs);
    if (own !== undefined || !lot.blendOf) return own;
    let price = 0;
    for (const { lotId, share } of lot.blendOf) {
      const part = priceOf(lotId, [...within, id]);
      if (part === undefined) return undefined;
      price += share * part;
    }
    return price;
  };
  const prices = new Map<string, number>();
  for (const { id } of lots) {
    const price = priceOf(id, []);
    if (price !== undefined) prices.set(id, price);
  }
  return prices;
}
