export { capital } from './capital.ts';
export { formatClock, formatSpan, parseClock } from './clock.ts';
export { counted } from './counted.ts';
export type { DecimalMark } from './decimalMark.ts';
export { DAY_MS, HOUR_MS, MINUTE_MS } from './durations.ts';
export { localDay, localTime } from './localDay.ts';
export { formatMegabytes } from './megabytes.ts';
export { type Currency, currencies, formatMoney, minorPerUnit, moneyFieldText, parseMoney } from './money.ts';
export { parseDay } from './parseDay.ts';
export { parseNumber } from './parseNumber.ts';
export {
  formatDegrees,
  formatTemperature,
  fromCelsius,
  parseTemperature,
  type TemperatureUnit,
  temperatureUnits,
  toCelsius,
} from './temperature.ts';
export {
  formatWeight,
  GRAMS_PER_OUNCE,
  parseWeight,
  type WeightUnit,
  weightFieldText,
  weightUnits,
} from './weight.ts';
