import { differenceInCalendarDays } from 'date-fns';
import { type RoastedThen, tableLossPercent } from '@/core/plan';
import { finalShade, isUnderWay, roastedGrams } from '@/core/roast';
import type { GanderDatabase } from './database.ts';

/** Older coffee than this is past by every school, days. */
const OLDEST_DAYS = 60;

/** What was roasted lately and how dark; weighed, or by the usual loss where it was not. */
export async function roastedLately(db: GanderDatabase, now: Date): Promise<RoastedThen[]> {
  const since = new Date(now.getTime() - OLDEST_DAYS * 86_400_000).toISOString();
  const roasts = await db.roasts.where('createdAt').above(since).toArray();
  return roasts
    .filter((roast) => !isUnderWay(roast))
    .map((roast) => {
      const shade = finalShade(roast) ?? roast.wantedShade;
      const grams = roastedGrams(roast) ?? roast.greenGrams * (1 - tableLossPercent(shade) / 100);
      return { day: Math.min(0, -differenceInCalendarDays(now, new Date(roast.createdAt))), grams, shade };
    });
}
