import type { Done } from './changes.ts';
import type { GanderDatabase } from './database.ts';

/** So many are kept: some weeks of a busy household. */
const MOST_DONE = 60;

/** Puts what was done on the list, once; what is too old for it goes. */
export async function keepDone(db: GanderDatabase, done: Done): Promise<void> {
  await db.transaction('rw', db.done, async () => {
    if (await db.done.get(done.id)) return;
    await db.done.add(done);
    const tooMany = (await db.done.count()) - MOST_DONE;
    if (tooMany > 0) await db.done.bulkDelete(await db.done.orderBy('at').limit(tooMany).primaryKeys());
  });
}

/** What was done lately, newest first. */
export function doneLately(db: GanderDatabase): Promise<Done[]> {
  return db.done.orderBy('at').reverse().toArray();
}
