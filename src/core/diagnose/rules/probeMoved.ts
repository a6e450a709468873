import { clockAgrees, offWords } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

/** The probe sat elsewhere than before. */
export const probeMoved: Rule = {
  id: 'probeMoved',
  explains: [],
  against: ['misMarked'],
  causes: [],
  signs: (evidence) => {
    const { probeOffC } = evidence;
    const off = probeOffC !== undefined;
    return [
      !off && { says: 'The probe read first crack as it usually does.', weight: -3 },
      fact(off, `At first crack the probe read ${offWords(evidence)} what it usually does there.`, 0.6),
      fact(off && clockAgrees(evidence), 'By the clock browning and the time after first crack were as usual.', 0.6),
    ];
  },
  says: () => 'The probe sits elsewhere than before: the mark is right by the clock, the reading is not.',
  propose: () => ({ change: { kind: 'care', care: 'probeBack' }, question: 'The probe where it was?' }),
};
