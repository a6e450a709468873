import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign, swappedBy, yellowInDoubt } from '../signs.ts';
import { atMilestone, sizedHeat } from '../sizing.ts';

export const draggedBrowning: Rule = {
  id: 'draggedBrowning',
  explains: ['flat', 'bready'],
  against: ['rushedBrowning', 'hotStart'],
  causes: [],
  signs: (its) => [
    spanSign(its, 'middle', 'long'),
    fact(its.heatMiddle <= -0.7, 'The heat was below its usual setting in browning.', 0.4),
    fact(its.heatMiddle >= 0.7, 'The heat was above its usual setting in browning.', -0.5),
    fact(
      swappedBy(its) > 1,
      'The time after first crack lies off by as much the other way: the mark may be off.',
      -0.6,
    ),
    yellowInDoubt(its),
    asUsual(its, 'middle', 0.6),
  ],
  says: () => 'Browning, from yellow to first crack, dragged.',
  propose: (its) => ({ ...sizedHeat(its, 1, atMilestone('yellow'), 'yellowToFirst'), question: 'Shorter browning?' }),
};
