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

const drawn = (named: NamedRoast): DrawnRow => ({ named, ribbon: ribbonOf(named.roast) });

/** The rows among `ids` as far as they are read; the others are fetched, and come with the next render. */
export function useRows(
  ids: readonly string[],
  version: number,
  first: readonly NamedRoast[],
): ReadonlyMap<string, DrawnRow> {
  const rows = useRef(new Map<string, DrawnRow>());
  const seen = useRef(version);
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  if (seen.current !== version) {
    seen.current = version;
    rows.current = new Map();
  }
  if (rows.current.size === 0) for (const named of first) rows.current.set(named.roast.id, drawn(named));
  const missing = ids.filter((id) => !rows.current.has(id)).join(' ');
  useEffect(() => {
    if (missing === '') return;
    let current = true;
    let frame = 0;
    void namedRoasts(database(), missing.split(' ')).then((found) => {
      const waiting = [...found];
      const some = () => {
        if (!current) return;
        for (const named of waiting.splice(0, A_FRAME)) rows.current.set(named.roast.id, drawn(named));
        forget(rows.current, missing);
        redraw();
        if (waiting.length > 0) frame = requestAnimationFrame(some);
      };
      some();
    });
    return () => {
      current = false;
      cancelAnimationFrame(frame);
    };
  }, [missing]);
  return rows.current;
}

/** Rows that come up in one frame: a ribbon takes its time, and a thumb feels a frame that is late. */
const A_FRAME = 1;

function forget(rows: Map<string, DrawnRow>, wanted: string): void {
  for (const id of rows.keys()) {
    if (rows.size <= KEPT) return;
    if (!wanted.includes(id)) rows.delete(id);
  }
}
