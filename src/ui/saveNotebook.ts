import { localDay } from '@/core/units';
import { noteSaved } from '@/store/backup';
import type { Beside } from '@/store/bundle';
import { database } from '@/store/current';
import type { What } from '@/store/fileOut';
import { notify } from '@/store/notices';
import { writeFile } from '@/workers/keeper/client';
import { saveBlob } from './saveBlob';

/** Hands a file of the notebook to the browser to keep, read back before. Gives why it would not open again whole, and says so. */
export async function saveNotebook(what: What, name: string): Promise<readonly string[]> {
  const { blob, faults } = await writeFile(database().name, what);
  const kind = blob.type === 'application/zip' ? 'zip' : 'json';
  saveBlob(blob, `${name.replace(/[^\p{L}\p{N}-]+/gu, '-').replace(/-+$/, '')}.gander.${kind}`);
  if (faults[0])
    notify({ text: `The file is saved, but some of it would be left out when it is loaded. ${faults[0]}` });
  return faults;
}

/** The same for the whole notebook, which is then known to be saved. */
export async function saveWhole(beside: readonly Beside[] = []): Promise<readonly string[]> {
  const faults = await saveNotebook({ kind: 'everything', beside }, `gander-notebook-${localDay(new Date())}`);
  await noteSaved(database(), Date.now());
  return faults;
}
