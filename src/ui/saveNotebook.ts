import { formatNotebook, type NotebookContent, parseNotebook } from '@/core/exchange';
import { issueSentence } from '@/core/issues';

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

/** Hands the browser a file to keep. */
export function saveBlob(blob: Blob, fileName: string): void {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = fileName;
  link.click();
  // The browser reads the blob after the click; a minute is more than it needs.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
