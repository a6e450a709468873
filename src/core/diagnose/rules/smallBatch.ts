import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

const SMALL_TO_SHARE = 0.88;
/** Below this share of the usual batch it was meant as a test, and three times as much is no answer. Ours. */
const TEST = 0.6;

/** Less green than this gear usually gets. */
export const smallBatch: Rule = {
  id: 'smallBatch',
  explains: ['tart', 'raw', 'scorched'],
  against: ['bigBatch', 'underpowered', 'overLong', 'coldPlace'],
  causes: ['hotStart', 'rushedBrowning', 'tooShort'],
  signs: (evidence) => {
    const small = evidence.roast.greenGrams < evidence.usualGrams * SMALL_TO_SHARE;
    const { weight } = evidence.written;
    const less = Math.round(evidence.usualGrams - evidence.roast.greenGrams);
    return [
      fact(small, `It was ${weight(less)} less than the ${weight(evidence.usualGrams)} this gear usually gets.`, 0.5),
      !small && { says: 'The batch was no smaller than usual.', weight: -3 },
      spanSign(evidence, 'drying', 'short', 0.6),
      spanSign(evidence, 'toFirstCrack', 'short', 0.6),
    ];
  },
  says: () => 'The small batch ran ahead of the gear’s usual heat.',
  propose: (evidence) =>
    evidence.roast.greenGrams < evidence.usualGrams * TEST
      ? sizedHeat(evidence, -1, fromStart, 'toFirstCrack', 'Less heat under a small batch?')
      : {
          change: {
            kind: 'grams',
            byGrams: Math.max(5, Math.round((evidence.usualGrams - evidence.roast.greenGrams) / 5) * 5),
          },
          question: 'The usual batch again?',
        },
};
