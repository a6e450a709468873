import { controlsOf } from '../../gear/index.ts';
import type { Rule } from '../rule.ts';
import { calledWords, fact } from '../signs.ts';
import { fromStart, sizedHeat } from '../sizing.ts';

/** Nearer than this share of where the control starts, a gun or flame is close. */
const CLOSE_SHARE = 0.7;

export const scorched: Rule = {
  id: 'scorched',
  explains: ['scorched', 'bitter'],
  against: ['mixedBeans'],
  causes: ['poorMovement', 'hotStart'],
  signs: (its) => {
    const near = closest(its);
    return [
      fact(its.roast.spots === 'many', 'Many beans have scorched spots.', 1),
      fact(its.roast.spots === 'some', 'Some beans have scorched spots.', 0.5),
      fact(
        its.roast.spots === undefined && its.complaints.has('scorched'),
        calledWords(its.complaints.get('scorched') ?? []),
        1.05,
      ),
      fact(its.roast.spots === 'none', 'No bean has a scorched spot.', -2),
      fact(near !== undefined, `The heat came as near as ${near} cm.`, 0.65),
      fact(moved(its, 'stuck') || moved(its, 'slow'), 'The beans hardly moved.', 0.2),
    ];
  },
  says: () => 'The surface of the beans was burnt before their inside was roasted.',
  propose: (its) => {
    const far = distanceOf(its);
    if (far && closest(its) !== undefined)
      return {
        change: { kind: 'move', control: far.id, value: far.start, when: fromStart },
        question: 'More distance until yellow?',
      };
    return { ...sizedHeat(its, -1, fromStart, 'toYellow'), question: 'Less heat until the beans move?' };
  },
};

type Its = Parameters<Rule['signs']>[0];

function distanceOf(its: Its) {
  return controlsOf(its.gear ?? { method: its.method.id }).find(
    (control) => control.kind === 'step' && control.unit === 'cm',
  ) as { id: string; start: number } | undefined;
}

/** The nearest the heat was brought before first crack, cm, where that is near. */
function closest(its: Its): number | undefined {
  const control = distanceOf(its);
  if (!control) return undefined;
  const values = its.live.flatMap((entry) =>
    entry.kind === 'move' && entry.control === control.id ? [Number(entry.value)] : [],
  );
  const least = Math.min(...values);
  return least <= control.start * CLOSE_SHARE ? least : undefined;
}

function moved(its: Its, word: string): boolean {
  return its.live.some((entry) => entry.kind === 'sense' && entry.sense === 'movement' && entry.word === word);
}
