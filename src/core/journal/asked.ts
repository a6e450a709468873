// Apart from the stored shapes: the journal's page does not wait for the checker of shapes.
import type { JournalQuery } from './journalView.ts';

/** One letter alone means nearly everything; the search waits for the second. */
const LEAST_LETTERS = 2;

/** The query without the parts that ask nothing: empty ones, and a text too short to search for. */
export function whatIsAsked(query: JournalQuery): JournalQuery {
  const text = query.text?.trim() ?? '';
  const parts = { ...query, text: text.length >= LEAST_LETTERS ? text : undefined };
  return Object.fromEntries(Object.entries(parts).filter(([, part]) => part !== undefined && part !== ''));
}
