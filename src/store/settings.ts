import { type Household, plainHousehold, withUseKept } from '@/core/household';
import { localDay } from '@/core/units';
import type { RowChange } from './changes.ts';
import { type GanderDatabase, HOUSEHOLD_KEY, requireWritable } from './database.ts';
import { rules } from './rules.ts';

/** The household's settings; the plain ones before anything was chosen. */
export async function getHousehold(db: GanderDatabase): Promise<Household> {
  return { ...plainHousehold, ...(await storedHousehold(db)) };
}

/** The settings as they are stored, without the row's key; undefined before anything was chosen. */
export async function storedHousehold(db: GanderDatabase): Promise<Household | undefined> {
  const row = await db.household.get(HOUSEHOLD_KEY);
  if (!row) return undefined;
  const { id: _, ...household } = row;
  return household;
}

/** Changes some of the settings; as a function, from what they are at that moment. */
export async function saveHousehold(
  db: GanderDatabase,
  facts: Partial<Household> | ((now: Household) => Partial<Household>),
): Promise<void> {
  await requireWritable(db);
  // Before the transaction, which would end while it is fetched: settings that no file takes are not kept either.
  const { requireSound } = await rules();
  await db.transaction('rw', db.household, async () => {
    const change = await householdChange(db, facts);
    requireSound([change]);
    if (change.after) await db.household.put(change.after);
  });
}

/** The change that such facts make to the settings; what was used before it is kept, unless they bring that along. */
export async function householdChange(
  db: GanderDatabase,
  facts: Partial<Household> | ((now: Household) => Partial<Household>),
): Promise<Extract<RowChange, { table: 'household' }>> {
  const [before, now] = [await db.household.get(HOUSEHOLD_KEY), await getHousehold(db)];
  const some = typeof facts === 'function' ? facts(now) : facts;
  const next = { ...now, ...some };
  const kept = some.useSince === undefined ? withUseKept(now, next, localDay(Date.now())) : next;
  return { table: 'household', before, after: { ...kept, id: HOUSEHOLD_KEY } };
}
