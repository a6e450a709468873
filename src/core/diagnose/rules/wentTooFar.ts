import { shadeOf } from '../../shade/index.ts';
import { formatClock } from '../../units/index.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { sizedPull } from '../sizing.ts';

export const wentTooFar: Rule = {
  id: 'wentTooFar',
  explains: ['bitter', 'flat'],
  against: ['stoppedShort', 'stall'],
  causes: ['slowCooling'],
  signs: (its) => {
    const { secondCrack } = its.reached;
    const light = its.meant <= 4;
    return [
      spanSign(its, 'afterCrack', 'long', 0.8),
      fact(
        light && secondCrack !== undefined,
        `Second crack was heard at ${formatClock(secondCrack ?? 0)}, and it was to be ${shadeOf(its.meant).name}.`,
        0.6,
      ),
      fact(
        its.got !== undefined && its.got > its.meant,
        `It came out ${its.got ? shadeOf(its.got).name : ''}, meant to be ${shadeOf(its.meant).name}.`,
        0.4 + 0.3 * Math.max(0, (its.got ?? 1) - its.meant),
      ),
      fact((its.lossOff ?? 0) > 1.5, `It lost ${its.lossPercent?.toFixed(1)} %, more than that shade does.`, 0.3),
      fact(its.got !== undefined && its.got < its.meant, 'It came out lighter than it was meant to be.', -1),
      fact(its.got === its.meant, 'It came out as dark as it was meant to be.', -0.7),
      asUsual(its, 'afterCrack', 0.4),
    ];
  },
  says: () => 'It stayed on the heat too long after first crack.',
  propose: (its) => ({ change: sizedPull(its, 'earlier'), question: 'Pulled a little earlier?' }),
};
