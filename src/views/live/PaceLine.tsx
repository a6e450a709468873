import { useLiveQuery } from 'dexie-react-hooks';
import { paceAgainst, paceWords } from '@/core/recipe';
import { milestoneNames } from '@/core/roast';
import { database } from '@/store/current';
import type { LiveRoastModel } from './useLiveRoast';

/** How far ahead of the recipe or behind it the roast is, from the last milestone; loaded only for roasts that have one. */
export function PaceLine({ recipeId, model }: { readonly recipeId: string; readonly model: LiveRoastModel }) {
  const recipe = useLiveQuery(() => database().recipes.get(recipeId), [recipeId]);
  if (!recipe) return null;
  const says = paceWords(paceAgainst(recipe.guide, model.reached), (milestone) => milestoneNames[milestone]);
  return (
    <p role="status" className="border-bill mb-3 border-l-4 pl-3 text-xl">
      {says ? `${says}.` : `By “${recipe.name}”: its ribbon lies pale under yours.`}
    </p>
  );
}
