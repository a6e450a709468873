/** So many words of one’s own a roast has at most. */
export const MOST_TAGS = 12;
/** So many letters each. */
export const TAG_LETTERS = 30;

/** Tags with more of them at the end, each once and cut to its length; as many as there is room for. */
export function withTags(tags: readonly string[] | undefined, more: readonly string[]): string[] {
  const words = more.map((word) => word.trim().slice(0, TAG_LETTERS).trim()).filter((word) => word !== '');
  return [...new Set([...(tags ?? []), ...words])].slice(0, MOST_TAGS);
}
