import { heatSign } from '../heatSigns.ts';
import { swappedBy, yellowInDoubt } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { atMilestone, sizedHeat } from '../sizing.ts';

export const rushedBrowning: Rule = {
  id: 'rushedBrowning',
  explains: ['tart', 'raw', 'uneven'],
  against: ['draggedBrowning', 'stall', 'overLong', 'underpowered', 'coldPlace'],
  causes: ['tooShort'],
  signs: (its, said) => [
    spanSign(its, 'middle', 'short', 1, said),
    heatSign(its, 'middle', 'above', 0.4),
    heatSign(its, 'middle', 'below', -0.5),
    fact(
      (its.rates.atFirstCrack ?? 0) > FAST,
      `It still rose ${Math.round(its.rates.atFirstCrack ?? 0)} °C a minute at first crack.`,
      0.3,
    ),
    fact((its.probeOffC ?? 0) < 0, 'The reading at first crack says that it was marked too soon.', -0.8),
    fact(
      swappedBy(its) > 1,
      'The time after first crack lies off by as much the other way: the mark may be off.',
      -0.6,
    ),
    yellowInDoubt(its),
    asUsual(its, 'middle', 0.6, said),
  ],
  says: () => 'Browning, from yellow to first crack, was rushed.',
  propose: (its) => ({ ...sizedHeat(its, -1, atMilestone('yellow'), 'yellowToFirst'), question: 'Longer browning?' }),
};

/** Still so fast at first crack, it will run away (handbook, section 6, says "still high"; the figure is ours), °C a minute. */
const FAST = 14;
