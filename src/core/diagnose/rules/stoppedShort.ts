import { shadeOf } from '../../shade/index.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { sizedPull } from '../sizing.ts';

export const stoppedShort: Rule = {
  id: 'stoppedShort',
  explains: ['tart', 'raw', 'flat'],
  against: ['wentTooFar', 'stall', 'slowCooling'],
  causes: [],
  signs: (its) => [
    spanSign(its, 'afterCrack', 'short'),
    fact(
      its.got !== undefined && its.got < its.meant,
      `It came out ${its.got ? shadeOf(its.got).name : ''}, meant to be ${shadeOf(its.meant).name}.`,
      0.4 + 0.3 * Math.max(0, its.meant - (its.got ?? 7)),
    ),
    fact((its.lossOff ?? 0) < -1.5, `It lost only ${its.lossPercent?.toFixed(1)} %.`, 0.3),
    fact(its.got !== undefined && its.got > its.meant, 'It came out darker than it was meant to be.', -1),
    fact(its.got === its.meant, 'It came out as dark as it was meant to be.', -0.7),
    asUsual(its, 'afterCrack', 0.4),
  ],
  says: () => 'It was pulled too soon after first crack.',
  propose: (its) => ({ change: sizedPull(its, 'later'), question: 'A little longer after first crack?' }),
};
