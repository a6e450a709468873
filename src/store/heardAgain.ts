import { createId } from '@/core/ids';
import type { HeardAgain, KnownMoment } from '@/core/listen';
import { liveEntries, milestonesOf, type Roast } from '@/core/roast';
import { changeRow } from './change.ts';
import type { Change } from './changes.ts';
import { freshCracks } from './cracks.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/** What was heard in a kept sound that begins so many seconds from charge; times within it are from its beginning. */
export interface HeardPart extends Omit<HeardAgain, 'course'> {
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

/** What listening again made of a roast: the change, for undo, and how many cracks were heard there before and are now. */
export interface Replaced {
  readonly change: Change;
  readonly before: number;
  readonly now: number;
}

/** Puts what was heard in the kept sounds of a roast in the place of what was heard there at the heat, at once; taps stay. */
export async function replaceHeard(db: GanderDatabase, roast: Roast, parts: readonly HeardPart[]): Promise<Replaced> {
  let counts = { before: 0, now: 0 };
  const change = await changeRow(db, 'roasts', roast, (now) => {
    const live = liveEntries(now.entries);
    const old = live.filter(
      ({ kind, source, at }) =>
        kind === 'crack' &&
        source === 'microphone' &&
        parts.some(({ fromS, lastsS }) => at >= fromS && at <= fromS + lastsS),
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
    const entries = [...now.entries, ...undone];
    const fresh = freshCracks(
      { entries },
      parts.flatMap(({ fromS, cracks }) => cracks.map(({ at, kind, sure }) => ({ at: fromS + at, crack: kind, sure }))),
    );
    counts = { before: old.length, now: fresh.length };
    const heard = parts.findLast(({ learnt }) => learnt)?.learnt;
    return { entries: [...entries, ...fresh], ...(heard && { heard }) };
  });
  return { change, ...counts };
}
