import { mean, sum } from 'd3-array';
import { useLiveQuery } from 'dexie-react-hooks';
import { gramsADay, type Household } from '@/core/household';
import { tableLossPercent } from '@/core/plan';
import { MEDIUM } from '@/core/shade';
import { database } from '@/store/current';
import { lotsWithStock } from '@/store/larder';
import { kwhPerRoastedKg, lossesLately } from '@/store/queries';
import { useHousehold } from '@/ui/useHousehold';

/** What an offer is judged by in this household. */
export interface BuyingBasis {
  readonly household: Household;
  readonly gramsPerDay: number;
  readonly lossPercent: number;
  /** Green in the larder, grams: it is used first. */
  readonly stockGrams: number;
  /** Minor units a roasted kilogram; undefined while no tariff or no gear's power is known. Gas is not counted. */
  readonly energyMinorPerKg: number | undefined;
}

/** Reads it from the larder and the journal. Undefined until it was read. */
export function useBuying(): BuyingBasis | undefined {
  const household = useHousehold();
  const known = useLiveQuery(async () => {
    const db = database();
    const [lots, losses, kwh] = await Promise.all([lotsWithStock(db), lossesLately(db), kwhPerRoastedKg(db)]);
    return { stockGrams: sum(lots, ({ leftGrams }) => Math.max(0, leftGrams)), losses, kwh };
  }, []);
  if (!known) return undefined;
  const { losses, stockGrams, kwh } = known;
  const { tariffMinorPerKwh } = household;
  return {
    household,
    gramsPerDay: gramsADay(household),
    lossPercent: mean(losses) ?? tableLossPercent(MEDIUM),
    stockGrams,
    energyMinorPerKg: kwh === undefined || tariffMinorPerKwh === undefined ? undefined : kwh * tariffMinorPerKwh,
  };
}
