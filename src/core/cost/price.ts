import type { Result } from '../issues/index.ts';
import { success } from '../issues/index.ts';
import { type Currency, GRAMS_PER_OUNCE, parseMoney, parseWeight, type WeightUnit } from '../units/index.ts';

/** What prices are a weight of, grams: a pound where scales show ounces, else a kilogram. */
export function priceGrams(unit: WeightUnit): number {
  return unit === 'oz' ? 16 * GRAMS_PER_OUNCE : 1000;
}

/** How that weight is called: "a lb", "a kg". */
export function pricePer(unit: WeightUnit): string {
  return unit === 'oz' ? 'a lb' : 'a kg';
}

/**
 * Understands a price of a pack of any size: `12.50 for 250 g`, `9 / lb`, `£18 a kilo`; money alone is for the household's
 * kilogram or pound. Gives minor units a kilogram, or the issue to show beside the field.
 */
export function parsePrice(text: string, currency: Currency, unit: WeightUnit): Result<number> {
  const [, money = text, pack] = /^(.+?)\s*(?:\bfor\b|\bper\b|\ban?\b|\/)\s*(.+)$/i.exec(text.trim()) ?? [];
  const price = parseMoney(money, currency);
  if (!price.ok) return price;
  if (pack === undefined) return success((price.value * 1000) / priceGrams(unit));
  const grams = parseWeight(/^\D/.test(pack) ? `1 ${pack}` : pack, unit, {
    range: { leastGrams: 1, mostGrams: 100_000 },
  });
  return grams.ok ? success((price.value * 1000) / grams.value) : grams;
}
