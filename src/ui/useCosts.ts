import { useLiveQuery } from 'dexie-react-hooks';
import { homeMinorPerKg, landedOfPacks } from '@/core/cost';
import type { Household } from '@/core/household';
import { tableLossPercent } from '@/core/plan';
import { database } from '@/store/current';
import { kwhPerRoastedKg, lossesLately } from '@/store/queries';
import { failedShare } from '@/store/shelf';
import { useHousehold } from './useHousehold';

/** What roasting at home costs this household; money in minor units a roasted kilogram. */
export interface Costs {
  readonly household: Household;
  readonly lossPercent: number;
  /** Undefined while no lot has a price. */
  readonly landedMinorPerKg: number | undefined;
  /** Undefined while no tariff or no gear's power is known; gas is not counted. */
  readonly energyMinorPerKg: number | undefined;
  readonly homeMinorPerKg: number | undefined;
  /** Against the comparable shop price; undefined where either is not known. */
  readonly savingMinorPerKg: number | undefined;
}

/** Reckons the costs from the larder's prices and the journal's losses. Undefined until they were read. */
export function useCosts(): Costs | undefined {
  const household = useHousehold();
  const known = useLiveQuery(async () => {
    const db = database();
    const [lots, losses, kwh, failed] = await Promise.all([
      db.lots.toArray(),
      lossesLately(db),
      kwhPerRoastedKg(db),
      failedShare(db),
    ]);
    return { packs: lots.flatMap((lot) => (lot.blendOf ? [] : lot.packs)), losses, kwh, failed };
  }, []);
  if (!known) return undefined;
  const { losses, packs, kwh, failed } = known;
  const lossPercent =
    losses.length > 0 ? losses.reduce((sum, each) => sum + each, 0) / losses.length : tableLossPercent(4);
  const landedMinorPerKg = landedOfPacks(packs);
  const { shopMinorPerKg, tariffMinorPerKwh } = household;
  const energyMinorPerKg = kwh === undefined || tariffMinorPerKwh === undefined ? undefined : kwh * tariffMinorPerKwh;
  const home =
    landedMinorPerKg === undefined
      ? undefined
      : homeMinorPerKg({ landedMinorPerKg, lossPercent, energyMinorPerKg, failedShare: failed });
  return {
    household,
    lossPercent,
    landedMinorPerKg,
    energyMinorPerKg,
    homeMinorPerKg: home,
    savingMinorPerKg: home === undefined || shopMinorPerKg === undefined ? undefined : shopMinorPerKg - home,
  };
}
