import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { isCold } from './underpowered.ts';

export const coldPlace: Rule = {
  id: 'coldPlace',
  explains: ['flat', 'bready', 'uneven'],
  against: ['hotStart', 'hotGear', 'smallBatch'],
  causes: ['overLong', 'draggedBrowning', 'underpowered'],
  signs: (its) => [
    fact(
      isCold(its),
      its.roast.wind === 'strong'
        ? 'A strong wind took the heat away.'
        : `It was ${Math.round(its.roast.ambientC ?? 0)} °C around the gear.`,
      0.6,
    ),
    !isCold(its) && { says: 'It was neither cold nor windy.', weight: -3 },
    spanSign(its, 'drying', 'long', 0.6),
    spanSign(its, 'toFirstCrack', 'long', 0.6),
    asUsual(its, 'toFirstCrack', 0.8),
  ],
  says: () => 'Cold or wind slowed the roast.',
  propose: () => ({ change: { kind: 'care', care: 'shelter' }, question: 'Out of the wind and the cold?' }),
};
