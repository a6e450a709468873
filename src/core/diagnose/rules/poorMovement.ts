import { controlsOf } from '../../gear/index.ts';
import type { Case } from '../case.ts';
import type { Proposal, Rule } from '../rule.ts';
import { fact } from '../signs.ts';
import { atMilestone, fromStart, sizedGrams } from '../sizing.ts';

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
    const stirred = evidence.method.heatedBy !== 'air' && controlOf(evidence, 'stir') !== undefined;
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
    setHigher(evidence, 'tilt', 2, 'Tilted so that they turn over?') ??
    setHigher(evidence, 'drumSpeed', 1, 'A faster drum?') ??
    stirredMore(evidence) ??
    sizedGrams(evidence, evidence.method.heatedBy === 'air' ? -1 : 1, 'toFirstCrack'),
};

const controlOf = ({ gear }: Pick<Case, 'gear'>, id: string) => controlsOf(gear).find((control) => control.id === id);

/** What moves the beans set a step higher than it was; by `firstSteps` where nobody touched it yet. */
function setHigher(evidence: Case, id: string, firstSteps: number, question: string): Proposal | undefined {
  const control = controlOf(evidence, id);
  if (control?.kind !== 'step') return undefined;
  const noted = evidence.live.flatMap((entry) =>
    entry.kind === 'move' && entry.control === id ? [Number(entry.value)] : [],
  );
  const now = Math.max(control.start, ...noted);
  const value = Math.min(control.most, now + control.by * (now === control.start ? firstSteps : 1));
  return value > now ? { change: { kind: 'move', control: id, value, when: fromStart }, question } : undefined;
}

/** Stirred where nobody did, and more where somebody did; gear over a flame is stirred, shaken or cranked by hand. */
function stirredMore(evidence: Case): Proposal | undefined {
  const often = evidence.stirs >= OFTEN * ((evidence.reached.pull ?? 0) / 60);
  const canStir = controlOf(evidence, 'stir') !== undefined;
  if (canStir && often) return undefined;
  if (canStir && evidence.stirs === 0)
    return { change: { kind: 'move', control: 'stir', when: atMilestone('yellow') }, question: 'Stirred?' };
  return canStir || evidence.method.heatFrom === 'flame'
    ? { change: { kind: 'care', care: 'stirMore' }, question: 'Moved without a pause?' }
    : undefined;
}
