import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { isCold } from '../weatherSigns.ts';

/** Cold air or wind took the heat. */
export const coldPlace: Rule = {
  id: 'coldPlace',
  explains: ['flat', 'bready', 'uneven'],
  against: ['hotStart', 'hotGear', 'smallBatch'],
  causes: ['overLong', 'draggedBrowning', 'underpowered'],
  signs: (evidence) => [
    fact(
      isCold(evidence),
      evidence.roast.wind === 'strong'
        ? 'A strong wind took the heat away.'
        : `It was ${evidence.written.temperature(evidence.roast.ambientC ?? 0)} around the gear.`,
      0.6,
    ),
    !isCold(evidence) && { says: 'It was neither cold nor windy.', weight: -3 },
    spanSign(evidence, 'drying', 'long', 0.6),
    spanSign(evidence, 'toFirstCrack', 'long', 0.6),
    asUsual(evidence, 'toFirstCrack', 0.8),
  ],
  says: () => 'Cold or wind slowed the roast.',
  propose: () => ({ change: { kind: 'care', care: 'shelter' }, question: 'Out of the wind and the cold?' }),
};
