import type { NotebookContent } from '@/core/exchange';
import { collected, notebookSource } from '@/store/contentSource';
import type { GanderDatabase } from '@/store/database';
import { getHousehold } from '@/store/settings';

/** Everything in a notebook. */
export async function readContent(db: GanderDatabase): Promise<NotebookContent> {
  return collected(notebookSource(db, await getHousehold(db)));
}
