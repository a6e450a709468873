import { useSyncExternalStore } from 'react';
import { type Household, plainHousehold } from '@/core/household';
import { type ShadeNumber, shadeName } from '@/core/shade';
import { formatWeight } from '@/core/units';
import { currentHousehold, onHousehold } from '@/store/householdNow';

/** The household's settings, live; the plain ones until they are read. */
export function useHousehold(): Household {
  return useSyncExternalStore(onHousehold, currentHousehold, () => plainHousehold);
}

/** Writes amounts and shades as this household wants them. */
export function useWords() {
  const { weightUnit, shadeNames } = useHousehold();
  return {
    weightUnit,
    weight: (grams: number) => formatWeight(grams, weightUnit),
    shade: (number: ShadeNumber) => shadeName(number, shadeNames),
  };
}
