import { shadeOf } from '../../shade/index.ts';
import { formatClock } from '../../units/index.ts';
import { partSigns, ruleSign } from '../pullSigns.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { sizedPull } from '../sizing.ts';

export const wentTooFar: Rule = {
  id: 'wentTooFar',
  explains: ['bitter', 'flat'],
  against: ['stoppedShort', 'stall'],
  causes: ['slowCooling'],
  signs: (its, said) => {
    const { secondCrack } = its.reached;
    const light = its.shades.meant <= 4;
    return [
      ruleSign(its, 'late'),
      spanSign(its, 'afterCrack', 'long', 0.8, said),
      ...partSigns(its, 'darker'),
      fact(
        light && secondCrack !== undefined,
        `Second crack was heard at ${formatClock(secondCrack ?? 0)}, and it was to be ${shadeOf(its.shades.meant).name}.`,
        its.shades.got === its.shades.meant ? 0.6 : 1.05,
      ),
      fact((its.loss.off ?? 0) > 1.5, `It lost ${its.loss.percent?.toFixed(1)} %, more than that shade does.`, 0.3),
      fact(
        its.shades.got !== undefined && its.shades.got < its.shades.meant,
        'It came out lighter than it was meant to be.',
        -1,
      ),
      // A dark roast is bitter by its nature: the usual small change of the pull is worth a try.
      plannedDark(its) &&
        fact(true, `It was meant to be ${shadeOf(its.shades.meant).name}, and dark roasts taste bitter.`, 0.5),
      fact(
        its.shades.got === its.shades.meant && !plannedDark(its),
        'It came out as dark as it was meant to be.',
        -0.7,
      ),
      !plannedDark(its) && asUsual(its, 'afterCrack', 0.4, said),
    ];
  },
  says: () => 'It stayed on the heat too long after first crack.',
  propose: (its) => ({ ...sizedPull(its, 'earlier'), question: 'Pulled a little earlier?' }),
};

function plannedDark({ complaints, shades: { meant, got } }: Parameters<Rule['signs']>[0]): boolean {
  return complaints.has('bitter') && meant >= 5 && (got ?? meant) >= 5;
}
