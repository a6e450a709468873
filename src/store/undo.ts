import { idsNamed, references } from '@/core/exchange';
import { takeBack } from '@/core/undo';
import { applyChange, inOneGo } from './change.ts';
import type { Change, RowChange } from './changes.ts';
import type { GanderDatabase } from './database.ts';

/** What stayed as it is when a change was taken back, since it was changed again or is in use. */
export interface Kept {
  readonly table: RowChange['table'];
  readonly fields: readonly string[];
}

export interface Undone {
  /** What was written to take it back: turned round, it does it again. */
  readonly change: Change;
  readonly kept: readonly Kept[];
}

/** Takes a change back and nothing that came after it: what was changed again stays, and is named. */
export function undoChange(db: GanderDatabase, change: Change): Promise<Undone> {
  return inOneGo(db, async () => {
    const kept: Kept[] = [];
    const rows: RowChange[] = [];
    const pointed = new Map<string, ReadonlySet<unknown>>();
    for (const { table, before, after } of [...change].reverse()) {
      const id = (after ?? before)?.id;
      if (id === undefined) continue;
      const now = await db.table(table).get(id);
      const back = takeBack(before as never, after as never, now);
      const goes = now !== undefined && back.row === undefined;
      const inUse = goes && (await pointedAt(db, table, rows, pointed)).has(id);
      const fields = inUse ? ['id'] : back.kept;
      if (fields.length > 0) kept.push({ table, fields });
      if (!inUse && back.row !== now) rows.push({ table, before: now, after: back.row } as RowChange);
    }
    return { change: await applyChange(db, rows), kept };
  });
}

/** Which rows of a table something else points at that does not go too; read once a table. */
async function pointedAt(
  db: GanderDatabase,
  table: string,
  going: readonly RowChange[],
  known: Map<string, ReadonlySet<unknown>>,
): Promise<ReadonlySet<unknown>> {
  const before = known.get(table);
  if (before) return before;
  const gone = new Set(going.flatMap((row) => (row.after ? [] : (row.before?.id ?? []))));
  const ids = new Set<unknown>();
  for (const reference of references)
    if (reference.to === table)
      await db.table(reference.from).each((row) => {
        if (!gone.has(row.id)) for (const id of idsNamed(reference, row)) ids.add(id);
      });
  known.set(table, ids);
  return ids;
}
