import { useLiveQuery } from 'dexie-react-hooks';
import { closenessTo, paceParts } from '@/core/recipe';
import { milestoneNames, type Roast } from '@/core/roast';
import { database } from '@/store/current';

/** How close a roast came to the recipe it was made by. */
export function ByRecipe({ roast }: { readonly roast: Roast }) {
  const recipe = useLiveQuery(
    async () => (roast.recipeId ? database().recipes.get(roast.recipeId) : undefined),
    [roast.recipeId],
  );
  const close = recipe && closenessTo(recipe, roast);
  if (!recipe || !close) return null;
  const parts = paceParts(close.pace, (milestone) => milestoneNames[milestone]);
  return (
    <p className="mt-2 text-lg">
      By the recipe{' '}
      <a
        className="font-bold underline underline-offset-4"
        href={`/journal/recipe/?id=${encodeURIComponent(recipe.id)}`}
      >
        {recipe.name}
      </a>
      , {close.words === 'another roast' ? 'but it became another roast' : close.words}: {parts.join(', ')}.
    </p>
  );
}
