import { type ContentTable, theRow } from '@/core/exchange';
import { shortDate } from './dates';

/** “the roast of 3 Nov”, “the lot “Lantern Terrace””, “the settings”. `called` is what the row calls itself. */
export function rowWords(table: ContentTable | 'household', called: string): string {
  if (table === 'household') return theRow(table);
  // A row without a name of its own is not called by its number.
  if (/^[a-z]+:[0-9a-z]+$/.test(called)) return theRow(table);
  const isTime = /^\d{4}-\d\d-\d\dT/.test(called) && !Number.isNaN(Date.parse(called));
  return `${theRow(table)} ${isTime ? `of ${shortDate(called)}` : `“${called}”`}`;
}
