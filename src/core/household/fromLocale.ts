import type { Currency } from '../units/index.ts';
import type { Household, WeekStart } from './household.ts';

type FromLocale = Pick<Household, 'weightUnit' | 'temperatureUnit' | 'currency' | 'weekStart' | 'hourClock'>;

// biome-ignore format: tables, by region (ISO 3166); what is not listed has grams, °C, euros and Mondays
const CURRENCY: Record<string, Currency> = {
  GB: 'GBP', US: 'USD', AU: 'AUD', CA: 'CAD', CH: 'CHF', CZ: 'CZK', DK: 'DKK', JP: 'JPY', NO: 'NOK', NZ: 'NZD', PL: 'PLN', SE: 'SEK',
};
/** Ounces and pounds on kitchen scales, and degrees Fahrenheit. Source: Unicode CLDR, measurement systems. */
const POUNDS = ['US', 'LR', 'MM'];
const FAHRENHEIT = ['US', 'BS', 'BZ', 'KY', 'PW', 'PR', 'GU'];
// biome-ignore format: a table. Source: Unicode CLDR, first day of the week
const SUNDAY = ['US', 'CA', 'JP', 'BR', 'MX', 'IN', 'IL', 'ZA', 'KR', 'TW', 'HK', 'PH', 'TH', 'SG', 'CO', 'PE', 'VE', 'PT', 'ID', 'ET', 'KE', 'PR'];
const SATURDAY = ['EG', 'AE', 'AF', 'DZ', 'BH', 'IQ', 'IR', 'JO', 'KW', 'LY', 'OM', 'QA', 'SD', 'SY'];

/** What a new notebook begins with where the browser is at home: units, money, first day of the week, 12 or 24 hours. */
export function householdFromLocale(language: string): FromLocale {
  const { region = '', hours } = placeOf(language);
  const weekStart: WeekStart = SUNDAY.includes(region) ? 0 : SATURDAY.includes(region) ? 6 : 1;
  return {
    weightUnit: POUNDS.includes(region) ? 'oz' : 'g',
    temperatureUnit: FAHRENHEIT.includes(region) ? 'F' : 'C',
    currency: CURRENCY[region] ?? 'EUR',
    weekStart,
    hourClock: hours,
  };
}

/** A language nobody knows is no reason to stop. */
function placeOf(language: string): { readonly region: string | undefined; readonly hours: '12' | '24' } {
  try {
    const { hour12 } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
    return { region: new Intl.Locale(language).maximize().region, hours: hour12 ? '12' : '24' };
  } catch {
    return { region: undefined, hours: '24' };
  }
}
