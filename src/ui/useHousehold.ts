import { useSyncExternalStore } from 'react';
import { priceGrams, pricePer } from '@/core/cost';
import { type Household, plainHousehold } from '@/core/household';
import { type ShadeNumber, shadeName, shadeNumbers } from '@/core/shade';
import { formatDegrees, formatMoney, formatTemperature, formatWeight, weightFieldText } from '@/core/units';
import { currentHousehold, onHousehold } from '@/store/householdNow';
import { fullDate, shortDay, timeOfDay } from './dates';

/** The household's settings, live; the plain ones until they are read. */
export function useHousehold(): Household {
  return useSyncExternalStore(onHousehold, currentHousehold, () => plainHousehold);
}

/** Writes amounts, temperatures, money and shades as this household wants them. */
export function useWords() {
  const { weightUnit, temperatureUnit, currency, shadeNames, hourClock } = useHousehold();
  return {
    weightUnit,
    temperatureUnit,
    currency,
    weight: (grams: number) => formatWeight(grams, weightUnit),
    /** A weight as the scale showed it, to a tenth of a gram. */
    measured: (grams: number) => `${weightFieldText(grams, weightUnit)} ${weightUnit}`,
    temperature: (celsius: number) => formatTemperature(celsius, temperatureUnit),
    degrees: (celsius: number) => formatDegrees(celsius, temperatureUnit),
    money: (minor: number) => formatMoney(minor, currency),
    /** A price as this household reckons it: "€15.80 a kg", "$7.17 a lb". */
    price: (minorPerKg: number) =>
      `${formatMoney((minorPerKg * priceGrams(weightUnit)) / 1000, currency)} ${pricePer(weightUnit)}`,
    /** A day gone by, short: `21 Nov`, and with its weekday within the week. */
    dayOf: (at: number) => shortDay(at),
    /** A time of the day. */
    time: (at: Date | number | string) => timeOfDay(at, hourClock),
    fullDate: (iso: string) => fullDate(iso, hourClock),
    shade: (number: ShadeNumber) => shadeName(number, shadeNames),
    /** The shades to pick from, light to dark. */
    shadeChoices: () => shadeNumbers.map((number) => [number, shadeName(number, shadeNames)] as const),
  };
}
