import { DATABASE_NAMES, GanderDatabase, type HouseholdKind } from './database.ts';
import { onDevice } from './small.ts';

/** On users' disks: never change it alone. */
const CHOICE_KEY = 'gander.household';

/** Which household this browser has open; undefined on the very first visit. */
export function chosenHousehold(): HouseholdKind | undefined {
  const stored = onDevice.get(CHOICE_KEY);
  return stored === 'own' || stored === 'demo' ? stored : undefined;
}

/** Remembers the choice. Pages read it when they load, so reload or go on to another page afterwards. */
export function chooseHousehold(kind: HouseholdKind): void {
  onDevice.set(CHOICE_KEY, kind);
}

let open: GanderDatabase | undefined;

/** Whether this page is a place to practise: its roasts are simulated and kept apart. */
export function isPractice(): boolean {
  return location.pathname.startsWith('/practice');
}

/** How fast the clock of a practice roast runs, from the address; 1 everywhere else. */
export function clockSpeed(): number {
  const asked = isPractice() ? Number(new URLSearchParams(location.search).get('speed') ?? 1) : 1;
  return asked >= 1 && asked <= 60 ? asked : 1;
}

/** The database of the chosen household; the user's own before any choice. One connection a page. */
export function database(): GanderDatabase {
  if (!open) {
    open = new GanderDatabase(DATABASE_NAMES[isPractice() ? 'practice' : (chosenHousehold() ?? 'own')]);
    // A later Gander in another tab wants to change the tables: let it, and come back as that version.
    open.on('versionchange', () => {
      open?.close();
      location.reload();
    });
  }
  return open;
}
