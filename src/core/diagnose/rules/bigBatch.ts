import { traysOf } from '../../gear/index.ts';
import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';

/** So much above the usual batch shows. */
const BIG = 1.12;

export const bigBatch: Rule = {
  id: 'bigBatch',
  explains: ['uneven', 'bready', 'flat', 'scorched'],
  against: ['smallBatch'],
  causes: ['overLong', 'draggedBrowning', 'underpowered', 'poorMovement'],
  signs: (its) => {
    const byGrams = Math.round(its.roast.greenGrams - its.usualGrams);
    const big = its.roast.greenGrams > its.usualGrams * BIG;
    return [
      fact(big, `It was ${byGrams} g more than the ${Math.round(its.usualGrams)} g this gear usually gets.`, 0.5),
      !big && { says: 'The batch was no bigger than usual.', weight: -3 },
      fact(
        its.roast.greenGrams > its.method.batchGrams.most * (its.gear ? traysOf(its.gear) : 1),
        `That is above what this method takes.`,
        0.4,
      ),
      its.method.heatedBy === 'air'
        ? spanSign(its, 'toFirstCrack', 'short', 0.6)
        : spanSign(its, 'toFirstCrack', 'long', 0.8),
      fact(its.roast.evenness === 'patchy', 'The colour is patchy.', 0.5),
    ];
  },
  says: () => 'The batch was too big for the gear.',
  propose: (its) => ({
    change: { kind: 'grams', byGrams: -Math.max(5, Math.round((its.roast.greenGrams - its.usualGrams) / 5) * 5) },
    question: 'The usual batch again?',
  }),
};
