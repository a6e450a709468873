import { dequal } from 'dequal/lite';
import { liveQuery } from 'dexie';
import { type Household, plainHousehold } from '@/core/household';
import { settingsDatabase } from './current.ts';
import { getHousehold } from './settings.ts';

let current: Household = plainHousehold;
let watching = false;
const listeners = new Set<() => void>();

/** The settings as last read; the plain ones until then. Stable between changes, as useSyncExternalStore wants it. */
export function currentHousehold(): Household {
  return current;
}

/** Reads the settings before the first view is drawn, so that none begins in units that are not the household's. */
export async function readHousehold(): Promise<void> {
  current = await getHousehold(settingsDatabase());
}

/** Calls `listener` after each change; gives the way to stop. One query serves the whole page, however many rows ask. */
export function onHousehold(listener: () => void): () => void {
  listeners.add(listener);
  if (!watching) {
    watching = true;
    liveQuery(() => getHousehold(settingsDatabase())).subscribe((next) => {
      if (dequal(next, current)) return;
      current = next;
      for (const each of listeners) each();
    });
  }
  return () => listeners.delete(listener);
}
