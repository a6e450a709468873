import { controlsOf, type Gear, settingWords } from '@/core/gear';
import type { Recipe } from '@/core/recipe';
import { dueAtS, milestoneNames } from '@/core/roast';
import { formatClock } from '@/core/units';
import { moveWords } from '@/ui/moveWords';

/** One step of a recipe: when, and what is done or reached. */
export interface RecipeStep {
  /** The clock from charge; “–” for a move at a milestone that the recipe has no time of. */
  readonly clock: string;
  readonly says: string;
  readonly move: boolean;
}

/** Later than any time of a roast. */
const LAST = Number.MAX_SAFE_INTEGER;

/** What to do and what to wait for, in order of time; what waits for a moment without a time comes last. */
export function recipeSteps(recipe: Recipe, gear: Gear | undefined): RecipeStep[] {
  const controls = controlsOf(gear);
  const moves = recipe.moves.map((move) => {
    const atS = dueAtS(move.when, recipe.guide);
    const says = atS === undefined ? moveWords(move, gear) : settingWords(controls, move.control, move.value);
    return { atS, says, move: true };
  });
  const marks = (['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull'] as const).flatMap((milestone) => {
    const atS = recipe.guide[milestone];
    return atS === undefined ? [] : [{ atS, says: milestoneNames[milestone], move: false }];
  });
  return [{ atS: 0, says: 'beans in', move: false }, ...moves, ...marks]
    .sort((a, b) => (a.atS ?? LAST) - (b.atS ?? LAST))
    .map(({ atS, ...step }) => ({ clock: atS === undefined ? '–' : formatClock(atS), ...step }));
}
