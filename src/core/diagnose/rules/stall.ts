import { STALL_PER_MIN } from '../../heat/index.ts';
import type { Rule } from '../rule.ts';
import { asUsual, fact, spanSign } from '../signs.ts';
import { atMilestone, sizedHeat } from '../sizing.ts';

/** The beans stopped getting hotter. */
export const stall: Rule = {
  id: 'stall',
  explains: ['bready', 'flat'],
  against: ['rushedBrowning', 'wentTooFar', 'stoppedShort'],
  causes: ['overLong', 'draggedBrowning'],
  signs: (evidence, said) => [
    spanSign(evidence, 'pace', 'long', 1, said),
    evidence.spans.pace === undefined && spanSign(evidence, 'afterCrack', 'long', 0.6, said),
    fact(evidence.rates.atPull !== undefined && evidence.rates.atPull < STALL_PER_MIN, risingWords(evidence), 0.75),
    fact(farDown(evidence), 'The heat was turned far down before or at first crack.', 0.4),
    fact((evidence.rates.atPull ?? 0) > 2 * STALL_PER_MIN, 'It was still rising at the pull.', -0.4),
    (evidence.rates.atPull ?? STALL_PER_MIN) >= STALL_PER_MIN && asUsual(evidence, 'pace', 0.7, said),
  ],
  says: () => 'The roast stalled: after first crack the beans were baked rather than roasted.',
  propose: (evidence) => {
    const early = (evidence.heat.off.middle ?? 0) <= -0.7;
    const [from, stretch] = early ? (['yellow', 'yellowToFirst'] as const) : (['firstCrack', 'firstToPull'] as const);
    return sizedHeat(evidence, 1, atMilestone(from), stretch, 'Enough heat to the end?');
  },
};

/** How fast it still rose before the pull. */
function risingWords({ rates: { atPull = 0 }, written }: Parameters<Rule['signs']>[0]): string {
  return atPull < 0.5
    ? 'Before the pull it rose no more.'
    : `Before the pull it rose only ${written.degrees(atPull)} a minute.`;
}

/** Turned down by more than this person usually does; until something is noted it is as it starts. */
function farDown({ heat: { noted, off } }: Parameters<Rule['signs']>[0]): boolean {
  if (noted.late === undefined) return false;
  const down = noted.late - (noted.early ?? noted.middle ?? 0);
  return down <= FAR_STEPS && (off.late ?? down) <= FAR_STEPS;
}
const FAR_STEPS = -1.5;
