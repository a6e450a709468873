import { createId } from '@/core/ids';
import type { Entry, EntryDraft, Roast } from '@/core/roast';
import { milestonesOfRoast } from '@/core/roast';
import type { ReadLog } from '@/core/sheet';
import { applyChange, inOneGo } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/** What a log does not say of its roast. */
export type LogFacts = Pick<Roast, 'lotId' | 'gearId' | 'greenGrams' | 'wantedShade' | 'place'> & {
  /** When the beans went in, UTC. */
  readonly chargedAt: string;
};

const entry = (at: number, draft: EntryDraft, source: Entry['source']): Entry =>
  ({ ...draft, id: createId('entry', secureRandom), at, pressedAt: at, source }) as Entry;

const readingsOf = ({ readings }: ReadLog): Entry[] =>
  readings.map(({ at, celsius }) => entry(at, { kind: 'reading', celsius }, 'probe'));

/** The roast that a log tells of. Where it names no pull, the last reading is taken for it, as a guess. */
export function roastOfLog(log: ReadLog, facts: LogFacts): Roast {
  const pull = log.marks.find(({ milestone }) => milestone === 'pull');
  const marks = log.marks.flatMap(({ at, milestone }) =>
    milestone === 'pull' ? [] : [entry(at, { kind: 'mark', milestone }, 'hand')],
  );
  const end = entry(pull?.at ?? log.readings.at(-1)?.at ?? 0, { kind: 'pull', all: true }, pull ? 'hand' : 'guess');
  return {
    ...facts,
    id: createId('roast', secureRandom),
    createdAt: facts.chargedAt,
    clockShiftMs: 0,
    entries: [...readingsOf(log), ...marks, end],
  };
}

/** Keeps a log as a roast of its own; gives the change, for undo. */
export function keepLog(db: GanderDatabase, log: ReadLog, facts: LogFacts): Promise<Change> {
  return applyChange(db, [{ table: 'roasts', after: roastOfLog(log, facts) }]);
}

/** Puts the readings of a log into a roast that is in the journal; marks that it lacks come along. Gives the change, for undo. */
export function addLogTo(db: GanderDatabase, roastId: string, log: ReadLog): Promise<Change> {
  return inOneGo(db, async () => {
    const before = await db.roasts.get(roastId);
    if (!before) throw new RangeError('That roast is gone. Choose another one.');
    const has = milestonesOfRoast(before);
    const marks = log.marks.flatMap(({ at, milestone }) =>
      milestone === 'pull' || has[milestone] !== undefined ? [] : [entry(at, { kind: 'mark', milestone }, 'hand')],
    );
    const after = { ...before, entries: [...before.entries, ...readingsOf(log), ...marks] };
    return applyChange(db, [{ table: 'roasts', before, after }]);
  });
}

/** Roasts without a reading of a probe, newest first: those a log may belong to. */
export async function roastsWithoutLog(db: GanderDatabase, most: number): Promise<Roast[]> {
  const newest = await db.roasts.orderBy('createdAt').reverse().limit(most).toArray();
  return newest.filter(({ entries }) => !entries.some((each) => each.kind === 'reading' && each.source === 'probe'));
}
