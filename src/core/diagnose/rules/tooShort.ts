import { heatSign } from '../heatSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, wholeSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

/** The whole roast was shorter than its method's. */
export const tooShort: Rule = {
  id: 'tooShort',
  explains: ['raw', 'tart', 'uneven'],
  against: ['overLong', 'underpowered', 'coldPlace', 'bigBatch', 'draggedBrowning', 'stall'],
  // Each may bring about the other: the stronger is told.
  causes: ['hotStart', 'rushedBrowning', 'stoppedShort'],
  signs: (evidence, said) => [
    wholeSign(evidence, 'short', said),
    heatSign(evidence, 'early', 'above', 0.4),
    fact(evidence.roast.bite === 'palerInside', 'The beans are paler inside than outside.', 0.4),
    fact(evidence.roast.snap === 'hard', 'The beans are hard to break.', 0.3),
    // What was short after first crack only was pulled too soon.
    asUsual(evidence, 'toFirstCrack', 1.2, said),
  ],
  says: () => 'The whole roast was too short: the inside of the beans did not keep up.',
  propose: (evidence) => sizedHeat(evidence, -1, fromStart, 'toFirstCrack', 'Less heat from the start?'),
};
