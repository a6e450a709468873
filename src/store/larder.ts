import { blendTakings, greenLeft, type Lot, type Taking } from '@/core/bean';
import { landedByLot } from '@/core/cost';
import type { Gear } from '@/core/gear';
import { createId } from '@/core/ids';
import { applyChange, changeRow, inOneGo } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

export type LotFacts = Omit<Lot, 'id' | 'createdAt' | 'removedAt'>;
export type GearFacts = Omit<Gear, 'id' | 'createdAt' | 'removedAt'>;

/** Adds a lot and gives it with its new id. */
export async function addLot(db: GanderDatabase, facts: LotFacts): Promise<Lot> {
  const lot: Lot = { ...facts, id: createId('lot', secureRandom), createdAt: new Date().toISOString() };
  await applyChange(db, [{ table: 'lots', after: lot }]);
  return lot;
}

/** Adds several lots at once, the first on top; gives the change, for undo. */
export async function addLots(db: GanderDatabase, all: readonly LotFacts[]): Promise<Change> {
  const nowMs = Date.now();
  return applyChange(
    db,
    all.map((facts, i) => ({
      table: 'lots' as const,
      after: { ...facts, id: createId('lot', secureRandom), createdAt: new Date(nowMs - i).toISOString() },
    })),
  );
}

/** Adds a piece of gear and gives it with its new id. */
export async function addGear(db: GanderDatabase, facts: GearFacts): Promise<Gear> {
  const gear: Gear = { ...facts, id: createId('gear', secureRandom), createdAt: new Date().toISOString() };
  await applyChange(db, [{ table: 'gear', after: gear }]);
  return gear;
}

/** Changes a lot; gives the change, for undo. */
export function editLot(db: GanderDatabase, lot: Lot, facts: Partial<LotFacts>): Promise<Change> {
  return changeRow(db, 'lots', lot, () => facts);
}

/** Changes a piece of gear; gives the change, for undo. */
export function editGear(db: GanderDatabase, gear: Gear, facts: Partial<GearFacts>): Promise<Change> {
  return changeRow(db, 'gear', gear, () => facts);
}

/** Deletes a lot; one that roasts or blends name is put away instead, so that the journal still knows it. Gives the change. */
export async function removeLot(db: GanderDatabase, lot: Lot): Promise<Change> {
  const blended = blendTakings(await db.lots.toArray(), lot.id);
  const planned = await db.days.filter(({ batches }) => batches.some(({ lotId }) => lotId === lot.id)).count();
  const used = (await roastTakings(db, lot.id)).length + blended.length + planned > 0;
  return applyChange(db, [
    { table: 'lots', before: lot, after: used ? { ...lot, removedAt: new Date().toISOString() } : undefined },
  ]);
}

/** Deletes a piece of gear; one that roasts or roast days name is put away instead. Gives the change. */
export async function removeGear(db: GanderDatabase, gear: Gear): Promise<Change> {
  const planned = await db.days.filter(({ batches }) => batches.some(({ gearId }) => gearId === gear.id)).count();
  const used = (await countGearRoasts(db, gear.id)) + planned > 0;
  return applyChange(db, [
    { table: 'gear', before: gear, after: used ? { ...gear, removedAt: new Date().toISOString() } : undefined },
  ]);
}

/** What was put away and can be had back, by name. */
export async function putAway(db: GanderDatabase): Promise<{ readonly lots: Lot[]; readonly gear: Gear[] }> {
  const [lots, gear] = await Promise.all([db.lots.toArray(), db.gear.toArray()]);
  return {
    lots: lots.filter(({ removedAt }) => removedAt).sort((a, b) => a.name.localeCompare(b.name)),
    gear: gear.filter(({ removedAt }) => removedAt).sort((a, b) => a.nickname.localeCompare(b.nickname)),
  };
}

/** Takes a lot or a piece of gear that was put away into use again; gives the change, for undo. */
export function bringBack(db: GanderDatabase, table: 'lots' | 'gear', id: string): Promise<Change> {
  return inOneGo(db, async () => {
    const before = await db.table(table).get(id);
    return before ? applyChange(db, [{ table, before, after: { ...before, removedAt: undefined } }]) : [];
  });
}

