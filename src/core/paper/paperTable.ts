import { type PaperColumn, type PaperRow, paperColumns } from './paperRow.ts';

/** A line with nothing in it. */
export const blankRow: PaperRow = Object.fromEntries(paperColumns.map((column) => [column, ''])) as Record<
  PaperColumn,
  string
>;

/** Words by which a heading of somebody's own table is known, the surest first. Ours. */
const HEADINGS = {
  date: ['date', 'day', 'roasted on', 'roast date', 'beans in', 'when'],
  beans: ['beans', 'bean', 'coffee', 'lot', 'origin'],
  gear: ['gear', 'roaster', 'machine', 'method', 'popper'],
  green: ['green', 'green weight', 'in', 'weight in', 'charge weight', 'grams', 'green grams', 'batch', 'batch size'],
  yellow: ['yellow', 'drying', 'dry', 'dry end'],
  firstCrack: ['first crack', 'first', '1st crack', '1st', 'crack'],
  secondCrack: ['second crack', 'second', '2nd crack', '2nd'],
  pull: ['pull', 'pulled', 'end', 'total', 'total time', 'stop', 'out at', 'time', 'duration', 'roast time'],
  roasted: ['roasted', 'roasted weight', 'out', 'weight out', 'yield', 'roasted grams'],
  shade: ['shade', 'colour', 'color', 'roast level', 'level', 'roast'],
  note: ['note', 'notes', 'remarks', 'comment', 'comments'],
} as const satisfies Record<PaperColumn, readonly string[]>;

/**
 * Lines pasted out of a table. A first line of headings says which column is which; without one they are taken in the
 * grid's own order from `from` on. Columns that are not known are left out.
 */
export function rowsPasted(cells: readonly (readonly string[])[], from: PaperColumn): PaperRow[] {
  const [first = []] = cells;
  const headed = headingColumns(first);
  const isHeaded = headed.filter(Boolean).length >= 2 && first.every((cell) => !/\d\d/.test(cell));
  const columns = isHeaded ? headed : paperColumns.slice(paperColumns.indexOf(from));
  return (isHeaded ? cells.slice(1) : cells)
    .filter((line) => line.some((cell) => cell.trim() !== ''))
    .map((line) => {
      const row: Record<PaperColumn, string> = { ...blankRow };
      line.forEach((cell, i) => {
        const column = columns[i];
        if (column) row[column] = cell.trim();
      });
      return row;
    });
}

/** The column that each heading names, each once: where several could be it, the one that says it the surest. */
export function headingColumns(headings: readonly string[]): (PaperColumn | undefined)[] {
  const words = headings.map((heading) =>
    heading
      .toLowerCase()
      .replace(/[([].*$|\s(g|kg|oz|lb|s|sec|min|%)$/, '')
      .replaceAll('_', ' ')
      .trim(),
  );
  const means: (PaperColumn | undefined)[] = headings.map(() => undefined);
  for (const column of paperColumns) {
    const named = (HEADINGS[column] as readonly string[]).map((word) => words.indexOf(word)).find((i) => i !== -1);
    if (named !== undefined) means[named] = column;
  }
  return means;
}
