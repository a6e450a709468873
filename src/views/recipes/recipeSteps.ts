import { controlsOf, type Gear, settingWords } from '@/core/gear';
import type { Recipe } from '@/core/recipe';
import { dueAtS, milestoneNames } from '@/core/roast';

/** One step of a recipe: when, seconds from charge, and what is done or reached. */
export interface RecipeStep {
  readonly atS: number;
  readonly says: string;
  readonly move: boolean;
}

/** What to do and what to wait for, in order of time. */
export function recipeSteps(recipe: Recipe, gear: Gear | undefined): RecipeStep[] {
  const controls = controlsOf(gear);
  const moves = recipe.moves.flatMap(({ when, control, value }) => {
    const atS = dueAtS(when, recipe.guide);
    return atS === undefined ? [] : [{ atS, says: settingWords(controls, control, value), move: true }];
  });
  const marks = (['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull'] as const).flatMap((milestone) => {
    const atS = recipe.guide[milestone];
    return atS === undefined ? [] : [{ atS, says: milestoneNames[milestone], move: false }];
  });
  return [{ atS: 0, says: 'beans in', move: false }, ...moves, ...marks].sort((a, b) => a.atS - b.atS);
}
