import { contentTables, salvageContent } from '@/core/exchange';
import { isUnderWay } from '@/core/roast';
import { GanderDatabase, HOUSEHOLD_KEY } from '@/store/database';
import { wholeRows } from '@/store/rawRows';
import { deleteDatabase } from './rawStore.ts';

/** Makes a database anew from what can be read of these rows. Gives how many rows are in it and how many are not. */
export async function rebuildFrom(
  name: string,
  raw: Readonly<Record<string, unknown[]>>,
): Promise<{ readonly kept: number; readonly leftOut: number }> {
  const { content, leftOut } = salvageContent(wholeRows(raw));
  await deleteDatabase(name);
  const db = new GanderDatabase(name);
  try {
    await db.transaction('rw', db.tables, async () => {
      for (const table of contentTables) await db.table(table).bulkAdd(content[table]);
      if (content.household) await db.household.add({ ...content.household, id: HOUSEHOLD_KEY });
      for (const { id, gearId } of content.roasts.filter(isUnderWay))
        if (!(await db.underWay.get(gearId))) await db.underWay.put({ gearId, roastId: id });
    });
  } finally {
    db.close();
  }
  return { kept: contentTables.reduce((sum, table) => sum + content[table].length, 0), leftOut: leftOut.length };
}
