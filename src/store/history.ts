import { type PastRoast, pastRoastsOf } from '@/core/forecast';
import type { GanderDatabase } from './database.ts';

/** Older roasts than so many say little about the household as it is now. */
const MOST_ROASTS = 400;

/** The household's earlier roasts as the forecast learns from them, newest first; the one on the heat is left out. */
export async function roastHistory(db: GanderDatabase, except = ''): Promise<PastRoast[]> {
  const [roasts, lots, gear] = await Promise.all([
    db.roasts.orderBy('createdAt').reverse().limit(MOST_ROASTS).toArray(),
    db.lots.toArray(),
    db.gear.toArray(),
  ]);
  const lotOf = new Map(lots.map((lot) => [lot.id as string, lot]));
  const gearOf = new Map(gear.map((each) => [each.id as string, each]));
  const begun = roasts.filter((roast) => roast.id !== except && roast.chargedAt !== undefined);
  return pastRoastsOf(begun, lotOf, gearOf);
}
