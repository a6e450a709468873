import { contentTables, salvageContent } from '@/core/exchange';
import { isUnderWay } from '@/core/roast';
import { GanderDatabase, HOUSEHOLD_KEY } from '@/store/database';
import type { PhotoRow } from '@/store/photoRow';
import { wholeRows } from '@/store/rawRows';
import type { SoundPiece, SoundRow } from '@/store/soundRow';
import { deleteDatabase } from './rawStore.ts';

const isSound = (row: unknown): row is SoundRow => {
  const { id, roastId } = (row ?? {}) as Partial<SoundRow>;
  return typeof id === 'string' && typeof roastId === 'string';
};
const isPhoto = (row: unknown): row is PhotoRow => {
  const { id, roastId, bytes, marks } = (row ?? {}) as Partial<PhotoRow>;
  return typeof id === 'string' && typeof roastId === 'string' && bytes instanceof ArrayBuffer && Array.isArray(marks);
};
const isPiece = (row: unknown): row is SoundPiece => {
  const { soundId, n, bytes } = (row ?? {}) as Partial<SoundPiece>;
  return typeof soundId === 'string' && typeof n === 'number' && bytes instanceof ArrayBuffer;
};

/** Makes a database anew from what can be read of these rows. Gives how many rows are in it and how many are not. */
export async function rebuildFrom(
  name: string,
  raw: Readonly<Record<string, unknown[]>>,
): Promise<{ readonly kept: number; readonly leftOut: number }> {
  const { content, leftOut } = salvageContent(wholeRows(raw));
  await deleteDatabase(name);
  const db = new GanderDatabase(name);
  try {
    await db.transaction('rw', db.tables, async () => {
      for (const table of contentTables) await db.table(table).bulkAdd(content[table]);
      if (content.household) await db.household.add({ ...content.household, id: HOUSEHOLD_KEY });
      for (const { id, gearId } of content.roasts.filter(isUnderWay))
        if (!(await db.underWay.get(gearId))) await db.underWay.put({ gearId, roastId: id });
      // It is in no file of rows, so it must not go.
      await db.sounds.bulkPut((raw.sounds ?? []).filter(isSound));
      await db.photos.bulkPut((raw.photos ?? []).filter(isPhoto));
      await db.soundPieces.bulkPut((raw.soundPieces ?? []).filter(isPiece));
    });
  } finally {
    db.close();
  }
  return { kept: contentTables.reduce((sum, table) => sum + content[table].length, 0), leftOut: leftOut.length };
}
