import { heatSign } from '../heatSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, wholeSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const tooShort: Rule = {
  id: 'tooShort',
  explains: ['raw', 'tart', 'uneven'],
  against: ['overLong', 'underpowered', 'coldPlace', 'bigBatch', 'draggedBrowning', 'stall'],
  // Each may bring about the other: the stronger is told.
  causes: ['hotStart', 'rushedBrowning', 'stoppedShort'],
  signs: (its, said) => [
    wholeSign(its, 'short', said),
    heatSign(its, 'early', 'above', 0.4),
    fact(its.roast.bite === 'palerInside', 'The beans are paler inside than outside.', 0.4),
    fact(its.roast.snap === 'hard', 'The beans are hard to break.', 0.3),
    // What was short after first crack only was pulled too soon.
    asUsual(its, 'toFirstCrack', 1.2, said),
  ],
  says: () => 'The whole roast was too short: the inside of the beans did not keep up.',
  propose: (its) => ({ ...sizedHeat(its, -1, fromStart, 'toFirstCrack'), question: 'Less heat from the start?' }),
};
