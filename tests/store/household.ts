import { createId, type Id } from '@/core/ids';
import type { Entry, Roast } from '@/core/roast';
import { addGear, addLot } from '@/store/larder';
import { countingRandom, mark, pull, roastOf } from '../core/build.ts';
import { openTestDatabase } from './openTestDatabase.ts';

const random = countingRandom();

/** A day in November 2026 at ten, ISO. */
export const on = (day: number) => `2026-11-${String(day).padStart(2, '0')}T10:00:00.000Z`;

/** A database with beans at 10.00 a kilogram and a popper of 1000 watts at 40.00. */
export async function smallHousehold() {
  const db = openTestDatabase();
  const lot = await addLot(db, {
    name: 'Lantern Terrace',
    origin: 'Peru',
    process: 'washed',
    packs: [{ grams: 1000, priceMinor: 1000 }],
  });
  const gear = await addGear(db, { nickname: 'Blue popper', method: 'hotAirPopper', watts: 1000, priceMinor: 4000 });
  /** Puts a finished roast of the day: first crack at 4:00, pulled at 5:20 with 68 g, unless said otherwise. */
  const roasted = async (day: number, facts: Partial<Roast> = {}, entries?: Entry[]): Promise<Roast> => {
    const roast = roastOf(entries ?? [mark(120, 'yellow'), mark(240, 'firstCrack'), pull(320, { grams: 68 })], {
      id: createId('roast', random),
      lotId: lot.id,
      gearId: gear.id,
      createdAt: on(day),
      chargedAt: on(day),
      ...facts,
    });
    await db.roasts.put(roast);
    return roast;
  };
  return { db, lot, gear, roasted };
}

/** The pull of a roast made here. */
export function pullIdOf(roast: Roast): Id<'entry'> {
  const found = roast.entries.find((entry) => entry.kind === 'pull');
  if (!found) throw new RangeError(`roast ${roast.id} has no pull`);
  return found.id;
}
