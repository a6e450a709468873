/** A text with a capital at its beginning, for words that begin a sentence. */
export function capital(text: string): string {
  return `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;
}
