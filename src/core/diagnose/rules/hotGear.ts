import { coolDownMinOf } from '../../gear/index.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';

export const hotGear: Rule = {
  id: 'hotGear',
  explains: ['tart', 'scorched', 'raw', 'uneven'],
  against: ['underpowered', 'coldPlace', 'overLong'],
  causes: ['hotStart', 'rushedBrowning', 'smallBatch', 'tooShort'],
  signs: (its) => [
    fact(
      its.hot,
      its.sinceLastMin === undefined
        ? 'The gear was still hot when the beans went in.'
        : `The batch before was pulled ${Math.round(its.sinceLastMin)} min earlier; this gear cools for ${Math.round(coolDownMinOf(its.gear ?? { method: its.method.id }))}.`,
      0.7,
    ),
    // Without hot gear there is no such finding, however fast it ran.
    !its.hot && { says: 'The gear had cooled.', weight: -3 },
    spanSign(its, 'drying', 'short', 0.8),
    spanSign(its, 'toFirstCrack', 'short', 0.6),
    asUsual(its, 'drying', 0.5),
  ],
  says: () => 'The gear had not cooled from the batch before, and the roast ran ahead.',
  propose: (its) => ({
    change: { kind: 'coolGear', minutes: Math.round(coolDownMinOf(its.gear ?? { method: its.method.id })) || 5 },
    question: 'Gear cooled fully?',
  }),
};
