import { useLiveQuery } from 'dexie-react-hooks';
import type { Guide } from '@/core/recipe';
import { database } from '@/store/current';
import type { PlanFrom } from './planFrom';
import type { Planned } from './usePlanned';

/** The times of the recipe that is followed, for the batch and gear that are chosen now; undefined without one. */
export function useGuide(from: PlanFrom | undefined, planned: Planned | undefined): Guide | undefined {
  const recipe = from?.kind === 'recipe' ? from.recipe : undefined;
  const [gear, grams] = [planned?.gear, planned?.batches?.greenGramsEach];
  return useLiveQuery(async () => {
    if (!recipe || !planned || !gear || !grams) return undefined;
    const { carriedRecipe } = await import('@/store/carriedRecipe');
    return (await carriedRecipe(database(), recipe, gear, grams, planned.question)).guide;
  }, [recipe, gear, grams, JSON.stringify(planned?.question)]);
}
