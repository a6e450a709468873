import { createId } from '@/core/ids';
import { fromChargeS } from '@/core/roast';
import { DAY_MS } from '@/core/units';
import { idsInBin } from './bin.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';
import type { SoundRow } from './soundRow.ts';

/** Begins the sound of a roast, at so many seconds from the press of Beans in; gives its id. */
export async function beginSound(
  db: GanderDatabase,
  { roastId, fromS, mime }: Pick<SoundRow, 'roastId' | 'fromS' | 'mime'>,
  nowMs: number,
): Promise<string> {
  const id = createId('sound', secureRandom);
  await db.sounds.add({ id, roastId, fromS, mime, size: 0, begunAt: new Date(nowMs).toISOString() });
  return id;
}

/** Adds the next seconds of a sound. One that was deleted meanwhile stays deleted. */
export async function addToSound(db: GanderDatabase, soundId: string, bytes: ArrayBuffer): Promise<void> {
  await db.transaction('rw', db.sounds, db.soundPieces, async () => {
    const row = await db.sounds.get(soundId);
    if (!row) return;
    const n = await db.soundPieces.where('soundId').equals(soundId).count();
    await db.soundPieces.add({ soundId, n, bytes });
    await db.sounds.put({ ...row, size: row.size + bytes.byteLength });
  });
}

/** The sounds of a roast that have something in them, in order. */
export async function soundsOf(db: GanderDatabase, roastId: string): Promise<SoundRow[]> {
  const rows = await db.sounds.where('roastId').equals(roastId).toArray();
  return rows.filter(({ size }) => size > 0).sort((a, b) => a.fromS - b.fromS);
}

/** Sounds on the clock of their roast: `fromS` counts from its charge. */
export const fromCharge = (rows: readonly SoundRow[], roast: Parameters<typeof fromChargeS>[0]): SoundRow[] =>
  rows.map((row) => ({ ...row, fromS: fromChargeS(roast, row.fromS) }));

/** A sound as one file; undefined where it is gone. */
export async function soundBlob(db: GanderDatabase, soundId: string): Promise<Blob | undefined> {
  const row = await db.sounds.get(soundId);
  if (!row) return undefined;
  const pieces = await db.soundPieces.where('soundId').equals(soundId).sortBy('n');
  return new Blob(
    pieces.map(({ bytes }) => bytes),
    { type: row.mime },
  );
}

/** What sounds take. */
export const bytesOf = (rows: readonly SoundRow[]): number => rows.reduce((sum, { size }) => sum + size, 0);

/** What all kept sounds take. */
export async function soundSpace(db: GanderDatabase): Promise<{ readonly roasts: number; readonly bytes: number }> {
  const rows = await db.sounds.toArray();
  return {
    roasts: new Set(rows.map(({ roastId }) => roastId)).size,
    bytes: bytesOf(rows),
  };
}

/** Deletes sounds for good; all of them where none are named. */
export async function removeSounds(db: GanderDatabase, ids?: readonly string[]): Promise<void> {
  await db.transaction('rw', db.sounds, db.soundPieces, async () => {
    const gone = ids ?? ((await db.sounds.toCollection().primaryKeys()) as string[]);
    await db.sounds.bulkDelete([...gone]);
    await db.soundPieces
      .where('soundId')
      .anyOf([...gone])
      .delete();
  });
}

/** When a sound is deleted by itself, ms; undefined where it is kept until somebody deletes it. */
export const soundEndsMs = ({ begunAt }: Pick<SoundRow, 'begunAt'>, weeks: number | undefined): number | undefined =>
  weeks === undefined ? undefined : Date.parse(begunAt) + weeks * 7 * DAY_MS;

/** Deletes what was kept for long enough, and what belongs to roasts that cannot be had back any more; gives how many. */
export async function forgetOldSounds(db: GanderDatabase, weeks: number | undefined, nowMs: number): Promise<number> {
  const rows = await db.sounds.toArray();
  const there = await db.roasts.bulkGet(rows.map(({ roastId }) => roastId));
  const canReturn = await idsInBin(db, 'roasts', nowMs);
  const gone = rows.flatMap((row, i) => {
    const ends = soundEndsMs(row, weeks);
    const isOver = ends !== undefined && ends < nowMs;
    return isOver || (!there[i] && !canReturn.has(row.roastId)) ? [row.id] : [];
  });
  if (gone.length > 0) await removeSounds(db, gone);
  return gone.length;
}
