/** A row as it was stored or saved, whatever is in it. */
type Row = Record<string, unknown>;

const isRow = (value: unknown): value is Row => typeof value === 'object' && value !== null && !Array.isArray(value);

/** A row with its moment, until then `at`, by its own name; as it is where it has none. */
export function withNamedMoment(row: unknown, name: string): unknown {
  if (!isRow(row) || !('at' in row)) return row;
  const { at, ...rest } = row;
  return { [name]: at, ...rest };
}

const each = (list: unknown, name: string): unknown =>
  Array.isArray(list) ? list.map((row) => withNamedMoment(row, name)) : list;

/** The same in a list of a row, where there is one. */
const within = (row: Row, list: string, name: string): Row =>
  list in row ? { ...row, [list]: each(row[list], name) } : row;

/**
 * A row of a table as it is since version 6 of the file and 11 of the database, where `at` is a roast's seconds from charge and nothing
 * else. A row that is so already stays as it is. Part of a step between versions: it has its own helpers and is never edited.
 */
export function withNamedMoments(table: string, row: Row): Row {
  switch (table) {
    case 'lots':
      return within(row, 'weighings', 'weighedAt');
    case 'jars':
      return within(row, 'events', 'doneAt');
    case 'cups':
      return withNamedMoment(row, 'tastedAt') as Row;
    case 'roasts':
      return within(row, 'looks', 'takenAt');
    default:
      return row;
  }
}
