import { useEffect, useReducer, useRef } from 'react';
import { type Ribbon, ribbonOf } from '@/core/roast';
import { database } from '@/store/current';
import { type NamedRoast, namedRoasts } from '@/store/queries';

export interface DrawnRow {
  readonly named: NamedRoast;
  readonly ribbon: Ribbon;
}

/** Rows that were read stay, up to so many; a ribbon is not worked out twice while one scrolls to and fro. */
const KEPT = 600;

/** The rows among `ids` as far as they are read; the others are fetched, and come with the next render. */
export function useRows(ids: readonly string[], version: number): ReadonlyMap<string, DrawnRow> {
  const rows = useRef(new Map<string, DrawnRow>());
  const seen = useRef(version);
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  if (seen.current !== version) {
    seen.current = version;
    rows.current = new Map();
  }
  const missing = ids.filter((id) => !rows.current.has(id)).join(' ');
  useEffect(() => {
    if (missing === '') return;
    let current = true;
    void namedRoasts(database(), missing.split(' ')).then((found) => {
      if (!current) return;
      for (const named of found) rows.current.set(named.roast.id, { named, ribbon: ribbonOf(named.roast) });
      for (const id of rows.current.keys()) {
        if (rows.current.size <= KEPT) break;
        if (!missing.includes(id)) rows.current.delete(id);
      }
      redraw();
    });
    return () => {
      current = false;
    };
  }, [missing]);
  return rows.current;
}
