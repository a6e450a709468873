import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import * as z from 'zod';
import { idSchema } from '@/core/ids';
import { failure, type Result, success } from '@/core/issues';
import type { GanderDatabase } from './database.ts';
import type { SoundRow } from './soundRow.ts';
import { addToSound, beginSound, soundBlob, soundsOf } from './sounds.ts';

/** The notebook within a zip file, the list of its sounds, and where they lie. */
const NAMES = { notebook: 'notebook.gander.json', sounds: 'sounds.json', folder: 'sounds/' } as const;

const listed = z.object({
  file: z.string().max(80),
  roastId: idSchema('roast'),
  fromS: z.number().min(-7200).max(86_400),
  mime: z.string().regex(/^audio\/[\w.+-]+(;\s*codecs=[\w.,"+-]+)?$/),
  at: z.iso.datetime(),
});

/** A sound out of a file, with its bytes. */
export interface SoundIn extends Omit<z.infer<typeof listed>, 'file'> {
  readonly bytes: Uint8Array;
}

/** What a zip file holds: the bytes of its notebook, its sounds, and how many of those that it lists cannot be had. */
export interface Bundle {
  readonly notebook: Uint8Array;
  readonly sounds: readonly SoundIn[];
  readonly lost: number;
}

/** Whether a file is a zip, by its first bytes. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 0x03;

/** A notebook file and the sound of its roasts as one zip file. Sound is written as it is: it is as small as it gets. */
export async function zipped(notebook: Blob, sounds: readonly { row: SoundRow; blob: Blob }[]): Promise<Blob> {
  const files: Record<string, [Uint8Array, { level: 0 | 6 }]> = {
    [NAMES.notebook]: [new Uint8Array(await notebook.arrayBuffer()), { level: 6 }],
  };
  const list: z.infer<typeof listed>[] = [];
  for (const [i, { row, blob }] of sounds.entries()) {
    const file = `${NAMES.folder}${i + 1}.${extensionOf(row.mime)}`;
    files[file] = [new Uint8Array(await blob.arrayBuffer()), { level: 0 }];
    const { roastId, fromS, mime, at } = row;
    list.push({ file, roastId: roastId as SoundIn['roastId'], fromS, mime, at });
  }
  files[NAMES.sounds] = [strToU8(`${JSON.stringify(list, null, 1)}\n`), { level: 6 }];
  return new Blob([zipSync(files)], { type: 'application/zip' });
}

const extensionOf = (mime: string) => /^audio\/(\w+)/.exec(mime)?.[1] ?? 'sound';

/** Opens a zip file that `zipped` made; says in issues why it cannot be one. Sounds that cannot be read are left out. */
export function unzipped(bytes: Uint8Array): Result<Bundle> {
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes);
  } catch {
    return failure({ code: 'notJson', path: [], detail: 'the zip file is damaged or cut off' });
  }
  const notebook = files[NAMES.notebook];
  if (!notebook) return failure({ code: 'notOurs', path: [], found: `there is no ${NAMES.notebook} in the zip file` });
  const list = soundList(files[NAMES.sounds]);
  const sounds = list.flatMap((each): SoundIn[] => {
    const read = listed.safeParse(each);
    const own = read.success ? files[read.data.file] : undefined;
    if (!read.success || !own?.length) return [];
    const { file: _, ...facts } = read.data;
    return [{ ...facts, bytes: own }];
  });
  return success({ notebook, sounds, lost: list.length - sounds.length });
}

function soundList(bytes: Uint8Array | undefined): unknown[] {
  try {
    const list: unknown = JSON.parse(strFromU8(bytes ?? strToU8('[]')));
    return Array.isArray(list) ? list : [];
  } catch {
    return [];
  }
}

/** The kept sounds of some roasts, ready to be zipped. */
export async function soundsToZip(
  db: GanderDatabase,
  roastIds: readonly string[],
): Promise<{ row: SoundRow; blob: Blob }[]> {
  const found = await Promise.all(roastIds.map((id) => soundsOf(db, id)));
  const all = await Promise.all(found.flat().map(async (row) => ({ row, blob: await soundBlob(db, row.id) })));
  return all.flatMap(({ row, blob }) => (blob ? [{ row, blob }] : []));
}

/** Brings the sounds of a file to the roasts that are here, each once; gives of how many roasts. */
export async function bringSounds(db: GanderDatabase, sounds: readonly SoundIn[]): Promise<number> {
  const brought = new Set<string>();
  for (const { roastId, fromS, mime, at, bytes } of sounds) {
    if (!(await db.roasts.get(roastId))) continue;
    const known = await soundsOf(db, roastId);
    if (known.some((row) => row.at === at && row.fromS === fromS)) continue;
    const id = await beginSound(db, { roastId, fromS, mime }, Date.parse(at));
    await addToSound(db, id, bytes.slice().buffer);
    brought.add(roastId);
  }
  return brought.size;
}
