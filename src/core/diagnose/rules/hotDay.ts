import { MATTERS_C } from '../../forecast/index.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const hotDay: Rule = {
  id: 'hotDay',
  explains: ['tart', 'raw', 'uneven'],
  against: ['coldPlace', 'underpowered', 'overLong', 'draggedBrowning'],
  causes: ['hotStart', 'rushedBrowning', 'tooShort', 'smallBatch'],
  signs: (its, said) => {
    const { ambientC } = its.roast;
    const hot = ambientC !== undefined && ambientC > MATTERS_C.above;
    return [
      fact(hot, `It was ${Math.round(ambientC ?? 0)} °C around the gear.`, 0.6),
      !hot && { says: 'It was no hot day.', weight: -3 },
      spanSign(its, 'drying', 'short', 0.7, said),
      spanSign(its, 'toFirstCrack', 'short', 0.7, said),
      asUsual(its, 'toFirstCrack', 0.8),
    ];
  },
  says: () => 'The hot day hastened the roast.',
  propose: (its) => ({ ...sizedHeat(its, -1, fromStart, 'toFirstCrack'), question: 'Less heat on a hot day?' }),
};
