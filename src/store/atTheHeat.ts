import { createId, type Id } from '@/core/ids';
import type { Entry, EntryDraft } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { keepHeatWrite } from './outbox.ts';
import { secureRandom } from './random.ts';

/** The times that an entry may have (core/roast/entry.ts): four hours before charge to a day after. */
const LEAST_S = -14_400;
const MOST_S = 86_400;
const stamp = (atS: number) => Math.round(Math.max(LEAST_S, Math.min(MOST_S, atS)) * 100) / 100;

/** Adds a line to the log, happened and pressed at `atS` seconds from charge; `source` says who noticed. */
export async function logEntry(
  db: GanderDatabase,
  roastId: string,
  draft: EntryDraft,
  atS: number,
  source: Entry['source'] = 'hand',
): Promise<Id<'entry'>> {
  const id = createId('entry', secureRandom);
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
  return keepHeatWrite(db, { kind: 'undoLast', roastId, id: createId('entry', secureRandom), atS: stamp(atS) });
}

/** Beans in, after preheating: time zero is `nowMs`. A roast that is charged already stays as it is. */
export function chargeRoast(db: GanderDatabase, roastId: string, nowMs: number): Promise<void> {
  return keepHeatWrite(db, { kind: 'charge', roastId, chargedAt: new Date(nowMs).toISOString() });
}
