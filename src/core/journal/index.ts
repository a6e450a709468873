export { whatIsAsked } from './asked.ts';
export { type JournalQuery, type JournalView, journalViewSchema } from './journalView.ts';
export { type JournalRow, journalRow } from './row.ts';
export { JournalIndex } from './search.ts';
export { type Sorting, sortingNames, sortings } from './sorting.ts';
export { journalSpans, type TimeSpan } from './spans.ts';
