import { shadeOf } from '../../shade/index.ts';
import { partSigns, ruleSign } from '../pullSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { sizedPull } from '../sizing.ts';

export const stoppedShort: Rule = {
  id: 'stoppedShort',
  explains: ['tart', 'raw', 'flat'],
  against: ['wentTooFar', 'stall', 'slowCooling'],
  causes: ['tooShort'],
  signs: (its, said) => [
    ruleSign(its, 'early'),
    spanSign(its, 'afterCrack', 'short', 1, said),
    ...partSigns(its, 'lighter'),
    fact((its.loss.off ?? 0) < -1.5, `It lost only ${its.loss.percent?.toFixed(1)} %.`, 0.3),
    fact(
      its.shades.got !== undefined && its.shades.got > its.shades.meant,
      'It came out darker than it was meant to be.',
      -1,
    ),
    // A light roast is tart by its nature: the usual small change of the pull is worth a try.
    plannedLight(its) &&
      fact(true, `It was meant to be ${shadeOf(its.shades.meant).name}, and light roasts taste tart.`, 0.5),
    fact(its.shades.got === its.shades.meant && !plannedLight(its), 'It came out as dark as it was meant to be.', -0.7),
    !plannedLight(its) && asUsual(its, 'afterCrack', 0.4, said),
  ],
  says: () => 'It was pulled too soon after first crack.',
  propose: (its) => ({ ...sizedPull(its, 'later'), question: 'A little longer after first crack?' }),
};

function plannedLight({ complaints, shades: { meant, got } }: Parameters<Rule['signs']>[0]): boolean {
  return complaints.has('tart') && meant <= 3 && (got ?? meant) <= 3;
}
