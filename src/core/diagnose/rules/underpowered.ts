import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const underpowered: Rule = {
  id: 'underpowered',
  explains: ['flat', 'bready'],
  against: ['hotStart', 'hotGear', 'rushedBrowning', 'smallBatch'],
  causes: ['overLong', 'draggedBrowning', 'stall'],
  signs: (its) => [
    spanSign(its, 'drying', 'long', 0.7),
    spanSign(its, 'toFirstCrack', 'long', 0.7),
    // The same setting gave less: weak mains, an emptying bottle.
    its.heatEarly > -0.4 &&
      fact((its.spans.toFirstCrack?.off ?? 0) > 1, 'The heat was set as usual or higher, and gave less.', 0.3),
    fact(its.heatEarly <= -0.7 || its.heatMiddle <= -0.7, 'The heat was set below its usual setting.', -1.6),
    fact(
      its.roast.greenGrams > its.usualGrams * 1.12 && its.method.heatedBy !== 'air',
      'The batch was bigger than usual.',
      -0.6,
    ),
    fact(isCold(its), 'It was cold or windy.', -0.4),
  ],
  says: () => 'The gear gave less heat than usual at the same setting: weak mains, or a bottle that runs out.',
  propose: (its) => ({ ...sizedHeat(its, 1, fromStart, 'toFirstCrack'), question: 'More heat or a smaller batch?' }),
};

/** Cold or windy enough to slow a roast; °C. */
export function isCold(its: Parameters<Rule['signs']>[0]): boolean {
  const { ambientC, wind } = its.roast;
  return (ambientC !== undefined && ambientC < 8) || wind === 'strong';
}
