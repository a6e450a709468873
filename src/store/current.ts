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

const open = new Map<string, GanderDatabase>();

/** Whether this page is a place to practise: its roasts are simulated and kept apart. */
export function isPractice(): boolean {
  return location.pathname.startsWith('/practice');
}

/** How fast the clock of a practice roast runs, from the address; 1 everywhere else. */
export function clockSpeed(): number {
  const asked = isPractice() ? Number(new URLSearchParams(location.search).get('speed') ?? 1) : 1;
  return asked >= 1 && asked <= 60 ? asked : 1;
}

/** The database of the chosen household, the user's own before any choice; where one practises, that of practice. */
export const database = (): GanderDatabase =>
  connected(DATABASE_NAMES[isPractice() ? 'practice' : (chosenHousehold() ?? 'own')]);

/** Where the settings lie: practice goes by those of the household, if there is one. */
export function settingsDatabase(): GanderDatabase {
  const chosen = chosenHousehold();
  return chosen ? connected(DATABASE_NAMES[chosen]) : database();
}

/** One connection a page to each. */
function connected(name: string): GanderDatabase {
  const known = open.get(name);
  if (known) return known;
  const db = new GanderDatabase(name);
  open.set(name, db);
  // A later Gander in another tab wants to change the tables: let it, and come back as that version.
  db.on('versionchange', () => {
    db.close();
    location.reload();
  });
  return db;
}
