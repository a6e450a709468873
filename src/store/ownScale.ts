import { type OwnScale, ownScale } from '@/core/record';
import type { Roast } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { eachRoast } from './eachRoast.ts';

/** An eye changes: shades named years ago say little of today's. */
const NEWEST = 400;

/** The scale of the household by its newest roasts, but one that is just being looked at. */
export async function ownScaleOf(db: GanderDatabase, exceptRoastId?: string): Promise<OwnScale> {
  const newest = await db.roasts.orderBy('createdAt').reverse().limit(NEWEST).primaryKeys();
  const looked: Pick<Roast, 'entries' | 'looks'>[] = [];
  await eachRoast(db, newest, (roast) => {
    if (roast.looks && roast.id !== exceptRoastId) looked.push(roast);
  });
  return ownScale(looked);
}
