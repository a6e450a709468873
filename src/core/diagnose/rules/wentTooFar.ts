import { shadeOf } from '../../shade/index.ts';
import { formatClock } from '../../units/index.ts';
import { partSigns, ruleSign } from '../pullSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { sizedPull } from '../sizing.ts';

/** It was pulled after the shade that was meant. */
export const wentTooFar: Rule = {
  id: 'wentTooFar',
  explains: ['bitter', 'flat'],
  against: ['stoppedShort', 'stall'],
  causes: ['slowCooling'],
  signs: (evidence, said) => {
    const { secondCrack } = evidence.reached;
    const light = evidence.shades.meant <= 4;
    return [
      ruleSign(evidence, 'late'),
      spanSign(evidence, 'afterCrack', 'long', 0.8, said),
      ...partSigns(evidence, 'darker'),
      fact(
        light && secondCrack !== undefined,
        `Second crack was heard at ${formatClock(secondCrack ?? 0)}, and it was to be ${shadeOf(evidence.shades.meant).name}.`,
        evidence.shades.got === evidence.shades.meant ? 0.6 : 1.05,
      ),
      fact(
        (evidence.loss.off ?? 0) > 1.5,
        `It lost ${evidence.loss.percent?.toFixed(1)} %, more than that shade does.`,
        0.3,
      ),
      fact(
        evidence.shades.got !== undefined && evidence.shades.got < evidence.shades.meant,
        'It came out lighter than it was meant to be.',
        -1,
      ),
      // A dark roast is bitter by its nature: the usual small change of the pull is worth a try.
      plannedDark(evidence) &&
        fact(true, `It was meant to be ${shadeOf(evidence.shades.meant).name}, and dark roasts taste bitter.`, 0.5),
      fact(
        evidence.shades.got === evidence.shades.meant && !plannedDark(evidence),
        'It came out as dark as it was meant to be.',
        -0.7,
      ),
      !plannedDark(evidence) && asUsual(evidence, 'afterCrack', 0.4, said),
    ];
  },
  says: () => 'It stayed on the heat too long after first crack.',
  propose: (evidence) => ({ ...sizedPull(evidence, 'earlier'), question: 'Pulled a little earlier?' }),
};

function plannedDark({ complaints, shades: { meant, got } }: Parameters<Rule['signs']>[0]): boolean {
  return complaints.has('bitter') && meant >= 5 && (got ?? meant) >= 5;
}
