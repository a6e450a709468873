import { heatAsUsual, heatSign } from '../heatSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const underpowered: Rule = {
  id: 'underpowered',
  explains: ['flat', 'bready'],
  against: ['hotStart', 'hotGear', 'rushedBrowning', 'smallBatch'],
  causes: ['overLong', 'draggedBrowning', 'stall'],
  signs: (its, said) => [
    spanSign(its, 'drying', 'long', 0.9, said),
    spanSign(its, 'toFirstCrack', 'long', 0.9, said),
    // The same setting gave less: weak mains, an emptying bottle.
    (its.spans.toFirstCrack?.off ?? 0) > 1 && heatAsUsual(its, 'early', 0.3),
    heatSign(its, 'early', 'below', -3) ?? heatSign(its, 'middle', 'below', -1.6),
    // Weak mains are weak from the start: after a drying as usual something else held it up.
    asUsual(its, 'drying', 1.2, said),
    fact(
      its.roast.greenGrams > its.usualGrams * 1.12 && its.method.heatedBy !== 'air',
      'The batch was bigger than usual.',
      -0.6,
    ),
    fact(isCold(its), 'It was cold or windy.', -0.4),
  ],
  says: (its) =>
    `The gear gave less heat than usual${its.heat.off.early === undefined ? '' : ' at the same setting'}: weak mains, or a bottle that runs out.`,
  propose: (its) => ({ ...sizedHeat(its, 1, fromStart, 'toFirstCrack'), question: 'More heat or a smaller batch?' }),
};

/** Cold or windy enough to slow a roast; °C. */
export function isCold(its: Parameters<Rule['signs']>[0]): boolean {
  const { ambientC, wind } = its.roast;
  return (ambientC !== undefined && ambientC < 8) || wind === 'strong';
}
