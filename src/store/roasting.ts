import { createId } from '@/core/ids';
import { dayId } from '@/core/plan';
import { clockJumpMs, type Roast, withTags } from '@/core/roast';
import { applyChange, inOneGo, settleUnderWay } from './change.ts';
import type { Change } from './changes.ts';
import { type GanderDatabase, requireWritable } from './database.ts';
import { secureRandom } from './random.ts';

/** What is chosen before a roast. */
export type RoastSetUp = Pick<
  Roast,
  | 'lotId'
  | 'gearId'
  | 'greenGrams'
  | 'wantedShade'
  | 'pullRule'
  | 'plannedMoves'
  | 'plannedParts'
  | 'place'
  | 'ambientC'
  | 'wind'
  | 'gearHot'
  | 'follows'
  | 'recipeId'
  | 'guide'
>;

/** Which batch of which roast day this is. */
export interface BatchOfDay {
  readonly date: string;
  readonly batchId: string;
}

export type Started =
  | { readonly kind: 'started'; readonly roast: Roast }
  | { readonly kind: 'gearBusy'; readonly roastId: string };

/** Puts a roast on the heat at `nowMs`: charged at once, or preheating. Gear that is busy is not started twice. */
export async function startRoast(
  db: GanderDatabase,
  setUp: RoastSetUp,
  how: 'charge' | 'preheat',
  nowMs: number,
  part: { readonly ofDay?: BatchOfDay | undefined; readonly experimentId?: string | undefined } = {},
): Promise<Started> {
  await requireWritable(db);
  return db.transaction('rw', db.roasts, db.underWay, db.days, db.experiments, async (): Promise<Started> => {
    const busy = await db.underWay.get(setUp.gearId);
    if (busy) return { kind: 'gearBusy', roastId: busy.roastId };
    const now = new Date(nowMs).toISOString();
    const roast: Roast = {
      ...setUp,
      id: createId('roast', secureRandom),
      createdAt: now,
      ...(how === 'charge' ? { chargedAt: now } : { preheatedAt: now }),
      clockShiftMs: 0,
      entries: [],
    };
    await db.roasts.add(roast);
    await db.underWay.add({ gearId: roast.gearId, roastId: roast.id });
    const { ofDay, experimentId } = part;
    const experiment = experimentId && (await db.experiments.get(experimentId));
    if (experiment) await db.experiments.put({ ...experiment, bRoastId: roast.id });
    const day = ofDay && (await db.days.get(dayId(ofDay.date)));
    if (day)
      await db.days.put({
        ...day,
        batches: day.batches.map((batch) => (batch.id === ofDay?.batchId ? { ...batch, roastId: roast.id } : batch)),
      });
    return { kind: 'started', roast };
  });
}

/** Changes facts of a roast; gives the change, for undo. */
export function editRoast(db: GanderDatabase, roastId: string, facts: Partial<Roast>): Promise<Change> {
  return changeRoastRow(db, roastId, (before) => ({ ...before, ...facts }));
}

/** Makes a roast anew from what it is at that moment; gives the change, for undo. */
export function changeRoastRow(db: GanderDatabase, roastId: string, make: (before: Roast) => Roast): Promise<Change> {
  return changeFound(db, [roastId], (before) => [{ table: 'roasts', before, after: make(before) }]);
}

/** Deletes roasts in one go; gives the change, for undo. */
export function removeRoasts(db: GanderDatabase, roastIds: readonly string[]): Promise<Change> {
  return inOneGo(db, async () => {
    const roasts = await db.roasts.bulkGet([...roastIds]);
    // A jar is nothing without the roast that filled it.
    const jars = await db.jars
      .where('roastId')
      .anyOf([...roastIds])
      .toArray();
    return applyChange(db, [
      ...roasts.flatMap((before): Change => (before ? [{ table: 'roasts', before }] : [])),
      ...jars.map((before) => ({ table: 'jars' as const, before })),
    ]);
  });
}

/** Gives a tag to roasts that lack it; gives the change, for undo, and how many had no room for it. */
export async function tagRoasts(
  db: GanderDatabase,
  roastIds: readonly string[],
  tag: string,
): Promise<{ readonly change: Change; readonly full: number }> {
  let full = 0;
  const change = await changeFound(db, roastIds, (before) => {
    const tags = withTags(before.tags, [tag]);
    if (!tags.includes(tag)) full++;
    return tags.length === (before.tags?.length ?? 0) ? [] : [{ table: 'roasts', before, after: { ...before, tags } }];
  });
  return { change, full };
}

/** Changes roasts from what they are at that moment, so that a mark made meanwhile stays; those that are gone stay gone. */
function changeFound(
  db: GanderDatabase,
  roastIds: readonly string[],
  change: (before: Roast) => Change,
): Promise<Change> {
  return inOneGo(db, async () => {
    const found = await db.roasts.bulkGet([...roastIds]);
    return applyChange(
      db,
      found.flatMap((before) => (before ? change(before) : [])),
    );
  });
}

/** Deletes a roast; gives the change, for undo. */
export function removeRoast(db: GanderDatabase, roastId: string): Promise<Change> {
  return removeRoasts(db, [roastId]);
}

/**
 * Takes a jump of the device's clock out of the roast's clock. Two tabs that see the same jump correct it once, since
 * the second finds the clock right again. Gives the correction in milliseconds, 0 for none.
 */
export async function correctClock(
  db: GanderDatabase,
  roastId: string,
  steadyElapsedMs: () => number,
): Promise<number> {
  let correctedMs = 0;
  await changeRoast(db, roastId, (roast) => {
    correctedMs = clockJumpMs(roast, Date.now(), steadyElapsedMs());
    return correctedMs === 0 ? roast : { ...roast, clockShiftMs: roast.clockShiftMs + correctedMs };
  });
  return correctedMs;
}

/** Takes some milliseconds off the roast's clock, or gives them back where the device's clock was right after all. */
export async function shiftClock(db: GanderDatabase, roastId: string, byMs: number): Promise<void> {
  await changeRoast(db, roastId, (roast) => ({ ...roast, clockShiftMs: roast.clockShiftMs + byMs }));
}

/** Roasts of a piece of gear, newest first. */
export function gearRoasts(db: GanderDatabase, gearId: string) {
  return db.roasts.where('[gearId+createdAt]').between([gearId, ''], [gearId, '\uffff']).reverse();
}

/** Changes a roast from what it is at that moment, in one transaction, and gives it as it is then; throws when it is gone. */
export async function changeRoast(db: GanderDatabase, roastId: string, next: (roast: Roast) => Roast): Promise<Roast> {
  await requireWritable(db);
  return db.transaction('rw', db.roasts, db.underWay, async () => {
    const before = await db.roasts.get(roastId);
    if (!before) throw new RangeError(`roastId must name a roast of this notebook, got ${roastId}`);
    const after = next(before);
    if (after === before) return after;
    await db.roasts.put(after);
    await settleUnderWay(db, before, after);
    return after;
  });
}
