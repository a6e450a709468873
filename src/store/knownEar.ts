import { type GearEar, gearEar } from '@/core/listen';
import { liveEntries, milestonesOf, type Roast } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { gearRoasts } from './roasting.ts';

/** Roasts of a gear that are looked through for what listening learnt. */
const LOOKED_THROUGH = 30;

/** How the gear of these roasts sounds, newest first, as far as they still have a first crack. */
export const earOf = (roasts: readonly Roast[]): GearEar | undefined =>
  gearEar(
    roasts
      .slice(0, LOOKED_THROUGH)
      .flatMap(({ heard, entries }) =>
        heard && milestonesOf(liveEntries(entries)).firstCrack !== undefined ? [heard] : [],
      ),
  );

/** How a piece of gear sounds, by its roasts other than `except`. */
export async function knownEar(db: GanderDatabase, gearId: string, except: string): Promise<GearEar | undefined> {
  const roasts = await gearRoasts(db, gearId).limit(LOOKED_THROUGH).toArray();
  return earOf(roasts.filter(({ id }) => id !== except));
}
