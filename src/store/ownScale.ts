import { type OwnScale, ownScale } from '@/core/record';
import type { Roast } from '@/core/roast';
import type { GanderDatabase } from './database.ts';

/** An eye changes: shades named years ago say little of today's. */
const NEWEST = 400;
/** Logs are long: so many at once hold no page up. */
const AT_ONCE = 40;

/** The scale of the household by its newest roasts, but one that is just being looked at. */
export async function ownScaleOf(db: GanderDatabase, exceptRoastId?: string): Promise<OwnScale> {
  const newest = await db.roasts.orderBy('createdAt').reverse().limit(NEWEST).primaryKeys();
  const looked: Pick<Roast, 'entries' | 'looks'>[] = [];
  for (let from = 0; from < newest.length; from += AT_ONCE)
    for (const roast of await db.roasts.bulkGet(newest.slice(from, from + AT_ONCE)))
      if (roast?.looks && roast.id !== exceptRoastId) looked.push(roast);
  return ownScale(looked);
}
