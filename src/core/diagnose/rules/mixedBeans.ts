import { processNames, traitsOf } from '../../bean/index.ts';
import { palePhoto } from '../photoWords.ts';
import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

/** Beans that roast unevenly by themselves. */
export const mixedBeans: Rule = {
  id: 'mixedBeans',
  explains: ['uneven'],
  against: ['poorMovement', 'rushedBrowning'],
  causes: [],
  signs: ({ lot, roast }) => {
    const mixed = lot?.grading === 'mixed' || lot?.blendOf !== undefined;
    const byNature = lot !== undefined && traitsOf(lot.process).uneven;
    const pale = palePhoto(roast);
    return [
      fact(mixed, lot?.blendOf ? 'The beans are a blend, roasted together.' : 'The lot is not graded by size.', 0.7),
      fact(byNature, `Beans made the ${lot ? processNames[lot.process] : ''} way colour unevenly.`, 0.5),
      // Pale beans that a photo counted are beans that are not alike, whatever the lot's card says.
      pale !== undefined && { says: pale, weight: 1.05 },
      !mixed && !byNature && pale === undefined && { says: 'The beans are of one kind and size.', weight: -3 },
      fact(roast.evenness === 'patchy', 'The colour is patchy.', 0.5),
      fact(roast.evenness === 'even', 'The colour is even.', -2),
      fact(roast.evenness !== 'patchy' && pale === undefined, 'The spread is small.', -0.6),
    ];
  },
  says: () => 'The colour is uneven because the beans are; the roast did it no harm.',
  propose: () => ({ change: { kind: 'care', care: 'lighter' }, question: 'A shade lighter for these beans?' }),
};
