import { useLiveQuery } from 'dexie-react-hooks';
import { type Household, plainHousehold } from '@/core/household';
import { type ShadeNumber, shadeName } from '@/core/shade';
import { formatWeight } from '@/core/units';
import { database } from '@/store/current';
import { getHousehold } from '@/store/settings';

/** The household's settings, live; the plain ones until they are read. */
export function useHousehold(): Household {
  return useLiveQuery(() => getHousehold(database()), []) ?? plainHousehold;
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
