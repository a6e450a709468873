import type { MethodId } from '@/core/gear';
import { type ControlNow, remedyFor, type Telling } from '@/core/heat';
import { paceAgainst, paceWords, type Recipe } from '@/core/recipe';
import { milestoneNames, milestonesOfRoast, type Roast } from '@/core/roast';

/** The pace is news for so long after a mark, seconds; then it only stands there. */
const NEWS_S = 40;
/** Closer than this a move would overshoot, seconds; ours. */
const CORRECTED_S = 8;

/** Ahead of or behind the recipe at the last mark, and while there is time, the move that brings it back. */
export function paceOfRecipe(
  recipe: Recipe,
  roast: Roast,
  method: MethodId,
  controls: readonly ControlNow[],
  nowS: number,
): Telling {
  const reached = milestonesOfRoast(roast);
  const pace = paceAgainst(roast.guide ?? recipe.guide, reached);
  const says = paceWords(pace, (milestone) => milestoneNames[milestone]);
  const last = pace.at(-1);
  const isNews = last !== undefined && nowS - (reached[last.milestone] ?? 0) < NEWS_S;
  const text = says ? `${says}.` : `By “${recipe.name}”: its ribbon lies pale under yours.`;
  const back =
    last &&
    isNews &&
    Math.abs(last.byS) >= CORRECTED_S &&
    (last.milestone === 'yellow' || last.milestone === 'firstCrack')
      ? ` ${remedyFor(method, last.milestone, last.byS > 0 ? 'slower' : 'faster', controls)}.`
      : '';
  return { key: `recipe${pace.length}`, level: isNews ? 'soon' : 'note', text: `${text}${back}` };
}
