import { controlsOf } from '../../gear/index.ts';
import { heatSign } from '../heatSigns.ts';
import { scorchedWords } from '../photoWords.ts';
import type { Rule } from '../rule.ts';
import { calledWords, fact, spanSign } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

/** Nearer than this share of where the control starts, a gun or flame is close. */
const CLOSE_SHARE = 0.7;

/** Beans burnt where they touched. */
export const scorched: Rule = {
  id: 'scorched',
  explains: ['scorched', 'bitter'],
  against: ['mixedBeans'],
  causes: ['poorMovement', 'hotStart'],
  signs: (evidence) => {
    const near = closest(evidence);
    const isSeen = seenSpots(evidence);
    return [
      fact(evidence.roast.spots === 'many', scorchedWords(evidence.roast, 'Many'), 1),
      fact(evidence.roast.spots === 'some', scorchedWords(evidence.roast, 'Some'), 0.5),
      fact(
        evidence.roast.spots === undefined && evidence.complaints.has('scorched'),
        calledWords(evidence.complaints.get('scorched') ?? []),
        1.05,
      ),
      fact(evidence.roast.spots === 'none', 'No bean has a scorched spot.', -2),
      fact(near !== undefined, `The heat came as near as ${near} cm.`, 0.65),
      // By itself a hot start is no scorch.
      isSeen && heatSign(evidence, 'early', 'above', 0.3),
      isSeen && spanSign(evidence, 'drying', 'short', 0.2),
      fact(moved(evidence, 'stuck') || moved(evidence, 'slow'), 'The beans hardly moved.', 0.2),
    ];
  },
  says: () => 'The surface of the beans was burnt before their inside was roasted.',
  propose: (evidence) => {
    const far = distanceOf(evidence);
    if (far && closest(evidence) !== undefined)
      return {
        change: { kind: 'move', control: far.id, value: far.start, when: fromStart },
        question: 'More distance until yellow?',
      };
    return sizedHeat(evidence, -1, fromStart, 'toYellow', 'Less heat until the beans move?');
  },
};

type Its = Parameters<Rule['signs']>[0];

const seenSpots = ({ roast, complaints }: Its): boolean =>
  roast.spots === 'many' || roast.spots === 'some' || complaints.has('scorched');

function distanceOf(evidence: Its) {
  return controlsOf(evidence.gear).find((control) => control.kind === 'step' && control.unit === 'cm') as
    | { id: string; start: number }
    | undefined;
}

/** The nearest the heat was brought before first crack, cm, where that is near. */
function closest(evidence: Its): number | undefined {
  const control = distanceOf(evidence);
  if (!control) return undefined;
  const until = evidence.reached.firstCrack ?? Number.POSITIVE_INFINITY;
  const values = evidence.live.flatMap((entry) =>
    entry.kind === 'move' && entry.control === control.id && entry.at < until ? [Number(entry.value)] : [],
  );
  const least = Math.min(...values);
  return least <= control.start * CLOSE_SHARE ? least : undefined;
}

function moved(evidence: Its, word: string): boolean {
  return evidence.live.some((entry) => entry.kind === 'sense' && entry.sense === 'movement' && entry.word === word);
}
