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