/** A lot with the green that is left, how many roasts it gave, and what it is made of and cost. */
export interface LotStock {
  readonly lot: Lot;
  readonly leftGrams: number;
  readonly roasts: number;
  /** Minor units a kilogram of green, carriage too; undefined where no price is known. */
  readonly landedMinorPerKg: number | undefined;
  /** The parts of a blend, the largest first; those that were put away too. */
  readonly parts: readonly { readonly name: string; readonly share: number }[];
}

/** Lots still in use, newest first. */
export async function lotsWithStock(db: GanderDatabase): Promise<LotStock[]> {
  const all = await db.lots.toArray();
  const lots = all.filter((lot) => !lot.removedAt).sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
  const landed = landedByLot(all);
  return Promise.all(lots.map(async (lot) => stockOf(lot, all, await roastTakings(db, lot.id), landed)));
}

/** One lot with what is left of it, also one that was put away; undefined when there is none. */
export async function lotStock(db: GanderDatabase, lotId: string): Promise<LotStock | undefined> {
  const [lot, all, roasted] = await Promise.all([db.lots.get(lotId), db.lots.toArray(), roastTakings(db, lotId)]);
  return lot && stockOf(lot, all, roasted, landedByLot(all));
}

function stockOf(
  lot: Lot,
  all: readonly Lot[],
  roasted: readonly Taking[],
  landed: ReadonlyMap<string, number>,
): LotStock {
  return {
    lot,
    leftGrams: greenLeft(lot, [...roasted, ...blendTakings(all, lot.id)]),
    roasts: roasted.length,
    landedMinorPerKg: landed.get(lot.id),
    parts: (lot.blendOf ?? [])
      .map(({ lotId, share }) => ({ name: all.find(({ id }) => id === lotId)?.name ?? 'beans not known', share }))
      .sort((a, b) => b.share - a.share),
  };
}

/** Gear still in use, each with how many roasts it did; the busiest first. */
export async function gearWithUse(db: GanderDatabase): Promise<{ gear: Gear; roasts: number }[]> {
  const all = (await db.gear.toArray()).filter((gear) => !gear.removedAt);
  const counted = await Promise.all(all.map(async (gear) => ({ gear, roasts: await countGearRoasts(db, gear.id) })));
  return counted.sort((a, b) => b.roasts - a.roasts);
}

/** Beans or gear that cannot be had: by name what was put away, without one what was deleted. */
export interface NotHad {
  readonly lot?: { readonly name?: string };
  readonly gear?: { readonly name?: string };
}

/** What of some beans and gear that a plan asks for cannot be had any more; nothing where both can. */
export async function notHad(
  db: GanderDatabase,
  lotId: string | undefined,
  gearId: string | undefined,
): Promise<NotHad> {
  const [lot, gear] = await Promise.all([
    lotId ? db.lots.get(lotId) : undefined,
    gearId ? db.gear.get(gearId) : undefined,
  ]);
  return {
    ...(lotId && (!lot || lot.removedAt) ? { lot: lot ? { name: lot.name } : {} } : {}),
    ...(gearId && (!gear || gear.removedAt) ? { gear: gear ? { name: gear.nickname } : {} } : {}),
  };
}

/** What the roasts of a lot took, from the index alone. */
async function roastTakings(db: GanderDatabase, lotId: string): Promise<Taking[]> {
  const range = db.roasts.where('[lotId+createdAt+greenGrams]').between([lotId, '', 0], [lotId, '\uffff', 0]);
  return ((await range.keys()) as unknown as [string, string, number][]).map(([, takenAt, grams]) => ({
    takenAt,
    grams,
  }));
}

/** How many roasts a piece of gear did. */
function countGearRoasts(db: GanderDatabase, gearId: string): Promise<number> {
  return db.roasts.where('[gearId+createdAt]').between([gearId, ''], [gearId, '\uffff']).count();
}
