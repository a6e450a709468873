import { processNames, traitsOf } from '../../bean/index.ts';
import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

/** First crack was not heard, though it came. */
export const unheardCracks: Rule = {
  id: 'unheardCracks',
  explains: [],
  against: [],
  causes: [],
  signs: ({ reached, pulled, method, lot }) => {
    const unheard = reached.pull !== undefined && reached.firstCrack === undefined && !pulled.atCrack;
    const soft = lot !== undefined && traitsOf(lot.process).gentle !== undefined;
    const loud = !method.senses.quietSounds;
    return [
      !unheard && { says: 'First crack was marked.', weight: -3 },
      fact(unheard, 'It was pulled without a mark at first crack.', 0.5),
      fact(soft, `Beans made the ${lot ? processNames[lot.process] : ''} way crack softly.`, 0.5),
      fact(loud, 'This gear is louder than single cracks.', 0.5),
      !soft && !loud && { says: 'Neither the beans nor the gear hide the cracks.', weight: -1 },
    ];
  },
  says: () => 'First crack went unmarked where it is hard to hear.',
  propose: () => ({ change: { kind: 'care', care: 'byColour' }, question: 'Pulled by colour and smell?' }),
};
