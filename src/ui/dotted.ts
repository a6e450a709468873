/** The shortest that a part must be to be broken over two lines. */
const LONG = 28;

/** Parts of one line with dots between them: a line breaks after a dot, not before it, and not within a short part. */
export function dotted(parts: readonly (string | undefined)[]): string {
  return parts
    .filter((part) => part !== undefined && part !== '')
    .map((part) => ((part as string).length < LONG ? (part as string).replaceAll(' ', '\u00a0') : part))
    .join('\u00a0· ');
}
