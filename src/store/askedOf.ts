import { changeReminder } from '@/core/experiment';
import type { GearReminder } from '@/core/gear';
import type { GanderDatabase } from './database.ts';

/** What the question that a roast is to answer asks for at the heat, where no plan holds it. */
export async function askedOf(db: GanderDatabase, roastId: string, gearId: string): Promise<GearReminder | undefined> {
  const question = await db.experiments.filter(({ bRoastId }) => bRoastId === roastId).first();
  return question && changeReminder(question.change, await db.gear.get(gearId));
}
