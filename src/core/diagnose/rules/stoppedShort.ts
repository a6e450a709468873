import { shadeOf } from '../../shade/index.ts';
import { partSigns, ruleSign } from '../pullSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
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
    fact(
      evidence.shades.got !== undefined && evidence.shades.got > evidence.shades.meant,
      'It came out darker than it was meant to be.',
      -1,
    ),
    // A light roast is tart by its nature: the usual small change of the pull is worth a try.
    plannedLight(evidence) &&
      fact(true, `It was meant to be ${shadeOf(evidence.shades.meant).name}, and light roasts taste tart.`, 0.5),
    fact(
      evidence.shades.got === evidence.shades.meant && !plannedLight(evidence),
      'It came out as dark as it was meant to be.',
      -0.7,
    ),
    !plannedLight(evidence) && asUsual(evidence, 'afterCrack', 0.4, said),
  ],
  says: () => 'It was pulled too soon after first crack.',
  propose: (evidence) => ({ ...sizedPull(evidence, 'later'), question: 'A little longer after first crack?' }),
};

function plannedLight({ complaints, shades: { meant, got } }: Parameters<Rule['signs']>[0]): boolean {
  return complaints.has('tart') && meant <= 3 && (got ?? meant) <= 3;
}
