import { controlsOf } from '../../gear/index.ts';
import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';
import { atMilestone, sizedGrams } from '../sizing.ts';

/** Gear that is stirred by hand wants it at least so often. */
const FEW_STIRS = 2;
/** Stirred every two minutes it is stirred often, a minute. */
const OFTEN = 0.5;

/** The beans did not move enough. */
export const poorMovement: Rule = {
  id: 'poorMovement',
  explains: ['uneven', 'scorched'],
  against: ['mixedBeans'],
  causes: [],
  signs: (evidence) => {
    // A stream of air moves the beans by itself.
    const stirred =
      evidence.method.heatedBy !== 'air' &&
      controlsOf(evidence.gear ?? { method: evidence.method.id }).some(({ id }) => id === 'stir');
    const seen = evidence.live.filter((entry) => entry.kind === 'sense' && entry.sense === 'movement');
    const stuck = seen.some((entry) => entry.kind === 'sense' && (entry.word === 'stuck' || entry.word === 'slow'));
    return [
      fact(stuck, 'The beans were seen to move slowly or not at all.', 0.7),
      fact(evidence.roast.evenness === 'patchy', 'The colour is patchy.', 0.5),
      fact(
        stirred && evidence.stirs < FEW_STIRS,
        evidence.stirs === 0 ? 'No stir was noted.' : 'Only one stir was noted.',
        evidence.roast.evenness === 'patchy' ? 0.35 : 0.1,
      ),
      fact(evidence.roast.evenness === 'even', 'The colour is even.', -2),
      fact(seen.length > 0 && !stuck, 'The beans were seen to move freely.', -0.5),
    ];
  },
  says: () => 'The beans did not move enough to roast alike.',
  propose: (evidence) =>
    controlsOf(evidence.gear ?? { method: evidence.method.id }).some(({ id }) => id === 'tilt')
      ? {
          change: { kind: 'move', control: 'tilt', value: 2, when: { kind: 'at', atS: 0 } },
          question: 'Tilted so that they turn over?',
        }
      : evidence.stirs >= OFTEN * ((evidence.reached.pull ?? 0) / 60)
        ? sizedGrams(evidence, evidence.method.heatedBy === 'air' ? -1 : 1, 'toFirstCrack')
        : evidence.stirs > 0
          ? { change: { kind: 'care', care: 'stirMore' }, question: 'Stirred without a pause?' }
          : { change: { kind: 'move', control: 'stir', when: atMilestone('yellow') }, question: 'Stirred?' },
};
