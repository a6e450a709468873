import type { EntryDraft } from './entry.ts';
import { ENTRY_C, ENTRY_GRAMS, ENTRY_S, ENTRY_TEXT } from './roastKinds.ts';

const within = (value: number, { least, most }: { readonly least: number; readonly most: number }) =>
  value >= least && value <= most;

/**
 * Why a line cannot be in a log, as a sentence; undefined when it can. The same bounds as the file's schema has, without
 * the schema, which the roast screen does not load.
 */
export function draftFault(draft: EntryDraft): string | undefined {
  const { celsius, grams, text, happenedAt, tone } = draft as {
    celsius?: number;
    grams?: number | null;
    text?: string;
    happenedAt?: number;
    tone?: number;
  };
  if (celsius !== undefined && !within(celsius, ENTRY_C))
    return `${celsius} °C is no reading: it must lie between ${ENTRY_C.least} and ${ENTRY_C.most} °C.`;
  if (grams !== undefined && grams !== null && !within(grams, ENTRY_GRAMS))
    return `${grams} g is no weight of a batch.`;
  if (happenedAt !== undefined && !within(happenedAt, ENTRY_S)) return 'That time is no time of a roast.';
  if (tone !== undefined && !within(tone, { least: 0, most: 1 })) return 'That is no colour of beans.';
  if (text !== undefined && text.trim() === '') return 'Write something, or take the note out.';
  return text !== undefined && text.trim().length > ENTRY_TEXT
    ? `That is too long: ${ENTRY_TEXT} letters at most.`
    : undefined;
}
