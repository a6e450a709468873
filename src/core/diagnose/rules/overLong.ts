import { heatAsUsual, heatSign } from '../heatSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, wholeSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

/** The whole roast took longer than its method does. */
export const overLong: Rule = {
  id: 'overLong',
  explains: ['bready', 'flat'],
  against: ['hotStart', 'hotGear', 'rushedBrowning', 'smallBatch'],
  causes: ['draggedBrowning', 'stall'],
  signs: (evidence, said) => [
    wholeSign(evidence, 'long', said),
    heatSign(evidence, 'early', 'below', 0.6),
    !said && heatAsUsual(evidence, 'early', -0.4),
    // What dragged in browning only, or after first crack only, is no matter of the whole.
    asUsual(evidence, 'drying', 0.8, said),
    asUsual(evidence, 'toFirstCrack', 1.2, said),
  ],
  says: () => 'The whole roast took too long: that dulls a cup.',
  propose: (evidence) => sizedHeat(evidence, 1, fromStart, 'toFirstCrack', 'More heat from the start?'),
};
