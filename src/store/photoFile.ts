import * as z from 'zod';
import { idSchema } from '@/core/ids';
import type { GanderDatabase } from './database.ts';
import { photosOf } from './photos.ts';
import type { ToFile } from './toFile.ts';

const share = z.number().min(-1).max(4);

const ellipse = z.object({ x: share, y: share, long: share, broad: share, angle: z.number() });

const listed = z.object({
  file: z.string().max(80),
  /** The look that it belongs to, in `looks` of its roast. */
  id: idSchema('look'),
  roastId: idSchema('roast'),
  mime: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  width: z.int().min(1).max(10_000),
  height: z.int().min(1).max(10_000),
  white: z.object({ r: z.number().positive(), g: z.number().positive(), b: z.number().positive() }),
  marks: z.array(ellipse.extend({ lightness: z.number(), is: z.enum(['pale', 'scorched']).optional() })).max(5000),
  patches: z.array(ellipse).max(5000).optional(),
});

/** A photo out of a file, with its bytes. */
export interface PhotoFile extends Omit<z.infer<typeof listed>, 'file'> {
  readonly bytes: Uint8Array;
}

/** Larger is no photo of ours. */
const MOST_BYTES = 2_000_000;

/** The kept photos of some roasts, ready to be zipped. */
export async function photosToFile(db: GanderDatabase, roastIds: readonly string[]): Promise<ToFile[]> {
  const rows = await photosOf(db, roastIds);
  return rows.map(({ bytes, size: _, ...facts }) => ({
    listed: facts,
    extension: facts.mime === 'image/jpeg' ? 'jpg' : 'image',
    bytes: new Uint8Array(bytes),
  }));
}

/** The photos that a list names and that are there. */
export function photosInFile(list: readonly unknown[], files: Readonly<Record<string, Uint8Array>>): PhotoFile[] {
  return list.flatMap((each): PhotoFile[] => {
    const read = listed.safeParse(each);
    const bytes = read.success ? files[read.data.file] : undefined;
    if (!read.success || !bytes?.length || bytes.length > MOST_BYTES) return [];
    const { file: _, ...facts } = read.data;
    return [{ ...facts, bytes }];
  });
}

/** Brings the photos of a file to the looks that are here and have none; gives of how many roasts. */
export async function bringPhotos(db: GanderDatabase, photos: readonly PhotoFile[]): Promise<number> {
  const brought = new Set<string>();
  for (const { bytes, patches, ...facts } of photos) {
    const roast = await db.roasts.get(facts.roastId);
    if (!roast?.looks?.some(({ id }) => id === facts.id) || (await db.photos.get(facts.id))) continue;
    const marks = facts.marks.map(({ is, ...mark }) => ({ ...mark, ...(is && { is }) }));
    await db.photos.put({
      ...facts,
      marks,
      ...(patches && { patches }),
      bytes: bytes.slice().buffer,
      size: bytes.length,
    });
    brought.add(facts.roastId);
  }
  return brought.size;
}
