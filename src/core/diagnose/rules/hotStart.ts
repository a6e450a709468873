import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

export const hotStart: Rule = {
  id: 'hotStart',
  explains: ['raw', 'scorched', 'uneven', 'tart'],
  against: ['underpowered', 'coldPlace', 'overLong', 'bigBatch'],
  causes: ['rushedBrowning'],
  signs: (its) => [
    spanSign(its, 'drying', 'short'),
    fact(its.heatEarly >= 0.7, `The heat was ${steps(its.heatEarly)} above its usual setting until yellow.`, 0.5),
    fact(its.heatEarly <= -0.7, `The heat was ${steps(its.heatEarly)} below its usual setting until yellow.`, -0.8),
    fact(Math.abs(its.heatEarly) < 0.4 && its.roast.spots !== 'many', 'The heat was at its usual setting.', -0.35),
    fact(its.roast.spots === 'many', 'Many beans have scorched spots.', 0.3),
    fact(its.roast.bite === 'palerInside', 'The beans are paler inside than outside.', 0.3),
    asUsual(its, 'drying', 0.7),
  ],
  says: () => 'The beans were heated too fast before they turned yellow.',
  propose: (its) => ({ ...sizedHeat(its, -1, fromStart, 'toYellow'), question: 'A gentler start?' }),
};

function steps(count: number): string {
  const whole = Math.max(1, Math.round(Math.abs(count)));
  return whole === 1 ? 'a step' : `${whole} steps`;
}
