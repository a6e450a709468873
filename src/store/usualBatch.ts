import { median, sum } from 'd3-array';
import { coolDownMinOf, type Gear, methodOf, usualGramsOf } from '@/core/gear';
import { tableLossPercent } from '@/core/plan';
import { partsOf } from '@/core/record';
import { milestonesOfRoast, type Roast, shadeAsKnown } from '@/core/roast';
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
/** Looked through for those of the gear in use. */
const LOOKED_AT = 30;

/** By the newest roasts that were pulled on the gear in use; for a household without any, by its first gear and the method's figures. */
export async function usualBatch(db: GanderDatabase): Promise<UsualBatch> {
  const here = (await db.gear.toArray()).filter((each) => !each.removedAt);
  const recent = await db.roasts
    .orderBy('createdAt')
    .reverse()
    .filter((roast) => milestonesOfRoast(roast).pull !== undefined)
    .limit(LOOKED_AT)
    .toArray();
  const lastUsed = recent.find(({ gearId }) => here.some(({ id }) => id === gearId))?.gearId;
  const gear = here.find(({ id }) => id === lastUsed) ?? here[0];
  // Of one piece of gear: what goes into a drum says nothing of a popper's batch.
  const newest = recent.filter(({ gearId }) => gearId === gear?.id).slice(0, NEWEST);
  const [first] = newest;
  const method = gear ?? { method: 'hotAirPopper' as const };
  const shade = first ? shadeAsKnown(first) : MEDIUM;
  const greenGrams = median(newest, (roast) => roast.greenGrams) ?? usualGramsOf(method);
  return {
    gear,
    greenGrams,
    // Those that were not weighed by their usual loss: the one that was may have been of another size.
    roastedGrams: median(newest, gaveGrams) ?? greenGrams * (1 - tableLossPercent(shade) / 100),
    shade,
    roastS: median(newest, (roast) => milestonesOfRoast(roast).pull) ?? methodOf(method.method).pull.medianS,
    coolDownMin: coolDownMinOf(method),
  };
}

const gaveGrams = (roast: Roast) => sum(partsOf(roast), ({ grams }) => grams);
