import { median } from 'd3-array';
import { coolDownMinOf, type Gear, methodOf, usualGramsOf } from '@/core/gear';
import { tableLossPercent } from '@/core/plan';
import { finalShade, milestonesOfRoast, roastedGrams } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { MEDIUM } from '@/core/shade';
import type { GanderDatabase } from './database.ts';

/** What one more batch of this household is like, for planning weeks ahead. */
export interface UsualBatch {
  readonly gear: Gear | undefined;
  readonly greenGrams: number;
  /** Counted by roast, all parts of a staged one together. */
  readonly roastedGrams: number;
  readonly shade: ShadeNumber;
  readonly roastS: number;
  readonly coolDownMin: number;
}

const NEWEST = 5;

/** By the newest roasts that were pulled; for a household without any, by its first gear and the method's figures. */
export async function usualBatch(db: GanderDatabase): Promise<UsualBatch> {
  const newest = await db.roasts
    .orderBy('createdAt')
    .reverse()
    .filter((roast) => milestonesOfRoast(roast).pull !== undefined)
    .limit(NEWEST)
    .toArray();
  const [first] = newest;
  const gear = first ? await db.gear.get(first.gearId) : (await db.gear.toArray()).find((each) => !each.removedAt);
  const method = gear ?? { method: 'hotAirPopper' as const };
  const shade = first ? (finalShade(first) ?? first.wantedShade) : MEDIUM;
  const greenGrams = median(newest, (roast) => roast.greenGrams) ?? usualGramsOf(method);
  return {
    gear,
    greenGrams,
    roastedGrams: median(newest, (roast) => roastedGrams(roast)) ?? greenGrams * (1 - tableLossPercent(shade) / 100),
    shade,
    roastS: median(newest, (roast) => milestonesOfRoast(roast).pull) ?? methodOf(method.method).pull.medianS,
    coolDownMin: coolDownMinOf(method),
  };
}
