import { type ContentTable, readableRow } from '@/core/exchange';
import { methodOf } from '@/core/gear';
import type { Roast } from '@/core/roast';
import { MEDIUM } from '@/core/shade';
import type { Aside } from './aside.ts';
import { applyChange } from './change.ts';
import type { GanderDatabase } from './database.ts';

/** Whether something of it can be put back: a roast is worth it, the parts of a row stay apart. */
export const canRepair = ({ table, part }: Aside): boolean => table === 'roasts' && !part;

/**
 * Puts what can be read of a roast back into the journal; what cannot has something usual in its place, to be put right on
 * its page. Gives its id, or undefined where nothing can be made of it. What was set aside stays until it is deleted.
 */
export async function repair(db: GanderDatabase, aside: Aside): Promise<string | undefined> {
  const row = (aside.row ?? {}) as { id?: unknown; lotId?: unknown; gearId?: unknown };
  const gear = (await db.gear.get(String(row.gearId))) ?? (await db.gear.toCollection().first());
  const lot = (await db.lots.get(String(row.lotId))) ?? (await db.lots.toCollection().first());
  if (!gear || !lot || typeof row.id !== 'string') return undefined;
  const standIn: Roast = {
    id: row.id as Roast['id'],
    createdAt: aside.asideAt,
    lotId: lot.id,
    gearId: gear.id,
    greenGrams: methodOf(gear.method).batchGrams.usual,
    wantedShade: MEDIUM,
    place: 'indoors',
    clockShiftMs: 0,
    entries: [],
  };
  // Named beans or gear that are gone would keep it out again.
  const named = { ...row, lotId: lot.id, gearId: gear.id };
  const read = readableRow('roasts', named, { ...standIn }) as Roast | undefined;
  if (!read) return undefined;
  await applyChange(db, [{ table: 'roasts', before: await db.roasts.get(read.id), after: read }]);
  return read.id;
}

/** The row as it was, for a file. */
export const asideText = (all: readonly Aside[]): string =>
  `${JSON.stringify(
    all.map(({ table, row }) => ({ table: table as ContentTable, row })),
    null,
    1,
  )}\n`;
