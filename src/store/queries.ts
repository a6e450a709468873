import type { Table } from 'dexie';
import type { Lot } from '@/core/bean';
import { lotTitle } from '@/core/bean';
import { roastKwh } from '@/core/cost';
import type { Gear } from '@/core/gear';
import { milestonesOfRoast, type Roast, roastedGrams } from '@/core/roast';
import { believableLoss } from '@/core/shade';
import type { GanderDatabase } from './database.ts';

/** A roast with the names it goes by. */
export interface NamedRoast {
  readonly roast: Roast;
  readonly lot: Lot | undefined;
  readonly gear: Gear | undefined;
  readonly lotName: string;
  readonly gearName: string;
}
export type RoastUnderWay = NamedRoast;

/** One roast with its lot and gear; undefined when there is none of that id. */
export async function getNamedRoast(db: GanderDatabase, roastId: string): Promise<NamedRoast | undefined> {
  return (await named(db, db.roasts.bulkGet([roastId])))[0];
}

/** The roasts that are on the heat now. */
export async function roastsUnderWay(db: GanderDatabase): Promise<RoastUnderWay[]> {
  const busy = await db.underWay.toArray();
  return named(db, db.roasts.bulkGet(busy.map((each) => each.roastId)));
}

/** The roasts that are on the heat besides one; that one's own log is not read. */
export async function otherRoastsUnderWay(db: GanderDatabase, roastId: string): Promise<RoastUnderWay[]> {
  const busy = await db.underWay.where('roastId').notEqual(roastId).toArray();
  return named(db, db.roasts.bulkGet(busy.map((each) => each.roastId)));
}

/** Ids of all roasts, newest first. */
export async function roastIds(db: GanderDatabase): Promise<string[]> {
  // Backwards, the database would walk the index one by one; forwards it gives all at once.
  return (await db.roasts.orderBy('createdAt').primaryKeys()).reverse();
}

/** Roasts by their ids with the names they go by; those that are gone are left out. */
export function namedRoasts(db: GanderDatabase, ids: readonly string[]): Promise<NamedRoast[]> {
  return named(db, db.roasts.bulkGet([...ids]));
}

/** The newest `most` roasts, newest first. */
export function newestRoasts(db: GanderDatabase, most: number): Promise<NamedRoast[]> {
  return named(db, db.roasts.orderBy('createdAt').reverse().limit(most).toArray());
}

/** The last roast on a piece of gear, for filling the set-up; of any gear when none is named. */
export async function lastRoast(db: GanderDatabase, gearId?: string): Promise<Roast | undefined> {
  if (gearId === undefined) return db.roasts.orderBy('createdAt').last();
  return db.roasts.where('[gearId+createdAt]').between([gearId, ''], [gearId, '\uffff']).last();
}

/** Beans and gear are few and read beside the roasts: one after the other, the first screen would wait twice. */
async function named(db: GanderDatabase, reading: PromiseLike<(Roast | undefined)[]>): Promise<NamedRoast[]> {
  const [roasts, lots, gear] = await Promise.all([reading, byId(db.lots), byId(db.gear)]);
  return roasts.flatMap((roast): NamedRoast[] => {
    if (!roast) return [];
    const lot = lots.get(roast.lotId);
    const itsGear = gear.get(roast.gearId);
    return [
      {
        roast,
        lot,
        gear: itsGear,
        lotName: lot ? lotTitle(lot) : 'beans deleted since',
        gearName: itsGear?.nickname ?? 'gear deleted since',
      },
    ];
  });
}

/** The last roast of a lot, on whatever gear. */
export async function lastRoastOfLot(db: GanderDatabase, lotId: string): Promise<Roast | undefined> {
  return db.roasts.where('[lotId+createdAt+greenGrams]').between([lotId, '', 0], [lotId, '\uffff', 0]).last();
}

/** The newest roasts of a lot, newest first. */
export async function roastsOfLot(db: GanderDatabase, lotId: string, most: number): Promise<NamedRoast[]> {
  const range = db.roasts.where('[lotId+createdAt+greenGrams]').between([lotId, '', 0], [lotId, '\uffff', 0]);
  return named(db, range.reverse().limit(most).toArray());
}

/** Losses of the last weighed roasts, per cent, newest first. A batch that gained weight is a slip and left out. */
export async function lossesLately(db: GanderDatabase, most = 50): Promise<number[]> {
  const roasts = await db.roasts.orderBy('createdAt').reverse().limit(most).toArray();
  return roasts.flatMap((roast) => {
    return believableLoss(roast.greenGrams, roastedGrams(roast)) ?? [];
  });
}

/** Electricity of the last weighed roasts on gear whose power is known: kWh for a roasted kilogram; undefined without any. */
export async function kwhPerRoastedKg(db: GanderDatabase, most = 50): Promise<number | undefined> {
  const gearOf = new Map((await db.gear.toArray()).map((gear) => [gear.id as string, gear]));
  const roasts = await db.roasts.orderBy('createdAt').reverse().limit(most).toArray();
  let [kwh, grams] = [0, 0];
  for (const roast of roasts) {
    const itsGear = gearOf.get(roast.gearId);
    const [pullS, roasted] = [milestonesOfRoast(roast).pull, roastedGrams(roast)];
    const used = itsGear && pullS !== undefined ? roastKwh(itsGear, pullS) : undefined;
    if (!used || !roasted) continue;
    kwh += used;
    grams += roasted;
  }
  return grams === 0 ? undefined : kwh / (grams / 1000);
}

async function byId<T extends { readonly id: string }>(table: Table<T, string>): Promise<ReadonlyMap<string, T>> {
  return new Map((await table.toArray()).map((each) => [each.id as string, each]));
}
