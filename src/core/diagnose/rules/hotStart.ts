import { heatAsUsual, heatSign } from '../heatSigns.ts';
import { yellowInDoubt } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

/** The beans went into too much heat. */
export const hotStart: Rule = {
  id: 'hotStart',
  explains: ['raw', 'scorched', 'uneven', 'tart'],
  against: ['underpowered', 'coldPlace', 'overLong', 'bigBatch'],
  causes: ['rushedBrowning', 'tooShort'],
  signs: (evidence, said) => [
    spanSign(evidence, 'drying', 'short', 1, said),
    // More heat that was noted explains an early yellow.
    heatSign(evidence, 'early', 'above', 0.5) ?? yellowInDoubt(evidence),
    heatSign(evidence, 'early', 'below', -0.8),
    evidence.roast.spots !== 'many' && heatAsUsual(evidence, 'early', -0.35),
    fact(evidence.roast.spots === 'many', 'Many beans have scorched spots.', 0.3),
    fact(evidence.roast.bite === 'palerInside', 'The beans are paler inside than outside.', 0.3),
    asUsual(evidence, 'drying', 0.7, said),
  ],
  says: () => 'The beans were heated too fast before they turned yellow.',
  propose: (evidence) => sizedHeat(evidence, -1, fromStart, 'toYellow', 'A gentler start?'),
};
