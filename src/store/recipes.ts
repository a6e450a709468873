import { createId } from '@/core/ids';
import { type Recipe, type WhatToDo, whatToDo } from '@/core/recipe';
import type { Roast } from '@/core/roast';
import { applyChange, changeRow } from './change.ts';
import type { Change } from './changes.ts';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';

/** Keeps a roast as a recipe, and gives it. */
export async function keepRecipe(db: GanderDatabase, roast: Roast, name: string): Promise<Recipe> {
  const recipe = named(whatToDo(roast), name);
  await applyChange(db, [{ table: 'recipes', after: recipe }]);
  return recipe;
}

/** Keeps somebody else's roast or recipe as theirs, for beans and gear of one's own; gives the change, for undo. */
export function keepTheirs(
  db: GanderDatabase,
  { fromRoastId: _, ...theirs }: WhatToDo,
  name: string,
  mine: Pick<Recipe, 'lotId' | 'gearId'> & { readonly by: string; readonly note: string },
): Promise<Change> {
  return applyChange(db, [{ table: 'recipes', after: named({ ...theirs, ...mine }, name) }]);
}

function named(what: WhatToDo, name: string): Recipe {
  return { ...what, id: createId('recipe', secureRandom), name, createdAt: new Date().toISOString() };
}

/** Recipes, newest first. */
export async function allRecipes(db: GanderDatabase): Promise<Recipe[]> {
  return (await db.recipes.toArray()).sort((a, b) => (a.createdAt < b.createdAt ? 1 : -1));
}

/** Changes a recipe; gives the change, for undo. */
export function editRecipe(db: GanderDatabase, before: Recipe, facts: Partial<Recipe>): Promise<Change> {
  return changeRow(db, 'recipes', before, () => facts);
}

/** Deletes a recipe, not the roasts made by it; gives the change, for undo. */
export function removeRecipe(db: GanderDatabase, before: Recipe): Promise<Change> {
  return applyChange(db, [{ table: 'recipes', before }]);
}

/** Roasts made by a recipe and the one it came from, oldest first. */
export async function roastsOfRecipe(db: GanderDatabase, recipe: Recipe): Promise<Roast[]> {
  const mine = await db.roasts
    .filter((roast) => roast.recipeId === recipe.id || roast.id === recipe.fromRoastId)
    .toArray();
  return mine.sort((a, b) => (a.createdAt < b.createdAt ? -1 : 1));
}
