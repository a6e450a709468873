import { movesMade, ruleAsDone } from '../experiment/index.ts';
import { milestonesOfRoast, type Roast, roastedGrams, shadeAsKnown, shownS } from '../roast/index.ts';
import { lossPercent } from '../shade/index.ts';
import type { Recipe } from './recipe.ts';

/** What to do to get a roast, whoever keeps it under whatever name. */
export type WhatToDo = Omit<Recipe, 'id' | 'name' | 'createdAt'>;

/** What to do to get this roast again: what was really done, not what was planned. Throws for a roast that was not pulled. */
export function whatToDo(roast: Roast): WhatToDo {
  const { cooled: _, pull, ...reached } = milestonesOfRoast(roast);
  if (pull === undefined) throw new RangeError(`roast must have been pulled, got ${roast.id} still open`);
  const rule = ruleAsDone(roast);
  const roasted = roastedGrams(roast);
  const loss = roasted === undefined ? undefined : lossPercent(roast.greenGrams, roasted);
  return {
    lotId: roast.lotId,
    gearId: roast.gearId,
    greenGrams: roast.greenGrams,
    shade: shadeAsKnown(roast),
    ...(rule ? { pullRule: rule } : {}),
    moves: movesMade(roast),
    guide: {
      ...Object.fromEntries(Object.entries(reached).map(([milestone, atS]) => [milestone, shownS(atS)])),
      pull: shownS(pull),
    },
    ...(loss === undefined || loss < 0 || loss > 60 ? {} : { lossPercent: Math.round(loss * 10) / 10 }),
    fromRoastId: roast.id,
  };
}
