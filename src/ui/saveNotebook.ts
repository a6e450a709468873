import { formatNotebook, type NotebookContent, parseNotebook } from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import { saveBlob } from './saveBlob';

/**
 * Hands a notebook to the browser as a file to keep, once it has been read back and holds what it should. Gives the
 * reasons where it would not open again; it is handed over all the same, since half a notebook is better than none.
 */
export async function saveNotebook(content: NotebookContent, name: string): Promise<readonly string[]> {
  const text = formatNotebook(content, new Date().toISOString());
  const blob = new Blob([text], { type: 'application/json' });
  saveBlob(blob, `${name.replace(/[^\p{L}\p{N}-]+/gu, '-').replace(/-+$/, '')}.gander.json`);
  const back = parseNotebook(await blob.text());
  return back.ok ? [] : back.issues.map(issueSentence);
}
