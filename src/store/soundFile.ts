import * as z from 'zod';
import { withNamedMoment } from '@/core/exchange';
import { idSchema } from '@/core/ids';
import type { GanderDatabase } from './database.ts';
import { addToSound, beginSound, soundBlob, soundsOf } from './sounds.ts';
import type { ToFile } from './toFile.ts';

const listed = z.object({
  file: z.string().max(80),
  roastId: idSchema('roast'),
  fromS: z.number().min(-7200).max(86_400),
  mime: z.string().regex(/^audio\/[\w.+-]+(;\s*codecs=[\w.,"+-]+)?$/),
  begunAt: z.iso.datetime(),
});
/** Until version 6 of the file it was called `at`. */
const listedOnce = z.preprocess((each) => withNamedMoment(each, 'begunAt'), listed);

/** A sound out of a file, with its bytes. */
export interface SoundFile extends Omit<z.infer<typeof listed>, 'file'> {
  readonly bytes: Uint8Array;
}

const extensionOf = (mime: string) => /^audio\/(\w+)/.exec(mime)?.[1] ?? 'sound';

/** The kept sounds of some roasts, ready to be zipped. */
export async function soundsToFile(db: GanderDatabase, roastIds: readonly string[]): Promise<ToFile[]> {
  const found = await Promise.all(roastIds.map((id) => soundsOf(db, id)));
  const all = await Promise.all(
    found.flat().map(async ({ id, roastId, fromS, mime, begunAt }): Promise<ToFile[]> => {
      const blob = await soundBlob(db, id);
      if (!blob) return [];
      const bytes = new Uint8Array(await blob.arrayBuffer());
      return [{ listed: { roastId, fromS, mime, begunAt }, extension: extensionOf(mime), bytes }];
    }),
  );
  return all.flat();
}

/** The sounds that a list names and that are there. */
export function soundsInFile(list: readonly unknown[], files: Readonly<Record<string, Uint8Array>>): SoundFile[] {
  return list.flatMap((each): SoundFile[] => {
    const read = listedOnce.safeParse(each);
    const bytes = read.success ? files[read.data.file] : undefined;
    if (!read.success || !bytes?.length) return [];
    const { file: _, ...facts } = read.data;
    return [{ ...facts, bytes }];
  });
}

/** Brings the sounds of a file to the roasts that are here, each once; gives of how many roasts. */
export async function bringSounds(db: GanderDatabase, sounds: readonly SoundFile[]): Promise<number> {
  const brought = new Set<string>();
  for (const { roastId, fromS, mime, begunAt, bytes } of sounds) {
    if (!(await db.roasts.get(roastId))) continue;
    const known = await soundsOf(db, roastId);
    if (known.some((row) => row.begunAt === begunAt && row.fromS === fromS)) continue;
    const id = await beginSound(db, { roastId, fromS, mime }, Date.parse(begunAt));
    await addToSound(db, id, bytes.slice().buffer);
    brought.add(roastId);
  }
  return brought.size;
}
