import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';
import { isHotDay } from '../weatherSigns.ts';

/** Warm air helped the heat. */
export const hotDay: Rule = {
  id: 'hotDay',
  explains: ['tart', 'raw', 'uneven'],
  against: ['coldPlace', 'underpowered', 'overLong', 'draggedBrowning'],
  causes: ['hotStart', 'rushedBrowning', 'tooShort', 'smallBatch'],
  signs: (evidence, said) => {
    const hot = isHotDay(evidence);
    return [
      fact(hot, `It was ${evidence.written.temperature(evidence.roast.ambientC ?? 0)} around the gear.`, 0.6),
      !hot && { says: 'It was no hot day.', weight: -3 },
      spanSign(evidence, 'drying', 'short', 0.7, said),
      spanSign(evidence, 'toFirstCrack', 'short', 0.7, said),
      asUsual(evidence, 'toFirstCrack', 0.8),
    ];
  },
  says: () => 'The hot day hastened the roast.',
  propose: (evidence) => sizedHeat(evidence, -1, fromStart, 'toFirstCrack', 'Less heat on a hot day?'),
};
