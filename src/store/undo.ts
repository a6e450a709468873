import { idsNamed, references } from '@/core/exchange';
import { type TakenBack, takeBack } from '@/core/undo';
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

/**
 * A flight and its key are one thing, apart so that no page that shows the one reads the other. With the key of other codes nobody
 * knows any more what was tasted: what changed both is taken back in both or in neither.
 */
const IN_TWO_TABLES: ReadonlySet<string> = new Set<RowChange['table']>(['flights', 'flightKeys']);

/** Takes a change back and nothing that came after it: what was changed again stays, and is named. */
export function undoChange(db: GanderDatabase, change: Change): Promise<Undone> {
  return inOneGo(db, async () => {
    const backs = await Promise.all(
      [...change].reverse().flatMap(({ table, before, after }) => {
        const id = (after ?? before)?.id;
        if (id === undefined) return [];
        return [
          db
            .table(table)
            .get(id)
            .then((now) => ({ table, id, now, back: takeBack(before as never, after as never, now) })),
        ];
      }),
    );
    const going = backs.filter(({ now, back }) => now !== undefined && back.row === undefined);
    const inUse = await usedByOthers(db, going);
    const stuck = stuckPairs(backs, inUse);
    const kept: Kept[] = [];
    const rows: RowChange[] = [];
    for (const { table, id, now, back } of backs) {
      if (IN_TWO_TABLES.has(table) && stuck.has(id)) {
        kept.push({ table: 'flights', fields: ['id'] });
        continue;
      }
      const stays = inUse.has(`${table} ${id}`);
      const fields = stays ? ['id'] : back.kept;
      if (fields.length > 0) kept.push({ table, fields });
      if (!stays && back.row !== now) rows.push({ table, before: now, after: back.row } as RowChange);
    }
    return { change: await applyChange(db, rows), kept };
  });
}

/** The ids of what the change has in both tables and cannot take back in one of them. */
function stuckPairs(
  backs: readonly (Going & { readonly back: TakenBack })[],
  inUse: ReadonlySet<string>,
): ReadonlySet<string> {
  const halves = backs.filter(({ table }) => IN_TWO_TABLES.has(table));
  const stuck = halves.filter(({ table, id, back }) => back.kept.length > 0 || inUse.has(`${table} ${id}`));
  return new Set(
    stuck.flatMap((half) => (halves.some((other) => other !== half && other.id === half.id) ? [half.id] : [])),
  );
}

interface Going {
  readonly table: string;
  readonly id: string;
}

/** Which of the rows that are to go something points at that stays; what stays may itself point at another of them. */
async function usedByOthers(db: GanderDatabase, going: readonly Going[]): Promise<ReadonlySet<string>> {
  const tables = new Set(going.map(({ table }) => table));
  const pointers: { readonly from: string; readonly to: string }[] = [];
  for (const reference of references)
    if (tables.has(reference.to))
      await db.table(reference.from).each((row) => {
        for (const id of idsNamed(reference, row))
          pointers.push({ from: `${reference.from} ${row.id}`, to: `${reference.to} ${id}` });
      });
  const goes = new Set(going.map(({ table, id }) => `${table} ${id}`));
  const stay = new Set<string>();
  for (let more = true; more; ) {
    more = false;
    for (const { from, to } of pointers)
      if (goes.has(to) && !goes.has(from)) {
        goes.delete(to);
        stay.add(to);
        more = true;
      }
  }
  return stay;
}
