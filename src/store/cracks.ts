import { createId } from '@/core/ids';
import type { HeardOfRoast } from '@/core/listen';
import { liveEntries, type Roast } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';
import { changeRoast } from './roasting.ts';

/** A crack that was heard, seconds from charge. */
export interface RoastCrack {
  readonly at: number;
  readonly crack: 'first' | 'second';
  /** How likely it was one at all, 0 to 1. */
  readonly sure: number;
}

/** A tap comes up to so long after the crack that it stands for, and hardly ever before it, seconds. */
const TAP_LATE_S = 0.7;
const TAP_EARLY_S = 0.15;
/** Another tab that listens too has the same crack within so long, seconds. */
const SAME_S = 0.08;
/** A full tray of beans cracks less often where it is heard: what goes on beyond is the kitchen, and would be written again each second. */
const MOST_CRACKS = 2000;

/**
 * Adds cracks that the microphone heard, seconds from charge. One crack is one entry: what was tapped
 * as well, or heard in another tab, is passed over. `learnt` is what was learnt of how the roast sounds.
 */
export async function logCracks(
  db: GanderDatabase,
  roastId: string,
  cracks: readonly RoastCrack[],
  learnt?: HeardOfRoast,
): Promise<Roast> {
  return changeRoast(db, roastId, (roast) => {
    // The charge was taken back meanwhile: nobody knows when these were.
    if (!roast.chargedAt) return roast;
    const fresh = freshCracks(roast, cracks);
    if (fresh.length === 0 && !learnt) return roast;
    return { ...roast, entries: [...roast.entries, ...fresh], ...(learnt && { heard: learnt }) };
  });
}

/** Entries for cracks that a roast does not know yet. */
export function freshCracks(roast: Pick<Roast, 'entries'>, cracks: readonly RoastCrack[]) {
  const known = liveEntries(roast.entries).flatMap((entry) => (entry.kind === 'crack' ? [entry] : []));
  const isKnown = (at: number) =>
    known.some(({ at: other, source }) =>
      source === 'microphone' ? Math.abs(other - at) < SAME_S : other - at < TAP_LATE_S && at - other < TAP_EARLY_S,
    );
  return cracks
    .filter(({ at }) => at > 0 && !isKnown(at))
    .slice(0, Math.max(0, MOST_CRACKS - known.length))
    .map(({ at, crack, sure }) => {
      const rounded = Math.round(at * 100) / 100;
      return {
        kind: 'crack' as const,
        id: createId('entry', secureRandom),
        at: rounded,
        pressedAt: rounded,
        source: 'microphone' as const,
        crack,
        likely: Math.round(sure * 100) / 100,
      };
    });
}
