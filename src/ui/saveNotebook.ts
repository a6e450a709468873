import { formatNotebook, type NotebookContent, parseNotebook } from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import { localDay } from '@/core/units';
import { noteSaved } from '@/store/backup';
import { database } from '@/store/current';
import { say } from '@/store/notices';
import { saveBlob } from './saveBlob';

/**
 * Hands a notebook to the browser as a file to keep, and reads it back. Says and gives the reasons where it would not open
 * again whole; it is handed over all the same, since half a notebook is better than none.
 */
export async function saveNotebook(content: NotebookContent, name: string): Promise<readonly string[]> {
  const text = formatNotebook(content, new Date().toISOString());
  const blob = new Blob([text], { type: 'application/json' });
  saveBlob(blob, `${name.replace(/[^\p{L}\p{N}-]+/gu, '-').replace(/-+$/, '')}.gander.json`);
  const back = parseNotebook(await blob.text());
  const faults = back.ok ? [] : back.issues.map(issueSentence);
  if (faults[0]) say({ text: `The file is saved, but some of it would be left out when it is loaded. ${faults[0]}` });
  return faults;
}

/** The same for the whole notebook, which is then known to be saved. */
export async function saveWhole(content: NotebookContent): Promise<readonly string[]> {
  const faults = await saveNotebook(content, `gander-notebook-${localDay(new Date())}`);
  await noteSaved(database(), Date.now());
  return faults;
}
