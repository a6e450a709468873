import type { Random } from '../src/core/chance/index.ts';
import type { Experiment, NextChange, Outcome } from '../src/core/experiment/index.ts';
import { createId } from '../src/core/ids/index.ts';
import { type Recipe, whatToDo } from '../src/core/recipe/index.ts';
import type { Roast } from '../src/core/roast/index.ts';
import type { Flight } from '../src/core/taste/index.ts';

const DAY_MS = 86_400_000;
const later = (roast: Roast, days: number) => new Date(Date.parse(roast.createdAt) + days * DAY_MS).toISOString();

/** The recipe that the best cup became. */
export function demoRecipe(best: Roast, random: Random): Recipe {
  return {
    id: createId('recipe', random),
    name: 'Lid off from yellow',
    createdAt: later(best, 3),
    ...whatToDo(best),
  };
}

/** One question with its roasts, by the beginnings of their notes or by days ago. */
export interface AskedQuestion {
  readonly question: string;
  readonly change: NextChange;
  readonly a: Roast;
  readonly b?: Roast;
  readonly finding?: string;
  readonly flight?: Flight;
  readonly outcome?: Outcome;
  readonly note?: string;
}

/** What the household asked of its roasting, answered or not. */
export function demoExperiments(asked: readonly AskedQuestion[], random: Random): Experiment[] {
  return asked.map(({ question, change, a, b, finding, flight, outcome, note }) => ({
    id: createId('experiment', random),
    question,
    change,
    ...(finding ? { finding } : {}),
    aRoastId: a.id,
    ...(b ? { bRoastId: b.id } : {}),
    ...(flight ? { flightId: flight.id } : {}),
    ...(outcome && b ? { outcome, answeredAt: later(b, 3) } : {}),
    ...(note ? { note } : {}),
    createdAt: later(a, 2),
  }));
}
