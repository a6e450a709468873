import { useSyncExternalStore } from 'react';
import { priceGrams, pricePer } from '@/core/cost';
import { type Household, plainHousehold, writtenAs } from '@/core/household';
import { shadeName, shadeNumbers } from '@/core/shade';
import { formatMoney, weightFieldText } from '@/core/units';
import { currentHousehold, onHousehold } from '@/store/householdNow';
import { fullDate, shortDay, timeOfDay } from './dates';

/** The household's settings, live; the plain ones until they are read. */
export function useHousehold(): Household {
  return useSyncExternalStore(onHousehold, currentHousehold, () => plainHousehold);
}

/** Writes amounts, temperatures, money and shades as this household wants them. */
export function useWords() {
  const household = useHousehold();
  const { weightUnit, temperatureUnit, currency, shadeNames, hourClock } = household;
  return {
    weightUnit,
    temperatureUnit,
    currency,
    ...writtenAs(household),
    /** A weight as the scale showed it, to a tenth of a gram. */
    measured: (grams: number) => `${weightFieldText(grams, weightUnit)} ${weightUnit}`,
    money: (minor: number) => formatMoney(minor, currency),
    /** A price as this household reckons it: "€15.80 a kg", "$7.17 a lb". */
    price: (minorPerKg: number) =>
      `${formatMoney((minorPerKg * priceGrams(weightUnit)) / 1000, currency)} ${pricePer(weightUnit)}`,
    /** A day gone by, short: `21 Nov`, and with its weekday within the week. */
    dayOf: (at: number) => shortDay(at),
    /** A time of the day. */
    time: (moment: Date | number | string) => timeOfDay(moment, hourClock),
    fullDate: (iso: string) => fullDate(iso, hourClock),
    /** The shades to pick from, light to dark. */
    shadeChoices: () => shadeNumbers.map((number) => [number, shadeName(number, shadeNames)] as const),
  };
}
