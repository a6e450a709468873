import { useEffect, useReducer, useState } from 'react';
import { database } from '@/store/current';
import { onTableChange } from '@/store/onTableChange';
import { type NamedRoast, namedRoasts } from '@/store/queries';
import type { DrawnRow } from '@/ui/rows/drawnRow';
import { RowReader } from './RowReader';

/** The rows `fromRow` to `toRow` of the journal as far as they are read; the others come with a later render. */
export function useRows(
  ids: readonly string[],
  fromRow: number,
  toRow: number,
  first: readonly NamedRoast[],
): ReadonlyMap<string, DrawnRow> {
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  const [failed, setFailed] = useState<Error>();
  const [reader] = useState(() => new RowReader((wanted) => namedRoasts(database(), wanted), redraw, setFailed));
  if (failed) throw failed;
  reader.take(first);
  useEffect(() => onTableChange(database(), ['roasts', 'lots', 'gear'], () => reader.readAgain()), [reader]);
  useEffect(() => () => reader.stop(), [reader]);
  useEffect(() => reader.see(ids, fromRow, toRow));
  return reader.rows;
}
