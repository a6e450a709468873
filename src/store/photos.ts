import { sum } from 'd3-array';
import type { Id } from '@/core/ids';
import { lookOf, MOST_LOOKS, pullsOf, type Roast, type RoastLook } from '@/core/roast';
import type { ShadeNumber } from '@/core/shade';
import { createEntryId } from './atTheHeat.ts';
import { idsInBin } from './bin.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import type { PhotoIn, PhotoRow } from './photoRow.ts';
import { changeRoastRow } from './roasting.ts';

/** What became of a look: its change, for undo, and whether there was room for the photo. */
export interface KeptLook {
  readonly change: Change;
  readonly photoKept: boolean;
}

/**
 * Keeps what a photo told with its roast, and the photo beside it. Where nobody has said a shade, `proposed` stands in its
 * place until somebody does. The photo comes first: a look without one is whole, a photo without a look is cleared away.
 */
export async function keepLook(
  db: GanderDatabase,
  roastId: string,
  look: RoastLook,
  { photo, proposed }: { readonly photo?: PhotoIn | undefined; readonly proposed?: ShadeNumber | undefined },
): Promise<KeptLook> {
  const photoKept = photo !== undefined && (await putPhoto(db, { ...photo, id: look.id, roastId }));
  const change = await changeRoastRow(db, roastId, (before) => ({
    ...before,
    looks: [...(before.looks ?? []), look].slice(-MOST_LOOKS),
    entries: withProposal(before, look.pullId, proposed),
  }));
  return { change, photoKept };
}

function withProposal(roast: Roast, pullId: Id<'entry'> | undefined, shade: ShadeNumber | undefined): Roast['entries'] {
  const pull = pullsOf(roast).find(({ id }) => id === pullId);
  const isSaid = pull?.shade !== undefined && !pull.guessed;
  if (!pull || shade === undefined || isSaid) return roast.entries;
  const { at } = pull;
  const id = createEntryId();
  return [
    ...roast.entries,
    { kind: 'amend', id, at, pressedAt: at, source: 'hand', target: pull.id, shade, guessed: true },
  ];
}

/** Keeps a photo; false where there is no room. */
export async function putPhoto(db: GanderDatabase, row: PhotoRow): Promise<boolean> {
  try {
    await db.photos.put(row);
    return true;
  } catch (error) {
    if (isOutOfRoom(error)) return false;
    throw error;
  }
}

const isOutOfRoom = (error: unknown): boolean => {
  const { name, inner } = error as { name?: string; inner?: { name?: string } };
  return name === 'QuotaExceededError' || inner?.name === 'QuotaExceededError';
};

/** Takes a look from its roast; its photo goes once the change cannot be taken back any more. */
export function removeLook(db: GanderDatabase, roastId: string, lookId: string): Promise<Change> {
  return changeRoastRow(db, roastId, (before) => {
    const looks = before.looks?.filter(({ id }) => id !== lookId);
    return { ...before, looks: looks?.length ? looks : undefined };
  });
}

/** The photo of a look. */
export const photoOf = (db: GanderDatabase, lookId: string): Promise<PhotoRow | undefined> => db.photos.get(lookId);

/** The photos of some roasts. */
export const photosOf = (db: GanderDatabase, roastIds: readonly string[]): Promise<PhotoRow[]> =>
  db.photos
    .where('roastId')
    .anyOf([...roastIds])
    .toArray();

/** The newest photo of a roast's whole beans; undefined where none is kept. */
export async function newestPhotoOf(db: GanderDatabase, roastId: string): Promise<PhotoRow | undefined> {
  const roast = await db.roasts.get(roastId);
  const look = roast && lookOf(roast);
  return look && db.photos.get(look.id);
}

/** What all kept photos take. */
export async function photoSpace(
  db: GanderDatabase,
): Promise<{ readonly photos: number; readonly roasts: number; readonly bytes: number }> {
  const [sizes, roasts] = await Promise.all([
    db.photos.orderBy('size').keys(),
    db.photos.orderBy('roastId').uniqueKeys(),
  ]);
  return { photos: sizes.length, roasts: roasts.length, bytes: sum(sizes as number[]) };
}

/** Removes photos for good, all of them where none are named; what they told stays with the roasts. */
export async function removePhotos(db: GanderDatabase, ids?: readonly string[]): Promise<void> {
  await (ids ? db.photos.bulkDelete([...ids]) : db.photos.clear());
}

/** Removes photos of roasts that cannot be had back any more, and of looks that were taken away. */
export async function forgetLostPhotos(db: GanderDatabase, nowMs: number): Promise<number> {
  // Both in order of the roast, without the photos themselves.
  const byRoast = db.photos.orderBy('roastId');
  const [roastIds, ids] = await Promise.all([byRoast.keys(), byRoast.primaryKeys()]);
  const canReturn = await idsInBin(db, 'roasts', nowMs);
  const roasts = await db.roasts.bulkGet(roastIds as string[]);
  const lost = ids.filter((id, i) => {
    const roast = roasts[i];
    return roast ? !roast.looks?.some((look) => look.id === id) : !canReturn.has(roastIds[i] as string);
  });
  await removePhotos(db, lost);
  return lost.length;
}
