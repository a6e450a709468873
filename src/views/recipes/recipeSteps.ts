import { controlsOf, type Gear, settingWords } from '@/core/gear';
import type { Recipe } from '@/core/recipe';
import { dueAtS, milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';

/** One step of a recipe: when, and what is done or reached. */
export interface RecipeStep {
  /** The clock from charge; “–” for a move at a milestone that the recipe has no time of. */
  readonly clock: string;
  readonly says: string;
  readonly move: boolean;
}

/** What to do and what to wait for, in order of time; what waits for a moment without a time comes last. */
export function recipeSteps(recipe: Recipe, gear: Gear | undefined): RecipeStep[] {
  const controls = controlsOf(gear);
  const moves = recipe.moves.map(({ when, control, value }) => {
    const atS = dueAtS(when, recipe.guide);
    const sets = settingWords(controls, control, value);
    const says = atS === undefined && when.kind === 'milestone' ? `${sets} at ${milestoneNames[when.milestone]}` : sets;
    return { atS, says, move: true };
  });
  const marks = (['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull'] as const).flatMap((milestone) => {
    const atS = recipe.guide[milestone];
    return atS === undefined ? [] : [{ atS, says: milestoneNames[milestone], move: false }];
  });
  const last = Number.POSITIVE_INFINITY;
  return [{ atS: 0, says: 'beans in', move: false }, ...moves, ...marks]
    .sort((a, b) => (a.atS === b.atS ? 0 : (a.atS ?? last) - (b.atS ?? last)))
    .map(({ atS, ...step }) => ({ clock: atS === undefined ? '–' : formatClock(atS), ...step }));
}
