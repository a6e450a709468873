import { createId, type Id } from '@/core/ids';
import { draftFault, ENTRY_S, type Entry, type EntryDraft } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { keepHeatWrite } from './outbox.ts';
import { secureRandom } from './random.ts';
import { removeSounds } from './sounds.ts';

/** The id of a line of a log that is still to be written. */
export const createEntryId = (): Id<'entry'> => createId('entry', secureRandom);

const stamp = (atS: number) => Math.round(Math.max(ENTRY_S.least, Math.min(ENTRY_S.most, atS)) * 100) / 100;

/** Adds a line to the log, happened and pressed at `atS` seconds from charge; `source` says who noticed. Throws RangeError for what no log holds. */
export async function logEntry(
  db: GanderDatabase,
  roastId: string,
  draft: EntryDraft,
  atS: number,
  source: Entry['source'] = 'hand',
): Promise<Id<'entry'>> {
  const fault = draftFault(draft);
  if (fault !== undefined) throw new RangeError(fault);
  const id = createEntryId();
  const pressedAt = stamp(atS);
  await keepHeatWrite(db, {
    kind: 'entry',
    roastId,
    entry: { ...draft, id, at: pressedAt, pressedAt, source } as Entry,
  });
  return id;
}

/** Takes back what was done last; does nothing when all is taken back. */
export function undoLast(db: GanderDatabase, roastId: string, atS: number): Promise<void> {
  return keepHeatWrite(db, { kind: 'undoLast', roastId, id: createEntryId(), atS: stamp(atS) });
}

/** Takes the charge back: the gear is preheating still. What was kept of its sound counted from that charge, and goes with it. */
export async function unchargeRoast(db: GanderDatabase, roastId: string, chargedAt: string): Promise<void> {
  await keepHeatWrite(db, { kind: 'uncharge', roastId, chargedAt });
  await removeSounds(db, await db.sounds.where('roastId').equals(roastId).primaryKeys());
}

/** Where charges were moved to from here: a second press may come before the screen shows what the first one did. */
const movedTo = new Map<string, string>();

/** The beans went in `byS` seconds later than the charge says; earlier where negative. `chargedAt` is the charge as the screen has it. */
export function moveCharge(db: GanderDatabase, roastId: string, chargedAt: string, byS: number): Promise<void> {
  const now = chargeNow(roastId, chargedAt);
  return moveChargeTo(db, roastId, now, new Date(Date.parse(now) + byS * 1000).toISOString());
}

/** The beans went in when Beans in was pressed after all. */
export function moveChargeBack(
  db: GanderDatabase,
  roastId: string,
  chargedAt: string,
  pressedAt: string,
): Promise<void> {
  return moveChargeTo(db, roastId, chargeNow(roastId, chargedAt), pressedAt);
}

function chargeNow(roastId: string, chargedAt: string): string {
  const to = movedTo.get(`${roastId}/${chargedAt}`);
  return to === undefined ? chargedAt : chargeNow(roastId, to);
}

function moveChargeTo(db: GanderDatabase, roastId: string, chargedAt: string, to: string): Promise<void> {
  movedTo.set(`${roastId}/${chargedAt}`, to);
  movedTo.delete(`${roastId}/${to}`);
  return keepHeatWrite(db, { kind: 'moveCharge', roastId, chargedAt, to });
}

/** Beans in, after preheating: time zero is `nowMs`. A roast that is charged already stays as it is. */
export function chargeRoast(db: GanderDatabase, roastId: string, nowMs: number): Promise<void> {
  return keepHeatWrite(db, { kind: 'charge', roastId, chargedAt: new Date(nowMs).toISOString() });
}
