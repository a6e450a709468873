import type { Lot } from '@/core/bean';
import { landedOfPacks, type MoneySoFar, moneySoFar, type RoastMoney, roastKwh } from '@/core/cost';
import { milestonesOfRoast, pullsOf, roastedGrams } from '@/core/roast';
import { localDay } from '@/core/units';
import type { GanderDatabase } from './database.ts';

const DAY_MS = 86_400_000;

/** Adds up what every finished roast cost and saved, with batches that were thrown away counted as such. */
export async function readMoneySoFar(
  db: GanderDatabase,
  shopMinorPerKg: number,
  tariffMinorPerKwh: number | undefined,
  nowMs: number,
): Promise<MoneySoFar> {
  const [roasts, lots, gear, jars] = await Promise.all([
    db.roasts.orderBy('createdAt').toArray(),
    db.lots.toArray(),
    db.gear.toArray(),
    db.jars.toArray(),
  ]);
  const landed = landedByLot(lots);
  const gearOf = new Map(gear.map((each) => [each.id as string, each]));
  const thrown = new Set(
    jars
      .filter(({ events }) => events.some((event) => event.kind === 'fate' && event.fate === 'thrown'))
      .map(({ pullId }) => pullId as string),
  );
  const rows = roasts.flatMap((roast): RoastMoney[] => {
    const pullS = milestonesOfRoast(roast).pull;
    if (pullS === undefined) return [];
    const its = gearOf.get(roast.gearId);
    return [
      {
        month: localDay(roast.createdAt).slice(0, 7),
        greenGrams: roast.greenGrams,
        roastedGrams: roastedGrams(roast),
        landedMinorPerKg: landed.get(roast.lotId),
        energyMinor: (its ? (roastKwh(its, pullS) ?? 0) : 0) * (tariffMinorPerKwh ?? 0),
        failed: pullsOf(roast).every(({ id }) => thrown.has(id)),
      },
    ];
  });
  const days = roasts[0] ? (nowMs - Date.parse(roasts[0].createdAt)) / DAY_MS : 0;
  const gearPrice = gear.reduce((sum, each) => sum + (each.priceMinor ?? 0), 0);
  return moneySoFar(rows, shopMinorPerKg, gearPrice, days);
}

/** Landed price of each lot; a blend costs what its parts cost. */
function landedByLot(lots: readonly Lot[]): Map<string, number> {
  const of = new Map(
    lots.flatMap((lot) => {
      const price = landedOfPacks(lot.packs);
      return price === undefined ? [] : [[lot.id as string, price] as const];
    }),
  );
  for (const { id, blendOf } of lots) {
    if (!blendOf || of.has(id)) continue;
    const parts = blendOf.map(({ lotId, share }) => share * (of.get(lotId) ?? Number.NaN));
    const price = parts.reduce((sum, each) => sum + each, 0);
    if (Number.isFinite(price)) of.set(id, price);
  }
  return of;
}
