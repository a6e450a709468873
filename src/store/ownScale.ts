import { type OwnScale, ownScale } from '@/core/record';
import type { GanderDatabase } from './database.ts';

/** The scale of the household by its newest roasts, but one that is just being looked at. */
export async function ownScaleOf(db: GanderDatabase, exceptRoastId?: string): Promise<OwnScale> {
  const newest = await db.roasts.orderBy('createdAt').reverse().limit(NEWEST).toArray();
  return ownScale(newest.filter(({ id, looks }) => looks !== undefined && id !== exceptRoastId));
}

/** An eye changes: shades named years ago say little of today's. */
const NEWEST = 400;
