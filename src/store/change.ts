import { contentTables } from '@/core/exchange';
import { isUnderWay, type Roast } from '@/core/roast';
import type { Change, RowChange, Rows, TableName } from './changes.ts';
import { type GanderDatabase, requireWritable } from './database.ts';
import { type Rulebook, rules } from './rules.ts';

let rulebook: Rulebook | undefined;

/** Reads and writes the notebook in one transaction, so that no other tab writes in between. */
export async function inOneGo<T>(db: GanderDatabase, work: () => Promise<T>): Promise<T> {
  await requireWritable(db);
  // Before the transaction, which would end while a file is fetched.
  rulebook ??= await rules();
  return db.transaction(
    'rw',
    [...contentTables.map((name) => db.table(name)), db.underWay, db.household, db.bin, db.changes],
    work,
  );
}

/** How a large change is written. */
export interface Manner {
  /** Its rows were looked at when the file was read. */
  readonly readFromFile?: boolean;
  /** Hears how many rows are written. */
  readonly onRows?: (written: number) => void;
  /** Nothing of it is kept when this is aborted. */
  readonly signal?: AbortSignal;
}

/**
 * Writes a change in one transaction, all of it or nothing, and gives it, for undo. Throws RefusedError for a change that
 * would make a notebook which does not open again.
 */
export function applyChange(db: GanderDatabase, change: Change, manner: Manner = {}): Promise<Change> {
  return inOneGo(db, async () => {
    if (!manner.readFromFile) rulebook?.requireSound(change);
    let written = 0;
    for (const rows of inRuns(change)) {
      manner.signal?.throwIfAborted();
      await writeRun(db, rows, manner.readFromFile);
      written += rows.length;
      manner.onRows?.(written);
    }
    await rulebook?.requireWhole(db, change);
    await rulebook?.keepInBin(db, change);
    manner.signal?.throwIfAborted();
    return change;
  });
}

/** So many rows go to the browser at once: few enough that one can be heard and stopped between. */
const RUN = 500;

/** Rows of one table that are all put or all deleted, in the order of the change. */
function inRuns(change: Change): RowChange[][] {
  const runs: RowChange[][] = [];
  for (const row of change) {
    const run = runs.at(-1);
    const first = run?.[0];
    const alike = first?.table === row.table && kindOf(first) === kindOf(row);
    if (run && alike && run.length < RUN) run.push(row);
    else runs.push([row]);
  }
  return runs;
}

const kindOf = ({ before, after }: RowChange) => (after ? (before ? 'changed' : 'new') : 'gone');

async function writeRun(db: GanderDatabase, rows: readonly RowChange[], areRead = false): Promise<void> {
  const [first] = rows;
  if (!first) return;
  const table = db.table(first.table);
  // Quicker, and only right where somebody has looked that it is not there.
  if (areRead && kindOf(first) === 'new') await table.bulkAdd(rows.map(({ after }) => after));
  else if (first.after) await table.bulkPut(rows.map(({ after }) => after));
  else await table.bulkDelete(rows.flatMap(({ before }) => (before ? [before.id] : [])));
  if (first.table !== 'roasts') return;
  // A file's thousands of finished roasts have nothing to do with the gear that is busy.
  const anyBusy = (await db.underWay.count()) > 0;
  for (const { before, after } of rows as readonly { before?: Roast; after?: Roast }[])
    if (anyBusy || (after && isUnderWay(after))) await settleUnderWay(db, before, after);
}

/**
 * Keeps the list of busy gear true after a roast changed; runs inside the caller's transaction.
 * Gear that is busy with another roast stays with it.
 */
export async function settleUnderWay(
  db: GanderDatabase,
  before: Roast | undefined,
  after: Roast | undefined,
): Promise<void> {
  const id = after?.id ?? before?.id;
  if (id && before && before.gearId !== after?.gearId) await db.underWay.where('roastId').equals(id).delete();
  if (after && isUnderWay(after)) {
    if (!(await db.underWay.get(after.gearId))) await db.underWay.put({ gearId: after.gearId, roastId: after.id });
  } else if (id) await db.underWay.where('roastId').equals(id).delete();
}

/**
 * Changes one row, which is made when there is none, and gives the change, for undo. `row` is as it was last seen; `next` gets
 * it as it stands now, so that what another tab wrote meanwhile stays.
 */
export function changeRow<T extends TableName>(
  db: GanderDatabase,
  table: T,
  row: Rows[T],
  next: (now: Rows[T]) => Partial<Rows[T]>,
): Promise<Change> {
  return inOneGo(db, async () => {
    const before = (await db.table(table).get(row.id)) as Rows[T] | undefined;
    const now = before ?? row;
    return applyChange(db, [{ table, before, after: { ...now, ...next(now) } }] as unknown as Change);
  });
}
