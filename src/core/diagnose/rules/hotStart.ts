import { heatAsUsual, heatSign } from '../heatSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const hotStart: Rule = {
  id: 'hotStart',
  explains: ['raw', 'scorched', 'uneven', 'tart'],
  against: ['underpowered', 'coldPlace', 'overLong', 'bigBatch'],
  causes: ['rushedBrowning', 'tooShort'],
  signs: (its, said) => [
    spanSign(its, 'drying', 'short', 1, said),
    heatSign(its, 'early', 'above', 0.5),
    heatSign(its, 'early', 'below', -0.8),
    its.roast.spots !== 'many' && heatAsUsual(its, 'early', -0.35),
    fact(its.roast.spots === 'many', 'Many beans have scorched spots.', 0.3),
    fact(its.roast.bite === 'palerInside', 'The beans are paler inside than outside.', 0.3),
    asUsual(its, 'drying', 0.7, said),
  ],
  says: () => 'The beans were heated too fast before they turned yellow.',
  propose: (its) => ({ ...sizedHeat(its, -1, fromStart, 'toYellow'), question: 'A gentler start?' }),
};
