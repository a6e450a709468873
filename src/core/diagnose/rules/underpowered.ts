import { heatAsUsual, heatSign } from '../heatSigns.ts';
import { yellowInDoubt } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';
import { isCold } from '../weatherSigns.ts';

/** Too little heat for the batch. */
export const underpowered: Rule = {
  id: 'underpowered',
  explains: ['flat', 'bready'],
  against: ['hotStart', 'hotGear', 'rushedBrowning', 'smallBatch'],
  causes: ['overLong', 'draggedBrowning', 'stall'],
  signs: (evidence, said) => [
    spanSign(evidence, 'drying', 'long', 0.9, said),
    spanSign(evidence, 'toFirstCrack', 'long', 0.9, said),
    // The same setting gave less: weak mains, an emptying bottle.
    (evidence.spans.toFirstCrack?.off ?? 0) > 1 && heatAsUsual(evidence, 'early', 0.3),
    heatSign(evidence, 'early', 'below', -3) ?? heatSign(evidence, 'middle', 'below', -1.6),
    // Weak mains are weak from the start: after a drying as usual something else held it up.
    asUsual(evidence, 'drying', 1.2, said),
    yellowInDoubt(evidence),
    fact(
      evidence.roast.greenGrams > evidence.usualGrams * 1.12 && evidence.method.heatedBy !== 'air',
      'The batch was bigger than usual.',
      -0.6,
    ),
    fact(isCold(evidence), 'It was cold or windy.', -0.4),
  ],
  says: (evidence) =>
    `The gear gave less heat than usual${evidence.heat.off.early === undefined ? '' : ' at the same setting'}: weak mains, or a bottle that runs out.`,
  propose: (evidence) => sizedHeat(evidence, 1, fromStart, 'toFirstCrack', 'More heat from the start?'),
};
