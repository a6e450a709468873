import { failure, type Result, success } from '../issues/index.ts';
import { parseNumber } from './parseNumber.ts';

/** Currencies a household can reckon in (ISO 4217); one for everything. On users' disks: never rename one alone. */
export const currencies = [
  'EUR',
  'GBP',
  'USD',
  'AUD',
  'CAD',
  'CHF',
  'CZK',
  'DKK',
  'JPY',
  'NOK',
  'NZD',
  'PLN',
  'SEK',
] as const;
/** One of `currencies`. */
export type Currency = (typeof currencies)[number];

/** How many minor units make one of the currency: 100 pence to the pound, 1 for the yen. */
export function minorPerUnit(currency: Currency): number {
  const { maximumFractionDigits = 2 } = formatter(currency).resolvedOptions();
  return 10 ** maximumFractionDigits;
}

/** Writes minor units as money: `£12.50`. Fractions of a minor unit are rounded. */
export function formatMoney(minor: number, currency: Currency): string {
  return formatter(currency).format(minor / minorPerUnit(currency));
}

/** The number alone, for a field that says its currency: `12.50`. */
export function moneyFieldText(minor: number, currency: Currency): string {
  const perUnit = minorPerUnit(currency);
  return (minor / perUnit).toFixed(Math.round(Math.log10(perUnit)));
}

/**
 * Understands an amount of money: `12.50`, `12,50`, with or without the sign or code of the currency in front or behind.
 * Gives whole minor units, or the issue to show beside the field. Below zero is refused.
 */
export function parseMoney(text: string, currency: Currency): Result<number> {
  const example = moneyFieldText(1250 / (100 / minorPerUnit(currency)), currency);
  // "30p", "12 ct": the small coin.
  const minor = /^([\d.,]+)\s*(?:p|pence|c|ct|cts|cents?|¢|øre|öre|rp|gr|hal)\.?$/i.exec(text.trim());
  if (minor && minorPerUnit(currency) > 1) {
    const coins = parseNumber(minor[1] ?? '', example);
    return coins.ok ? parseMoney(String(coins.value / minorPerUnit(currency)), currency) : coins;
  }
  const bare = text
    .trim()
    .replace(/^[^\d.,-]+|[^\d.,]+$/g, '')
    .trim();
  if (text.trim() === '') return failure({ code: 'empty', path: [], expected: `an amount such as ${example}` });
  const parsed = parseNumber(bare === '' ? text : bare, example);
  if (!parsed.ok) return parsed;
  if (parsed.value >= 0 && parsed.value <= MOST) return success(Math.round(parsed.value * minorPerUnit(currency)));
  const [value, least, most] = [parsed.value, 0, MOST].map((each) =>
    formatMoney(each * minorPerUnit(currency), currency),
  );
  return failure({ code: 'outOfRange', path: [], value: value ?? '', least: least ?? '', most: most ?? '' });
}

/** More than this is a slip of the finger, whole units. */
const MOST = 100_000;

const formatters = new Map<Currency, Intl.NumberFormat>();
function formatter(currency: Currency): Intl.NumberFormat {
  let made = formatters.get(currency);
  if (!made) {
    made = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
    formatters.set(currency, made);
  }
  return made;
}
