import { formatClock } from '../../units/index.ts';
import { meantSigns, partSigns, ruleSign } from '../pullSigns.ts';
import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';
import { sizedPull } from '../sizing.ts';

/** It was pulled after the shade that was meant. */
export const wentTooFar: Rule = {
  id: 'wentTooFar',
  explains: ['bitter', 'flat'],
  against: ['stoppedShort', 'stall'],
  causes: ['slowCooling'],
  signs: (evidence, said) => {
    const { secondCrack } = evidence.reached;
    const { meant, got } = evidence.shades;
    const light = meant <= 4;
    return [
      ruleSign(evidence, 'late'),
      spanSign(evidence, 'afterCrack', 'long', 0.8, said),
      ...partSigns(evidence, 'darker'),
      fact(
        light && secondCrack !== undefined,
        `Second crack was heard at ${formatClock(secondCrack ?? 0)}, and it was to be ${evidence.written.shade(meant)}.`,
        got === meant ? 0.6 : 1.05,
      ),
      fact(
        (evidence.loss.off ?? 0) > 1.5,
        `It lost ${evidence.loss.percent?.toFixed(1)} %, more than that shade does.`,
        0.3,
      ),
      ...meantSigns(evidence, 'darker', said),
    ];
  },
  says: () => 'It stayed on the heat too long after first crack.',
  propose: (evidence) => ({ ...sizedPull(evidence, 'earlier'), question: 'Pulled a little earlier?' }),
};
