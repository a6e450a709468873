import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

/** Green past its months. */
export const oldGreen: Rule = {
  id: 'oldGreen',
  explains: ['flat', 'bready'],
  against: [],
  causes: [],
  signs: ({ greenAge, complaints }) => [
    fact(
      greenAge?.state === 'old',
      `The green was ${Math.round(greenAge?.months ?? 0)} months old, past what it keeps as it is stored.`,
      0.7,
    ),
    greenAge?.state !== 'old' && { says: 'The green is not old.', weight: -3 },
    // Old green that still tastes well is nobody's fault.
    !complaints.has('flat') && !complaints.has('bready') && { says: 'Nobody called it flat.', weight: -1 },
  ],
  says: () => 'The green is old: its flavour goes before its weight does.',
  propose: () => ({ change: { kind: 'care', care: 'freshGreen' }, question: 'The same from fresher green?' }),
};
