import type { Rule } from '../rule.ts';
import { clockAgrees, fact, READING_OFF_C } from '../signs.ts';

export const probeMoved: Rule = {
  id: 'probeMoved',
  explains: [],
  against: ['misMarked'],
  causes: [],
  signs: (its) => {
    const { readingOffC } = its;
    const off = readingOffC !== undefined && Math.abs(readingOffC) > READING_OFF_C;
    return [
      !off && { says: 'The probe read first crack as it usually does.', weight: -3 },
      fact(
        off,
        `At first crack the probe read ${Math.abs(Math.round(readingOffC ?? 0))} °C ${(readingOffC ?? 0) < 0 ? 'below' : 'above'} what it usually does there.`,
        0.6,
      ),
      fact(off && clockAgrees(its), 'By the clock browning and the time after first crack were as usual.', 0.6),
    ];
  },
  says: () => 'The probe sits elsewhere than before: the mark is right by the clock, the reading is not.',
  propose: () => ({ change: { kind: 'care', care: 'probeBack' }, question: 'The probe where it was?' }),
};
