import type { Experiment, NextChange, Outcome } from '@/core/experiment';
import { createId, type Id } from '@/core/ids';
import { applyChange, changeRow } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/** Asks a question with one change against a roast; gives the experiment's id. */
export async function startExperiment(
  db: GanderDatabase,
  asked: {
    readonly question: string;
    readonly change: NextChange;
    readonly aRoastId: Id<'roast'>;
    readonly finding?: string | undefined;
    readonly bRoastId?: Id<'roast'> | undefined;
    readonly aPullId?: Id<'entry'> | undefined;
    readonly bPullId?: Id<'entry'> | undefined;
  },
): Promise<Id<'experiment'>> {
  const id = createId('experiment', secureRandom);
  const { finding, bRoastId, aPullId, bPullId, ...facts } = asked;
  const after: Experiment = {
    ...facts,
    id,
    ...(finding ? { finding } : {}),
    ...(bRoastId ? { bRoastId } : {}),
    ...(aPullId ? { aPullId } : {}),
    ...(bPullId ? { bPullId } : {}),
    createdAt: new Date().toISOString(),
  };
  await applyChange(db, [{ table: 'experiments', after }]);
  return id;
}

/** Experiments, newest first. */
export async function allExperiments(db: GanderDatabase): Promise<Experiment[]> {
  return (await db.experiments.toArray()).sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
}

/** Changes an experiment; gives the change, for undo. */
export function editExperiment(
  db: GanderDatabase,
  before: Experiment,
  facts: Partial<Omit<Experiment, 'id' | 'createdAt'>>,
): Promise<Change> {
  return changeRow(db, 'experiments', before, () => facts);
}

/** Writes the answer down. */
export function answerExperiment(db: GanderDatabase, before: Experiment, outcome: Outcome): Promise<Change> {
  return editExperiment(db, before, { outcome, answeredAt: new Date().toISOString() });
}

/** Deletes an experiment, not its roasts; gives the change, for undo. */
export function removeExperiment(db: GanderDatabase, before: Experiment): Promise<Change> {
  return applyChange(db, [{ table: 'experiments', before }]);
}
