import { formatSpan } from '../../units/index.ts';
import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

const DAY_H = 24;

/** The cup was tasted before or after its best days. */
export const cupAge: Rule = {
  id: 'cupAge',
  explains: [],
  against: [],
  causes: [],
  signs: ({ cupAgeH }) => [
    fact(
      cupAgeH?.state === 'fresh',
      `It was tasted ${formatSpan((cupAgeH?.hours ?? 0) * 3600)} after the pull; beans give off gas for half a day at the least, and taste sharp or of nothing until then.`,
      3,
    ),
    fact(
      cupAgeH?.state === 'faded',
      `It was tasted ${Math.round((cupAgeH?.hours ?? 0) / DAY_H)} days after the pull, when its flavour had faded.`,
      3,
    ),
  ],
  says: ({ cupAgeH }) =>
    cupAgeH?.state === 'faded'
      ? 'The cup was too old to judge the roast by.'
      : 'The cup was tasted before the beans had rested: it says nothing of the roast yet.',
  propose: ({ cupAgeH }) => ({
    change: { kind: 'care', care: cupAgeH?.state === 'faded' ? 'tasteFresh' : 'restFirst' },
    question: 'Tasted at its best?',
    pullId: cupAgeH?.pullId,
  }),
};
