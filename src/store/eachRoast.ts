import type { Roast } from '@/core/roast';
import type { GanderDatabase } from './database.ts';

/** Logs are long: so many at once hold no page up, and a notebook of years never lies in memory whole. */
const AT_ONCE = 40;

/** Shows every roast of these ids that is there, in their order. */
export async function eachRoast(
  db: GanderDatabase,
  ids: readonly string[],
  visit: (roast: Roast) => void,
): Promise<void> {
  for (let from = 0; from < ids.length; from += AT_ONCE)
    for (const roast of await db.roasts.bulkGet(ids.slice(from, from + AT_ONCE))) if (roast) visit(roast);
}
