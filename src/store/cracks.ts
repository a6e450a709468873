import { createId } from '@/core/ids';
import { type GearEar, gearEar, type HeardAgain, type HeardOfRoast, type KnownMoment } from '@/core/listen';
import { liveEntries, milestonesOf, type Roast } from '@/core/roast';
import { changeRow } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';
import { changeRoast, gearRoasts } from './roasting.ts';

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
    const fresh = freshCracks(roast, cracks);
    if (fresh.length === 0 && !learnt) return roast;
    return { ...roast, entries: [...roast.entries, ...fresh], ...(learnt && { heard: learnt }) };
  });
}

/** Entries for cracks that a roast does not know yet. */
function freshCracks(roast: Roast, cracks: readonly RoastCrack[]) {
  const known = liveEntries(roast.entries).flatMap((entry) => (entry.kind === 'crack' ? [entry] : []));
  const isKnown = (at: number) =>
    known.some(({ at: other, source }) =>
      source === 'microphone' ? Math.abs(other - at) < SAME_S : other - at < TAP_LATE_S && at - other < TAP_EARLY_S,
    );
  return cracks
    .filter(({ at }) => at > 0 && !isKnown(at))
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

/** What was heard in a kept sound that begins so many seconds from charge; times within it are from its beginning. */
interface HeardPart extends Omit<HeardAgain, 'course'> {
  readonly fromS: number;
  readonly lastsS: number;
}

const MARKED = ['firstCrack', 'firstCrackEnd', 'secondCrack'] as const;

/** The milestones of a roast as they are marked by now, for a sound that begins so many seconds from charge. */
export function knownIn({ entries }: Pick<Roast, 'entries'>, fromS: number): KnownMoment[] {
  const reached = milestonesOf(liveEntries(entries));
  return MARKED.flatMap((milestone) => {
    const at = reached[milestone];
    return at === undefined ? [] : [{ milestone, at: at - fromS }];
  });
}

/** Puts what was heard in a kept sound in the place of what was heard there at the heat; taps stay. Gives the change, for undo. */
export async function replaceHeard(
  db: GanderDatabase,
  roast: Roast,
  { fromS, lastsS, cracks, learnt }: HeardPart,
): Promise<Change> {
  return changeRow(db, 'roasts', roast, (now) => {
    const live = liveEntries(now.entries);
    const old = live.filter(
      ({ kind, source, at }) => kind === 'crack' && source === 'microphone' && at >= fromS && at <= fromS + lastsS,
    );
    const pressedAt = live.at(-1)?.at ?? 0;
    const undone = old.map(({ id }) => ({
      kind: 'undo' as const,
      id: createId('entry', secureRandom),
      at: pressedAt,
      pressedAt,
      source: 'microphone' as const,
      target: id,
    }));
    const kept = { ...now, entries: [...now.entries, ...undone] };
    return {
      entries: [
        ...kept.entries,
        ...freshCracks(
          kept,
          cracks.map(({ at, kind, sure }) => ({ at: fromS + at, crack: kind, sure })),
        ),
      ],
      ...(learnt && { heard: learnt }),
    };
  });
}

/** Roasts of a gear that are looked through for what listening learnt. */
const LOOKED_THROUGH = 30;

/** How a piece of gear sounds, by its roasts other than `except`, as far as they still have a first crack. */
export async function knownEar(db: GanderDatabase, gearId: string, except = ''): Promise<GearEar | undefined> {
  const roasts = await gearRoasts(db, gearId).limit(LOOKED_THROUGH).toArray();
  return gearEar(
    roasts.flatMap((roast) =>
      roast.id !== except && roast.heard && milestonesOf(liveEntries(roast.entries)).firstCrack !== undefined
        ? [roast.heard]
        : [],
    ),
  );
}
