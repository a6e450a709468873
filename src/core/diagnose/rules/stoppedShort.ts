import { meantSigns, partSigns, ruleSign } from '../pullSigns.ts';
import type { Rule } from '../rule.ts';
import { fact, spanSign } from '../signs.ts';
import { sizedPull } from '../sizing.ts';

/** It was pulled before the shade that was meant. */
export const stoppedShort: Rule = {
  id: 'stoppedShort',
  explains: ['tart', 'raw', 'flat'],
  against: ['wentTooFar', 'stall', 'slowCooling'],
  causes: ['tooShort'],
  signs: (evidence, said) => [
    ruleSign(evidence, 'early'),
    spanSign(evidence, 'afterCrack', 'short', 1, said),
    ...partSigns(evidence, 'lighter'),
    fact((evidence.loss.off ?? 0) < -1.5, `It lost only ${evidence.loss.percent?.toFixed(1)} %.`, 0.3),
    ...meantSigns(evidence, 'lighter', said),
  ],
  says: () => 'It was pulled too soon after first crack.',
  propose: (evidence) => ({ ...sizedPull(evidence, 'later'), question: 'A little longer after first crack?' }),
};
