import {
  dueAtS,
  type LiveEntry,
  type Milestones,
  type PlannedMove,
  type PlannedOutcome,
  plannedOutcomes,
} from '../roast/index.ts';

/** How a planned move stands. */
export interface PlannedMoveNow {
  readonly index: number;
  readonly move: PlannedMove;
  /** As it is told: "flame 3". */
  readonly words: string;
  readonly state: 'waiting' | 'due' | 'done' | 'skipped';
  /** When it is or was due, seconds from charge; undefined until its milestone is reached. */
  readonly dueS: number | undefined;
}

/** A planned move stays up for so long; then it counts as skipped. Ours, seconds. */
export const MOVE_STAYS_S = 45;

/** How each planned move stands at `nowS`. */
export function plannedMovesNow(
  planned: readonly PlannedMove[],
  live: readonly LiveEntry[],
  reached: Milestones,
  nowS: number,
  nameOf: (move: PlannedMove) => string,
): PlannedMoveNow[] {
  const outcomes = plannedOutcomes(planned, live, reached);
  return planned.map((move, index) => {
    const at = dueAtS(move.when, reached);
    const since = at === undefined ? undefined : nowS - at;
    return { index, move, words: nameOf(move), state: stateOf(outcomes[index], since), dueS: at };
  });
}

/** `since` it was due, seconds; undefined where its milestone is still to come. */
function stateOf(outcome: PlannedOutcome, since: number | undefined) {
  if (outcome !== undefined) return outcome === 'skipped' ? 'skipped' : 'done';
  if (since === undefined || since < 0) return 'waiting';
  return since < MOVE_STAYS_S ? 'due' : 'skipped';
}
