import { createId, type Id } from '@/core/ids';
import { draftFault, ENTRY_S, type Entry, type EntryDraft } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { keepHeatWrite, pendingHeatWrites } from './outbox.ts';
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

/** The beans went in `byS` seconds later than the charge says; earlier where negative. `chargedAt` is the charge as the screen has it. */
export function moveCharge(db: GanderDatabase, roastId: string, chargedAt: string, byS: number): Promise<void> {
  const from = chargeOnItsWay(roastId, chargedAt);
  const to = new Date(Date.parse(from) + byS * 1000).toISOString();
  return keepHeatWrite(db, { kind: 'moveCharge', roastId, chargedAt: from, to });
}

/** The beans went in when Beans in was pressed after all. */
export function moveChargeBack(db: GanderDatabase, roastId: string, chargedAt: string, to: string): Promise<void> {
  return keepHeatWrite(db, { kind: 'moveCharge', roastId, chargedAt: chargeOnItsWay(roastId, chargedAt), to });
}

/** The charge with what was pressed and is not kept yet: a second press may come before the screen shows the first. */
const chargeOnItsWay = (roastId: string, chargedAt: string): string =>
  pendingHeatWrites().reduce(
    (at, write) => (write.kind === 'moveCharge' && write.roastId === roastId && write.chargedAt === at ? write.to : at),
    chargedAt,
  );

/** Beans in, after preheating: time zero is `nowMs`. A roast that is charged already stays as it is. */
export function chargeRoast(db: GanderDatabase, roastId: string, nowMs: number): Promise<void> {
  return keepHeatWrite(db, { kind: 'charge', roastId, chargedAt: new Date(nowMs).toISOString() });
}
