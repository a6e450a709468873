import { type Chosen, type Experiment, withChange } from '@/core/experiment';
import type { Recipe } from '@/core/recipe';
import type { Roast } from '@/core/roast';
import { carriedRecipe } from '@/store/carriedRecipe';
import type { GanderDatabase } from '@/store/database';
import { getNamedRoast } from '@/store/queries';

/** What a plan was opened from: a question to be answered, or a recipe. */
export type PlanFrom =
  | { readonly kind: 'experiment'; readonly experiment: Experiment; readonly chosen: Chosen; readonly earlier: Roast }
  | {
      readonly kind: 'recipe';
      readonly recipe: Recipe;
      readonly chosen: Chosen;
      /** The good roast, whose ribbon is the guide; undefined when it was deleted. */
      readonly earlier: Roast | undefined;
    };

/** Reads what the address names; undefined when it names nothing that is there. */
export async function planFrom(db: GanderDatabase, query: URLSearchParams): Promise<PlanFrom | undefined> {
  const [experimentId, recipeId] = [query.get('experiment'), query.get('recipe')];
  if (experimentId) {
    const experiment = await db.experiments.get(experimentId);
    const earlier = experiment && (await getNamedRoast(db, experiment.aRoastId))?.roast;
    if (experiment && earlier)
      return { kind: 'experiment', experiment, earlier, chosen: withChange(earlier, experiment.change) };
  }
  const recipe = recipeId ? await db.recipes.get(recipeId) : undefined;
  if (!recipe) return undefined;
  const earlier = recipe.fromRoastId === undefined ? undefined : await db.roasts.get(recipe.fromRoastId);
  return { kind: 'recipe', recipe, earlier, chosen: await chosenOf(db, recipe, earlier, query) };
}

/** A recipe as choices; the address may carry another amount and other gear, from the recipe's page. */
async function chosenOf(
  db: GanderDatabase,
  recipe: Recipe,
  from: Roast | undefined,
  query: URLSearchParams,
): Promise<Chosen> {
  const asked = Number(query.get('grams'));
  const greenGrams = asked > 0 ? asked : recipe.greenGrams;
  const gear = await db.gear.get(query.get('gear') ?? recipe.gearId);
  const carried = gear && (await carriedRecipe(db, recipe, gear, greenGrams));
  return {
    lotId: recipe.lotId,
    gearId: gear?.id ?? recipe.gearId,
    greenGrams,
    wantedShade: recipe.shade,
    pullRule: carried ? carried.pullRule : recipe.pullRule,
    plannedMoves: [...(carried?.moves ?? recipe.moves)],
    place: from?.place ?? gear?.place ?? 'indoors',
  };
}
