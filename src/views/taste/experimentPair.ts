import { lotTitle } from '@/core/bean';
import { comparesParts, type Experiment } from '@/core/experiment';
import type { Written } from '@/core/household';
import type { Id } from '@/core/ids';
import { pullsOf } from '@/core/roast';
import type { Contender } from '@/core/taste';
import type { GanderDatabase } from '@/store/database';
import { getNamedRoast } from '@/store/queries';
import { shortDate } from '@/ui/dates';
import { partWords } from '@/ui/partWords';

/** The two cups of the experiment that the address names; undefined without one, or before its second roast. */
export async function experimentPair(
  db: GanderDatabase,
  shade: Written['shade'],
): Promise<{ readonly experiment: Experiment; readonly contenders: readonly [Contender, Contender] } | undefined> {
  const id = new URLSearchParams(location.search).get('experiment');
  const experiment = id ? await db.experiments.get(id) : undefined;
  if (!experiment?.bRoastId) return undefined;
  const named = comparesParts(experiment) ? undefined : (['as it was', 'with the change'] as const);
  const [a, b] = await Promise.all([
    contenderOf(db, experiment.aRoastId, experiment.aPullId, named?.[0], shade),
    contenderOf(db, experiment.bRoastId, experiment.bPullId, named?.[1], shade),
  ]);
  return a && b && { experiment, contenders: [a, b] };
}

async function contenderOf(
  db: GanderDatabase,
  roastId: Id<'roast'>,
  pullId: Id<'entry'> | undefined,
  which: string | undefined,
  shade: Written['shade'],
): Promise<Contender | undefined> {
  const named = await getNamedRoast(db, roastId);
  const pull = named && (pullsOf(named.roast).find(({ id }) => id === pullId) ?? pullsOf(named.roast).at(-1));
  if (!named || !pull) return undefined;
  const lot = named.lot ? lotTitle(named.lot) : named.lotName;
  const called = which ?? partWords(named.roast, pull.id, shade);
  return { name: `${lot}, ${shortDate(named.roast.createdAt)}, ${called}`.slice(0, 120), roastId, pullId: pull.id };
}
