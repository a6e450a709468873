import { type PastRoast, pastRoastsOf, type RoastTold, toldBy } from '@/core/forecast';
import type { GanderDatabase } from './database.ts';

/** Older roasts than so many say little about the household as it is now. */
const MOST_ROASTS = 400;
/** What was not learned yet is remembered when the page has had time to draw, some roasts at a time. */
const LATER_MS = 1500;
const AT_ONCE = 20;

/** The household's earlier roasts as the forecast learns from them, newest first; the one on the heat is left out. */
export async function roastHistory(db: GanderDatabase, except = ''): Promise<PastRoast[]> {
  const [ids, lots, gear] = await Promise.all([
    db.roasts.orderBy('createdAt').reverse().limit(MOST_ROASTS).primaryKeys(),
    db.lots.toArray(),
    db.gear.toArray(),
  ]);
  const told = await toldByAll(
    db,
    ids.filter((id) => id !== except),
  );
  const begun = told.filter((each) => each.chargedAt !== undefined);
  return pastRoastsOf(
    begun,
    new Map(lots.map((lot) => [lot.id as string, lot])),
    new Map(gear.map((each) => [each.id as string, each])),
  );
}

/** What each of the roasts told, from what was learned of it or from its log. */
async function toldByAll(db: GanderDatabase, ids: readonly string[]): Promise<RoastTold[]> {
  const learned = await db.learned.bulkGet([...ids]);
  const missing = ids.filter((_, i) => learned[i] === undefined);
  const read = new Map(
    (await db.roasts.bulkGet(missing)).flatMap((roast) => (roast ? [[roast.id as string, toldBy(roast)]] : [])),
  );
  const finished = missing.filter((id) => isOver(read.get(id)));
  // Outside this reading, which a live query may have asked for. What a page that went away did not keep, the next one does.
  if (finished.length > 0) setTimeout(() => void rememberTold(db, finished).catch(() => undefined), LATER_MS);
  return ids.flatMap((id, i) => learned[i]?.told ?? read.get(id) ?? []);
}

const isOver = (told: RoastTold | undefined) => told?.reached.pull !== undefined;

/** Keeps what roasts told, so that their logs are not read the next time. Read anew: they may have changed meanwhile. */
export async function rememberTold(db: GanderDatabase, ids: readonly string[]): Promise<void> {
  for (let from = 0; from < ids.length; from += AT_ONCE)
    await db.transaction('rw', db.roasts, db.learned, async () => {
      const roasts = await db.roasts.bulkGet(ids.slice(from, from + AT_ONCE));
      const rows = roasts.flatMap((roast) => (roast ? [{ id: roast.id as string, told: toldBy(roast) }] : []));
      await db.learned.bulkPut(rows.filter(({ told }) => isOver(told)));
    });
}
