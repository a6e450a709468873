import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

const SMALL = 0.88;
/** Below this share of the usual batch it was meant as a test, and three times as much is no answer. Ours. */
const TEST = 0.6;

export const smallBatch: Rule = {
  id: 'smallBatch',
  explains: ['tart', 'raw', 'scorched'],
  against: ['bigBatch', 'underpowered', 'overLong', 'coldPlace'],
  causes: ['hotStart', 'rushedBrowning', 'tooShort'],
  signs: (its) => {
    const small = its.roast.greenGrams < its.usualGrams * SMALL;
    const less = Math.round(its.usualGrams - its.roast.greenGrams);
    return [
      fact(small, `It was ${less} g less than the ${Math.round(its.usualGrams)} g this gear usually gets.`, 0.5),
      !small && { says: 'The batch was no smaller than usual.', weight: -3 },
      spanSign(its, 'drying', 'short', 0.6),
      spanSign(its, 'toFirstCrack', 'short', 0.6),
    ];
  },
  says: () => 'The small batch ran ahead of the gear’s usual heat.',
  propose: (its) =>
    its.roast.greenGrams < its.usualGrams * TEST
      ? { ...sizedHeat(its, -1, fromStart, 'toFirstCrack'), question: 'Less heat under a small batch?' }
      : {
          change: { kind: 'grams', byGrams: Math.max(5, Math.round((its.usualGrams - its.roast.greenGrams) / 5) * 5) },
          question: 'The usual batch again?',
        },
};
