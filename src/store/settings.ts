import { type Household, plainHousehold } from '@/core/household';
import { type GanderDatabase, HOUSEHOLD_KEY, requireWritable } from './database.ts';

/** The household's settings; the plain ones before anything was chosen. */
export async function getHousehold(db: GanderDatabase): Promise<Household> {
  const row = await db.household.get(HOUSEHOLD_KEY);
  if (!row) return plainHousehold;
  const { id: _, ...household } = row;
  return { ...plainHousehold, ...household };
}

/** Changes some of the settings. */
export async function saveHousehold(db: GanderDatabase, facts: Partial<Household>): Promise<void> {
  await requireWritable(db);
  await db.transaction('rw', db.household, async () => {
    await db.household.put({ ...(await getHousehold(db)), ...facts, id: HOUSEHOLD_KEY });
  });
}
