import { type ContentTable, tableNouns } from './contentTables.ts';
import type { NotebookContent } from './notebook.ts';

/** One way in which rows of a table name rows of another. */
export interface Reference {
  readonly from: ContentTable;
  readonly to: ContentTable;
  /** The ids that a row names. */
  readonly idsOf: (row: never) => readonly string[];
  /** Without what it names the row is nothing; else it may be gone, and readers bear it. */
  readonly needed: boolean;
}

type RowOf<T extends ContentTable> = NotebookContent[T][number];

function names<T extends ContentTable>(
  from: T,
  to: ContentTable,
  idsOf: (row: RowOf<T>) => readonly string[],
  needed = true,
): Reference {
  return { from, to, idsOf, needed };
}

/** What names what in a notebook: the one list that the file, the store and undo go by. */
export const references: readonly Reference[] = [
  names('lots', 'lots', (lot) => lot.blendOf?.map((part) => part.lotId) ?? []),
  names('roasts', 'lots', (roast) => [roast.lotId]),
  names('roasts', 'gear', (roast) => [roast.gearId]),
  names('jars', 'roasts', (jar) => [jar.roastId]),
  names('flights', 'flightKeys', (flight) => [flight.id]),
  names('days', 'lots', (day) => day.batches.map((batch) => batch.lotId)),
  names('days', 'gear', (day) => day.batches.map((batch) => batch.gearId)),
  names('recipes', 'lots', (recipe) => [recipe.lotId], false),
  names('recipes', 'gear', (recipe) => [recipe.gearId], false),
  names('cups', 'roasts', (cup) => (cup.roastId ? [cup.roastId] : []), false),
];

/** The ids that a row names by a reference from its table. */
export function idsNamed(reference: Reference, row: object): readonly string[] {
  return reference.idsOf(row as never);
}

/** A row that names what is not there. */
export interface Dangling {
  readonly table: ContentTable;
  /** Its place in its table. */
  readonly index: number;
  readonly id: string;
  readonly to: ContentTable;
  /** What it names, as one says it. */
  readonly wanted: string;
}

/** Every row that needs another which the notebook does not hold. */
export function danglingRows(content: NotebookContent): Dangling[] {
  return references.flatMap((reference) => {
    const { from, to, needed } = reference;
    if (!needed) return [];
    const known = new Set<string>(content[to].map((row) => row.id));
    return content[from].flatMap((row, index) =>
      idsNamed(reference, row).flatMap((id) =>
        known.has(id) ? [] : [{ table: from, index, id, to, wanted: tableNouns[to].one }],
      ),
    );
  });
}
