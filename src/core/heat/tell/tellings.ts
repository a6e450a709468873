import { cooling } from './cooling.ts';
import { dangers } from './dangers.ts';
import { marks } from './marks.ts';
import { moves } from './moves.ts';
import { pace } from './pace.ts';
import { preheating, weatherAtCharge } from './preheat.ts';
import { pulls } from './pulls.ts';
import { questions } from './questions.ts';
import type { HeatSituation } from './situation.ts';
import { gravestFirst, type Telling } from './telling.ts';

/** Dangers that stand on the mark of second crack alone. */
const BY_SECOND_CRACK = ['secondUnwanted', 'secondLate', 'secondFire'];

/**
 * Everything that is to be told now, the gravest first; among equals the pull comes before moves and moves before
 * marks. Pure: the same situation tells the same, and the screen says each key once.
 */
export function tellingsFor(situation: HeatSituation): Telling[] {
  if (!situation.charged) return gravestFirst([...questions(situation), ...preheating(situation), ...moves(situation)]);
  if (situation.reached.pull !== undefined) return gravestFirst([...questions(situation), ...cooling(situation)]);
  const asked = questions(situation);
  return gravestFirst([
    ...dangers(situation).map((danger) => withDoubt(danger, asked)),
    ...pulls(situation),
    ...moves(situation),
    ...asked,
    ...marks(situation),
    ...pace(situation),
    ...weatherAtCharge(situation),
  ]);
}

/** Second crack pressed for first is a slip: the danger then asks about the mark in the same breath. */
function withDoubt(danger: Telling, asked: readonly Telling[]): Telling {
  const doubt = asked.find(({ text }) => text.startsWith('Second crack'));
  if (!doubt?.answers || !BY_SECOND_CRACK.includes(danger.key)) return danger;
  return { ...danger, text: `${doubt.text} If it is, pull now.`, answers: doubt.answers };
}
