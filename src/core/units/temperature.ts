import { failure, type Result, success } from '../issues/index.ts';
import { parseNumber } from './parseNumber.ts';

/** The units of temperature. */
export const temperatureUnits = ['C', 'F'] as const;
/** One of `temperatureUnits`. */
export type TemperatureUnit = (typeof temperatureUnits)[number];

/** Degrees Celsius from a figure in `unit`. */
export function toCelsius(value: number, unit: TemperatureUnit): number {
  return unit === 'F' ? ((value - 32) * 5) / 9 : value;
}

/** A figure in `unit` from degrees Celsius. */
export function fromCelsius(celsius: number, unit: TemperatureUnit): number {
  return unit === 'F' ? (celsius * 9) / 5 + 32 : celsius;
}

/** Writes a temperature in whole degrees of the household's unit: `186 °C`. */
export function formatTemperature(celsius: number, unit: TemperatureUnit): string {
  return `${Math.round(fromCelsius(celsius, unit))} °${unit}`;
}

/** Writes a difference of temperatures, which has no zero to shift: `6 °C`, `11 °F`. */
export function formatDegrees(celsius: number, unit: TemperatureUnit): string {
  return `${Math.round(unit === 'F' ? (celsius * 9) / 5 : celsius)} °${unit}`;
}

/**
 * Understands a temperature: a number alone is in `unit`; `9`, `9 °C`, `48F` and `-3` are fine. Gives °C inside
 * `least` to `most` (°C too), or the issue to show beside the field.
 */
export function parseTemperature(
  text: string,
  unit: TemperatureUnit,
  range: { readonly least: number; readonly most: number },
): Result<number> {
  const example = unit === 'C' ? '18 °C' : '64 °F';
  if (text.trim() === '') return failure({ code: 'empty', path: [], expected: `a temperature such as ${example}` });
  const parts = /^(.*?)\s*(?:°|deg(?:rees)?)?\s*([cf])?$/i.exec(text.trim().replace('−', '-'));
  const parsed = parseNumber(parts?.[1] ?? text, example);
  if (!parsed.ok) return parsed;
  const named = (parts?.[2]?.toUpperCase() as TemperatureUnit | undefined) ?? unit;
  const celsius = toCelsius(parsed.value, named);
  if (celsius >= range.least && celsius <= range.most) return success(celsius);
  const [value, least, most] = [celsius, range.least, range.most].map((each) => formatTemperature(each, named));
  return failure({ code: 'outOfRange', path: [], value: value ?? '', least: least ?? '', most: most ?? '' });
}
