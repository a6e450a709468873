export { type JournalQuery, type JournalView, journalQuerySchema, journalViewSchema } from './journalView.ts';
export { type Sorting, sortingNames, sortings } from './sorting.ts';
