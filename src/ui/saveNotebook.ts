import { formatNotebook, type NotebookContent } from '@/core/exchange';

/** Hands a notebook to the browser as a file to keep. */
export function saveNotebook(content: NotebookContent, name: string): void {
  const text = formatNotebook(content, new Date().toISOString());
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${name.replace(/[^\p{L}\p{N}-]+/gu, '-').replace(/-+$/, '')}.gander.json`;
  link.click();
  // The browser reads the blob after the click; a minute is more than it needs.
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}
