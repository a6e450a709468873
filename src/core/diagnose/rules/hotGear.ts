import { coolDownMinOf } from '../../gear/index.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';

/** The gear was still hot from the roast before. */
export const hotGear: Rule = {
  id: 'hotGear',
  explains: ['tart', 'scorched', 'raw', 'uneven'],
  against: ['underpowered', 'coldPlace', 'overLong'],
  causes: ['hotStart', 'rushedBrowning', 'smallBatch', 'tooShort'],
  signs: (evidence) => [
    fact(
      evidence.hot,
      evidence.sinceLastMin === undefined
        ? 'The gear was still hot when the beans went in.'
        : `The batch before was pulled ${Math.round(evidence.sinceLastMin)} min earlier; this gear cools for ${Math.round(coolDownMinOf(evidence.gear ?? { method: evidence.method.id }))}.`,
      0.7,
    ),
    // Without hot gear there is no such finding, however fast it ran.
    !evidence.hot && { says: 'The gear had cooled.', weight: -3 },
    spanSign(evidence, 'drying', 'short', 0.8),
    spanSign(evidence, 'toFirstCrack', 'short', 0.6),
    asUsual(evidence, 'drying', 0.5),
  ],
  says: () => 'The gear had not cooled from the batch before, and the roast ran ahead.',
  propose: (evidence) => ({
    change: {
      kind: 'coolGear',
      minutes: Math.round(coolDownMinOf(evidence.gear ?? { method: evidence.method.id })) || 5,
    },
    question: 'Gear cooled fully?',
  }),
};
