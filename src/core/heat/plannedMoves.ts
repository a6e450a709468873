import { dueAtS, type LiveEntry, type Milestones, type PlannedMove } from '../roast/index.ts';

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
/** So much before it is due, the same move made by hand is the planned one, seconds. */
const EARLY_S = 20;

/**
 * Each planned move by itself: two moves to the same value are two, and each move that was made does one of them, the
 * latest that was due, else the first to come.
 */
export function plannedMovesNow(
  planned: readonly PlannedMove[],
  live: readonly LiveEntry[],
  reached: Milestones,
  nowS: number,
  nameOf: (move: PlannedMove) => string,
): PlannedMoveNow[] {
  const dueS = planned.map(({ when }) => dueAtS(when, reached));
  const skipped = new Set(live.flatMap((entry) => (entry.kind === 'skip' ? [entry.planned] : [])));
  const done = new Set<number>();
  for (const entry of live) {
    if (entry.kind !== 'move') continue;
    const open = planned.flatMap((move, i) =>
      !done.has(i) && !skipped.has(i) && move.control === entry.control && move.value === entry.value ? [i] : [],
    );
    const due = open.filter((i) => (dueS[i] ?? Number.POSITIVE_INFINITY) <= entry.at + EARLY_S);
    const made = due.sort((a, b) => (dueS[b] as number) - (dueS[a] as number))[0] ?? open[0];
    if (made !== undefined) done.add(made);
  }
  return planned.map((move, index) => {
    const at = dueS[index];
    const since = at === undefined ? undefined : nowS - at;
    const state = done.has(index)
      ? 'done'
      : skipped.has(index) || (since !== undefined && since >= MOVE_STAYS_S)
        ? 'skipped'
        : since !== undefined && since >= 0
          ? 'due'
          : 'waiting';
    return { index, move, words: nameOf(move), state, dueS: at };
  });
}
