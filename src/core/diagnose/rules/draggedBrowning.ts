import { heatSign } from '../heatSigns.ts';
import { swappedBy, yellowInDoubt } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { atMilestone, sizedHeat } from '../sizing.ts';

export const draggedBrowning: Rule = {
  id: 'draggedBrowning',
  explains: ['flat', 'bready'],
  against: ['rushedBrowning', 'hotStart'],
  causes: [],
  signs: (its, said) => [
    spanSign(its, 'middle', 'long', 1, said),
    heatSign(its, 'middle', 'below', 0.4),
    heatSign(its, 'middle', 'above', -0.5),
    fact(
      swappedBy(its) > 1,
      'The time after first crack lies off by as much the other way: the mark may be off.',
      -0.6,
    ),
    yellowInDoubt(its),
    asUsual(its, 'middle', 0.6, said),
  ],
  says: () => 'Browning, from yellow to first crack, dragged.',
  propose: (its) => ({ ...sizedHeat(its, 1, atMilestone('yellow'), 'yellowToFirst'), question: 'Shorter browning?' }),
};
