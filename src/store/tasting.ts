import { createId } from '@/core/ids';
import { type Brew, bestRoasts, type Cup, type RoastLiking } from '@/core/taste';
import { applyChange, changeRow } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';
import { scoredCups } from './scoredCups.ts';

/** Adds a cup and gives the change, for undo. */
export function addCup(db: GanderDatabase, cup: Omit<Cup, 'id'>): Promise<Change> {
  return applyChange(db, [{ table: 'cups', after: { ...cup, id: createId('cup', secureRandom) } }]);
}

/** Changes a cup; gives the change, for undo. */
export function editCup(db: GanderDatabase, cup: Cup, facts: Partial<Cup>): Promise<Change> {
  return changeRow(db, 'cups', cup, () => facts);
}

/** Deletes a cup; gives the change, for undo. */
export function removeCup(db: GanderDatabase, cup: Cup): Promise<Change> {
  return applyChange(db, [{ table: 'cups', before: cup }]);
}

/** How the last cup was brewed; undefined while none is noted. */
export async function lastBrew(db: GanderDatabase): Promise<Brew | undefined> {
  const cups = (await db.cups.toArray()).filter(({ brew }) => brew);
  return cups.reduce<Cup | undefined>((last, cup) => (last && last.tastedAt >= cup.tastedAt ? last : cup), undefined)
    ?.brew;
}

/** Who tasted last, to be proposed for the next cup. */
export async function lastTaster(db: GanderDatabase): Promise<string | undefined> {
  return (
    await db.cups
      .orderBy('tastedAt')
      .reverse()
      .filter(({ taster }) => taster !== undefined)
      .first()
  )?.taster;
}

/** The best-liked roasts of a lot, best first. */
export async function bestOfLot(db: GanderDatabase, lotId: string, most = 3): Promise<RoastLiking[]> {
  const ids = await db.roasts
    .where('[lotId+createdAt+greenGrams]')
    .between([lotId, '', 0], [lotId, '\uffff', 0])
    .primaryKeys();
  const its = new Set<string>(ids);
  return bestRoasts(
    (await scoredCups(db)).filter(({ roastId }) => its.has(roastId)),
    most,
  );
}
