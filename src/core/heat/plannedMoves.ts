import { dueAtS, type LiveEntry, type Milestones, type PlannedMove, plannedMade } from '../roast/index.ts';

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
  const skipped = new Set(live.flatMap((entry) => (entry.kind === 'skip' ? [entry.planned] : [])));
  const made = plannedMade(planned, live, reached);
  return planned.map((move, index) => {
    const at = dueAtS(move.when, reached);
    const since = at === undefined ? undefined : nowS - at;
    const state = made[index]
      ? 'done'
      : skipped.has(index) || (since !== undefined && since >= MOVE_STAYS_S)
        ? 'skipped'
        : since !== undefined && since >= 0
          ? 'due'
          : 'waiting';
    return { index, move, words: nameOf(move), state, dueS: at };
  });
}
