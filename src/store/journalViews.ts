import { createId } from '@/core/ids';
import type { JournalQuery, JournalView, Sorting } from '@/core/journal';
import { applyChange } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/** Keeps a search of the journal under a name. */
export async function keepView(
  db: GanderDatabase,
  name: string,
  query: JournalQuery,
  sorting: Sorting,
): Promise<JournalView> {
  const view: JournalView = { id: createId('view', secureRandom), name, query, sorting };
  await applyChange(db, [{ table: 'journalViews', after: view }]);
  return view;
}

/** Deletes a saved view; gives the change, for undo. */
export function removeView(db: GanderDatabase, before: JournalView): Promise<Change> {
  return applyChange(db, [{ table: 'journalViews', before }]);
}
