import { heatSign } from '../heatSigns.ts';
import { swappedBy, yellowInDoubt } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { atMilestone, sizedHeat } from '../sizing.ts';

/** From yellow to first crack took too long. */
export const draggedBrowning: Rule = {
  id: 'draggedBrowning',
  explains: ['flat', 'bready'],
  against: ['rushedBrowning', 'hotStart'],
  causes: [],
  signs: (evidence, said) => [
    spanSign(evidence, 'middle', 'long', 1, said),
    heatSign(evidence, 'middle', 'below', 0.4),
    heatSign(evidence, 'middle', 'above', -0.5),
    fact(
      swappedBy(evidence) > 1,
      'The time after first crack lies off by as much the other way: the mark may be off.',
      -0.6,
    ),
    yellowInDoubt(evidence),
    asUsual(evidence, 'middle', 0.6, said),
  ],
  says: () => 'Browning, from yellow to first crack, dragged.',
  propose: (evidence) => sizedHeat(evidence, 1, atMilestone('yellow'), 'yellowToFirst', 'Shorter browning?'),
};
