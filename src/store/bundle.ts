import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { failure, type Result, success } from '@/core/issues';
import type { GanderDatabase } from './database.ts';
import { bringPhotos, type PhotoFile, photosInFile, photosToFile } from './photoFile.ts';
import { bringSounds, type SoundFile, soundsInFile, soundsToFile } from './soundFile.ts';
import type { ToFile } from './toFile.ts';

/** What can lie in a zip file beside the notebook. */
const besides = ['sounds', 'photos'] as const;
/** One of `besides`. */
export type Beside = (typeof besides)[number];

/** The notebook within a zip file, and the lists of what lies beside it. On users' disks: never change one. */
const NAMES = { notebook: 'notebook.gander.json', sounds: 'sounds.json', photos: 'photos.json' } as const;

/** What a zip file holds: the bytes of its notebook, what lies beside it, and how much that it lists cannot be had. */
export interface Bundle {
  readonly notebook: Uint8Array;
  readonly sounds: readonly SoundFile[];
  readonly photos: readonly PhotoFile[];
  readonly lost: number;
}

/** Whether a file is a zip, by its first bytes. */
export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b && bytes[2] === 0x03;

/** A notebook file with what lies beside it as one zip file. Sounds and photos are written as they are: as small as they get. */
export async function zipped(notebook: Blob, beside: Readonly<Record<Beside, readonly ToFile[]>>): Promise<Blob> {
  const files: Record<string, [Uint8Array, { level: 0 | 6 }]> = {
    [NAMES.notebook]: [new Uint8Array(await notebook.arrayBuffer()), { level: 6 }],
  };
  for (const kind of besides) {
    const all = beside[kind];
    const list = all.map(({ listed, extension, bytes }, i) => {
      const file = `${kind}/${i + 1}.${extension}`;
      files[file] = [bytes, { level: 0 }];
      return { file, ...listed };
    });
    if (kind === 'sounds' || list.length > 0)
      files[NAMES[kind]] = [strToU8(`${JSON.stringify(list, null, 1)}\n`), { level: 6 }];
  }
  return new Blob([zipSync(files)], { type: 'application/zip' });
}

/** Opens a zip file that `zipped` made; says in issues why it cannot be one. What cannot be read beside the notebook is left out. */
export function unzipped(bytes: Uint8Array): Result<Bundle> {
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes);
  } catch {
    return failure({ code: 'notJson', path: [], detail: 'the zip file is damaged or cut off' });
  }
  const notebook = files[NAMES.notebook];
  if (!notebook) return failure({ code: 'notOurs', path: [], found: `there is no ${NAMES.notebook} in the zip file` });
  const lists = { sounds: listIn(files[NAMES.sounds]), photos: listIn(files[NAMES.photos]) };
  const sounds = soundsInFile(lists.sounds, files);
  const photos = photosInFile(lists.photos, files);
  const lost = lists.sounds.length + lists.photos.length - sounds.length - photos.length;
  return success({ notebook, sounds, photos, lost });
}

function listIn(bytes: Uint8Array | undefined): unknown[] {
  try {
    const list: unknown = JSON.parse(strFromU8(bytes ?? strToU8('[]')));
    return Array.isArray(list) ? list : [];
  } catch {
    return [];
  }
}

/** What is kept beside the notebook of some roasts, of the kinds that are wanted, ready to be zipped. */
export async function besideRoasts(
  db: GanderDatabase,
  roastIds: readonly string[],
  wanted: readonly Beside[],
): Promise<Record<Beside, ToFile[]>> {
  return {
    sounds: wanted.includes('sounds') ? await soundsToFile(db, roastIds) : [],
    photos: wanted.includes('photos') ? await photosToFile(db, roastIds) : [],
  };
}

/** Brings what lies beside a notebook to the roasts that are here, each once; gives to how many roasts. */
export async function bringBeside(
  db: GanderDatabase,
  { sounds, photos }: Pick<Bundle, Beside>,
): Promise<Record<Beside, number>> {
  return { photos: await bringPhotos(db, photos), sounds: await bringSounds(db, sounds) };
}
