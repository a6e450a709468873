import { idsNamed, references, rowFault, tableNouns } from '@/core/exchange';
import { issueSentence } from '@/core/issues';
import type { Change } from './changes.ts';

// What a change deletes goes into the bin as it is written: fetched with the rest of what only changes need.
export { keepInBin } from './bin.ts';

import type { GanderDatabase } from './database.ts';

/** A change that would make a notebook which no Gander opens again. Nothing of it was written. */
export class RefusedError extends RangeError {
  override readonly name = 'RefusedError';
}

/** Throws RefusedError where a row of the change could not be in a file. */
export function requireSound(change: Change): void {
  for (const { table, after } of change) {
    const fault = after && rowFault(table, table === 'household' ? withoutId(after) : after);
    if (fault) throw new RefusedError(`This was not kept. ${issueSentence(fault)}`);
  }
}

const withoutId = ({ id: _, ...household }: { id: string }) => household;

/**
 * Throws RefusedError where the change has left a row that needs another which is not there. Runs inside the transaction
 * that wrote it, so that the whole is taken back. Asked reference by reference, since a loaded file changes thousands.
 */
export async function requireWhole(db: GanderDatabase, change: Change): Promise<void> {
  for (const reference of references.filter(({ needed }) => needed)) {
    const { from, to } = reference;
    const ids = new Set(
      change.flatMap(({ table, after }) => (table === from && after ? idsNamed(reference, after) : [])),
    );
    const found = new Set(
      ids.size === 0
        ? []
        : await db
            .table(to)
            .where('id')
            .anyOf([...ids])
            .primaryKeys(),
    );
    if (found.size < ids.size)
      throw new RefusedError(`This was not kept: it needs a ${tableNouns[to].one} that is gone.`);
    const gone = new Set<string>(
      change.flatMap(({ table, before, after }) => (table === to && before && !after ? before.id : [])),
    );
    const needs =
      gone.size > 0 &&
      (await db
        .table(from)
        .filter((row) => idsNamed(reference, row).some((id) => gone.has(id)))
        .first());
    if (needs) throw new RefusedError(`This was not deleted: a ${tableNouns[from].one} still needs it.`);
  }
}
