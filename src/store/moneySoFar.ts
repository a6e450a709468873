import { sum } from 'd3-array';
import {
  landedByLot,
  type MoneySoFar,
  moneySoFar,
  type Payback,
  payback,
  type RoastMoney,
  roastKwh,
} from '@/core/cost';
import type { Gear } from '@/core/gear';
import { partsOf } from '@/core/record';
import { milestonesOfRoast, momentMs, type Roast } from '@/core/roast';
import { type JarEvent, thrownShare } from '@/core/shelf';
import { DAY_MS, localDay } from '@/core/units';
import type { GanderDatabase } from './database.ts';
import { eachRoast } from './eachRoast.ts';

export interface Money {
  readonly all: MoneySoFar;
  /** Every piece whose price is known, also what was put away: it was paid for. */
  readonly gear: readonly { readonly gear: Gear; readonly payback: Payback }[];
}

/** Adds up what every finished roast cost and saved, all together and for each piece of gear. */
export async function readMoney(
  db: GanderDatabase,
  shopMinorPerKg: number,
  tariffMinorPerKwh: number | undefined,
  nowMs: number,
): Promise<Money> {
  const [ids, lots, gear, jars] = await Promise.all([
    db.roasts.orderBy('createdAt').primaryKeys(),
    db.lots.toArray(),
    db.gear.toArray(),
    db.jars.toArray(),
  ]);
  const landed = landedByLot(lots);
  const gearOf = new Map(gear.map((each) => [each.id as string, each]));
  const eventsOf = new Map(jars.map(({ pullId, events }) => [pullId as string, events]));
  const rows: { readonly atMs: number; readonly money: RoastMoney }[] = [];
  await eachRoast(db, ids, (roast) => {
    const pullS = milestonesOfRoast(roast).pull;
    if (pullS === undefined) return;
    const itsGear = gearOf.get(roast.gearId);
    const kwh = (itsGear && roastKwh(itsGear, pullS)) ?? 0;
    rows.push({
      atMs: momentMs(roast, 0) ?? nowMs,
      money: moneyOf(roast, landed, kwh * (tariffMinorPerKwh ?? 0), eventsOf),
    });
  });
  const all = moneySoFar(
    rows.map(({ money }) => money),
    shopMinorPerKg,
  );
  return {
    all,
    gear: gear.flatMap((each) => {
      if (each.priceMinor === undefined) return [];
      const onIt = rows.filter(({ money }) => money.gearId === each.id);
      const days = onIt[0] ? (nowMs - onIt[0].atMs) / DAY_MS : 0;
      const so = moneySoFar(
        onIt.map(({ money }) => money),
        shopMinorPerKg,
      );
      return { gear: each, payback: payback(each.priceMinor, so, all, days) };
    }),
  };
}

function moneyOf(
  roast: Roast,
  landed: ReadonlyMap<string, number>,
  energyMinor: number,
  eventsOf: ReadonlyMap<string, readonly JarEvent[]>,
): RoastMoney {
  const parts = partsOf(roast);
  return {
    gearId: roast.gearId,
    month: localDay(roast.createdAt).slice(0, 7),
    greenGrams: roast.greenGrams,
    roastedGrams: sum(parts, ({ grams }) => grams),
    landedMinorPerKg: landed.get(roast.lotId),
    energyMinor,
    thrownShare: thrownShare(
      parts.map((part) => ({
        ...part,
        id: part.pull.id,
        school: 'usual',
        events: eventsOf.get(part.pull.id) ?? [],
      })),
    ),
  };
}
