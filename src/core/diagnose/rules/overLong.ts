import { formatClock } from '../../units/index.ts';
import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const overLong: Rule = {
  id: 'overLong',
  explains: ['bready', 'flat'],
  against: ['hotStart', 'hotGear', 'rushedBrowning', 'smallBatch'],
  causes: ['draggedBrowning', 'stall'],
  signs: (its) => [
    fact(
      its.beyondMethod > 0,
      `At ${formatClock(its.reached.pull ?? 0)} it is beyond what this method usually takes for the shade.`,
      0.5,
    ),
    spanSign(its, 'total', 'long', 0.7),
    fact(its.heatEarly <= -0.7, 'The heat was below its usual setting from early on.', 0.6),
    fact(its.heatEarly > -0.4 && its.heatMiddle > -0.4, 'The heat was at its usual setting.', -0.4),
  ],
  says: () => 'The whole roast took too long: that dulls a cup.',
  propose: (its) => ({ ...sizedHeat(its, 1, fromStart, 'toFirstCrack'), question: 'More heat from the start?' }),
};
