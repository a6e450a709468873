import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';
import { largestOf } from '../sizing.ts';

/** So much above the usual batch shows. */
const BIG_FROM_SHARE = 1.12;

/** More green than this gear usually gets. */
export const bigBatch: Rule = {
  id: 'bigBatch',
  explains: ['uneven', 'bready', 'flat', 'scorched'],
  against: ['smallBatch'],
  causes: ['overLong', 'draggedBrowning', 'underpowered', 'poorMovement'],
  signs: (evidence) => {
    const { weight } = evidence.written;
    const byGrams = Math.round(evidence.roast.greenGrams - evidence.usualGrams);
    const big = evidence.roast.greenGrams > evidence.usualGrams * BIG_FROM_SHARE;
    const largest = largestOf(evidence);
    return [
      fact(big, `It was ${weight(byGrams)} more than the ${weight(evidence.usualGrams)} this gear usually gets.`, 0.5),
      !big && { says: 'The batch was no bigger than usual.', weight: -3 },
      fact(
        evidence.roast.greenGrams > largest,
        `That is above the ${weight(largest)} that ${evidence.gear?.largestGrams === undefined ? 'this method' : 'this gear'} takes.`,
        0.4,
      ),
      evidence.method.heatedBy === 'air'
        ? spanSign(evidence, 'toFirstCrack', 'short', 0.6)
        : spanSign(evidence, 'toFirstCrack', 'long', 0.8),
      fact(evidence.roast.evenness === 'patchy', 'The colour is patchy.', 0.5),
    ];
  },
  says: () => 'The batch was too big for the gear.',
  propose: (evidence) => ({
    change: {
      kind: 'grams',
      byGrams: -Math.max(5, Math.round((evidence.roast.greenGrams - evidence.usualGrams) / 5) * 5),
    },
    question: 'The usual batch again?',
  }),
};
