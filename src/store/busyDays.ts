import { dequal } from 'dequal/lite';
import { liveQuery } from 'dexie';
import { localDay } from '@/core/units';
import { database } from './current.ts';
import type { GanderDatabase } from './database.ts';

let current: ReadonlySet<string> = new Set();
let watching = false;
const listeners = new Set<() => void>();

/** The days with several roasts, from the index alone; `2026-11-21`. */
async function readBusyDays(db: GanderDatabase): Promise<ReadonlySet<string>> {
  const days = ((await db.roasts.orderBy('createdAt').keys()) as string[]).map(localDay);
  return new Set(days.filter((day, i) => day === days[i - 1]));
}

/** As last read; none until then. Stable between changes. */
export function busyDays(): ReadonlySet<string> {
  return current;
}

/** Calls `listener` after each change; gives the way to stop. One query serves the whole page. */
export function onBusyDays(listener: () => void): () => void {
  listeners.add(listener);
  if (!watching) {
    watching = true;
    liveQuery(() => readBusyDays(database())).subscribe((next) => {
      if (dequal(next, current)) return;
      current = next;
      for (const each of listeners) each();
    });
  }
  return () => listeners.delete(listener);
}
