import { heatAsUsual, heatSign } from '../heatSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, wholeSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const overLong: Rule = {
  id: 'overLong',
  explains: ['bready', 'flat'],
  against: ['hotStart', 'hotGear', 'rushedBrowning', 'smallBatch'],
  causes: ['draggedBrowning', 'stall'],
  signs: (its, said) => [
    wholeSign(its, 'long', said),
    heatSign(its, 'early', 'below', 0.6),
    !said && heatAsUsual(its, 'early', -0.4),
    // What dragged in browning only, or after first crack only, is no matter of the whole.
    asUsual(its, 'drying', 0.8, said),
    asUsual(its, 'toFirstCrack', 1.2, said),
  ],
  says: () => 'The whole roast took too long: that dulls a cup.',
  propose: (its) => ({ ...sizedHeat(its, 1, fromStart, 'toFirstCrack'), question: 'More heat from the start?' }),
};
