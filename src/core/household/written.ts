import { type ShadeNumber, shadeName } from '../shade/index.ts';
import { formatDegrees, formatTemperature, formatWeight } from '../units/index.ts';
import type { Household } from './household.ts';
import { plainHousehold } from './plainHousehold.ts';

/** What decides how amounts, temperatures and shades are written. */
export type WrittenAs = Pick<Household, 'weightUnit' | 'temperatureUnit' | 'shadeNames'>;

/** How a household writes what the core keeps in grams, °C and numbers of shades. */
export interface Written {
  readonly weight: (grams: number) => string;
  readonly temperature: (celsius: number) => string;
  /** A difference of temperatures. */
  readonly degrees: (celsius: number) => string;
  readonly shade: (number: ShadeNumber) => string;
}

/** The way a household writes; the plain one's where none is known. */
export function writtenAs({ weightUnit, temperatureUnit, shadeNames }: WrittenAs = plainHousehold): Written {
  return {
    weight: (grams) => formatWeight(grams, weightUnit),
    temperature: (celsius) => formatTemperature(celsius, temperatureUnit),
    degrees: (celsius) => formatDegrees(celsius, temperatureUnit),
    shade: (number) => shadeName(number, shadeNames),
  };
}
