import { heatSign } from '../heatSigns.ts';
import { swappedBy, yellowInDoubt } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { atMilestone, sizedHeat } from '../sizing.ts';

/** From yellow to first crack was too short. */
export const rushedBrowning: Rule = {
  id: 'rushedBrowning',
  explains: ['tart', 'raw', 'uneven'],
  against: ['draggedBrowning', 'stall', 'overLong', 'underpowered', 'coldPlace'],
  causes: ['tooShort'],
  signs: (evidence, said) => [
    spanSign(evidence, 'middle', 'short', 1, said),
    heatSign(evidence, 'middle', 'above', 0.4),
    heatSign(evidence, 'middle', 'below', -0.5),
    fact(
      (evidence.rates.atFirstCrack ?? 0) > FAST,
      `It still rose ${evidence.written.degrees(evidence.rates.atFirstCrack ?? 0)} a minute at first crack.`,
      0.3,
    ),
    fact((evidence.probeOffC ?? 0) < 0, 'The reading at first crack says that it was marked too soon.', -0.8),
    fact(
      swappedBy(evidence) > 1,
      'The time after first crack lies off by as much the other way: the mark may be off.',
      -0.6,
    ),
    yellowInDoubt(evidence),
    asUsual(evidence, 'middle', 0.6, said),
  ],
  says: () => 'Browning, from yellow to first crack, was rushed.',
  propose: (evidence) => sizedHeat(evidence, -1, atMilestone('yellow'), 'yellowToFirst', 'Longer browning?'),
};

/** Still so fast at first crack, it will run away (handbook, section 6, says "still high"; the figure is ours), °C a minute. */
const FAST = 14;
