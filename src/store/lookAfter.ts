import {
  contentTables,
  danglingRows,
  type LeftOut,
  type NotebookContent,
  noContent,
  rowFault,
  salvageContent,
} from '@/core/exchange';
import { isUnderWay } from '@/core/roast';
import { DAY_MS } from '@/core/units';
import type { Aside } from './aside.ts';
import { type GanderDatabase, HOUSEHOLD_KEY, requireWritable } from './database.ts';
import { storedHousehold } from './settings.ts';

const AT_ONCE = 100;

/**
 * Looks whether every row can be read and finds what it needs. What cannot is taken out of the way of the rest and kept aside
 * as it was; what can be read of it stays. Gives what was set aside, none where all is well.
 */
export async function setUnreadableAside(db: GanderDatabase, nowMs: number): Promise<readonly Aside[]> {
  await requireWritable(db);
  if (await allSound(db)) return [];
  return db.transaction(
    'rw',
    [...contentTables.map((name) => db.table(name)), db.household, db.aside, db.underWay],
    async () => {
      const rows: Record<string, unknown> = { household: await storedHousehold(db) };
      for (const table of contentTables) rows[table] = await db.table(table).toArray();
      const { content, leftOut } = salvageContent(rows);
      const asideAt = new Date(nowMs).toISOString();
      const aside = leftOut.map((left, i) => asideOf(left, `${nowMs}/${i}`, asideAt));
      await db.aside.bulkPut(aside);
      for (const table of contentTables) {
        const was = rows[table] as { id: string }[];
        const sound = new Set<unknown>(content[table]);
        const ids = new Set<string>(content[table].map(({ id }) => id));
        const known = new Set<unknown>(was);
        await db.table(table).bulkDelete(was.filter((row) => !sound.has(row) && !ids.has(row.id)).map(({ id }) => id));
        await db.table(table).bulkPut(content[table].filter((row) => !known.has(row)));
      }
      if (leftOut.some(({ table }) => table === 'household')) await db.household.delete(HOUSEHOLD_KEY);
      // Gear is free again where the roast that kept it busy is gone.
      for (const { gearId, roastId } of await db.underWay.toArray()) {
        const roast = await db.roasts.get(roastId);
        if (!roast || !isUnderWay(roast)) await db.underWay.delete(gearId);
      }
      return aside;
    },
  );
}

const asideOf = ({ table, id, called, why, row, part, standsIn }: LeftOut, key: string, asideAt: string): Aside => ({
  id: `${table}/${typeof id === 'string' ? id : ''}/${key}`,
  table,
  called,
  why,
  row,
  asideAt,
  ...(part ? { part } : {}),
  ...(standsIn ? { standsIn } : {}),
});

/** Row by row, so that a notebook of years never lies in memory whole. */
async function allSound(db: GanderDatabase): Promise<boolean> {
  const light: Record<string, unknown[]> = { ...structuredClone(noContent) };
  const household = await storedHousehold(db);
  if (household !== undefined && rowFault('household', household)) return false;
  for (const table of contentTables) {
    const keys = await db.table(table).toCollection().primaryKeys();
    for (let from = 0; from < keys.length; from += AT_ONCE)
      for (const row of await db.table(table).bulkGet(keys.slice(from, from + AT_ONCE))) {
        // Deleted meanwhile.
        if (row === undefined) continue;
        if (rowFault(table, row)) return false;
        // Without its log a roast still says what it needs.
        light[table]?.push(table === 'roasts' ? { ...row, entries: [] } : row);
      }
  }
  return danglingRows(light as unknown as NotebookContent).length === 0;
}

/** Roasts that were under way a day ago become one row again: many roasts are read quicker so. */
export async function settleReadings(db: GanderDatabase, nowMs: number): Promise<void> {
  const before = new Date(nowMs - DAY_MS).toISOString();
  const ids = new Set((await db.readings.toCollection().primaryKeys()).map(([roastId]) => roastId));
  for (const id of ids)
    await db.transaction('rw', db.roasts, db.readings, async () => {
      const roast = await db.roasts.get(id);
      if (roast && (isUnderWay(roast) || roast.createdAt > before)) return;
      await db.roasts.delete(id);
      if (roast) await db.roasts.add(roast);
    });
}
