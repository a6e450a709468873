import type { PlannedMove } from './intent.ts';
import type { LiveEntry } from './liveEntries.ts';
import { dueAtS, type Milestones } from './milestones.ts';

type Move = Extract<LiveEntry, { kind: 'move' }>;
/** The press that made a planned move, or that it was left out; undefined while neither is. */
export type PlannedOutcome = Move | 'skipped' | undefined;

/** So much before it is due, the same move made by hand is the planned one, seconds. Ours. */
export const MOVE_EARLY_S = 20;

/**
 * What became of each planned move, by its place. Two moves to the same value are two: each press
 * makes one of them, the latest that was due, else the first to come. A setting made long before its time counts while it stands:
 * once the control was set to something else it has to be made again, and so has what has no setting (a stir).
 */
export function plannedOutcomes(
  planned: readonly PlannedMove[],
  live: readonly LiveEntry[],
  reached: Milestones,
): PlannedOutcome[] {
  const dueS = planned.map(({ when }) => dueAtS(when, reached) ?? Number.POSITIVE_INFINITY);
  const due = (i: number) => dueS[i] as number;
  const skipped = new Set(live.flatMap((entry) => (entry.kind === 'skip' ? [entry.planned] : [])));
  const made = new Map<number, Move>();
  const moves = live.filter((entry): entry is Move => entry.kind === 'move');
  for (const move of moves) {
    const open = planned.flatMap(({ control, value }, i) =>
      !made.has(i) && !skipped.has(i) && control === move.control && value === move.value ? [i] : [],
    );
    const passed = open.filter((i) => due(i) <= move.at + MOVE_EARLY_S).sort((a, b) => due(b) - due(a));
    const standsUntil = moves.find((each) => each.control === move.control && each.at > move.at)?.at;
    const stands = (i: number) => move.value !== undefined && (standsUntil === undefined || standsUntil >= due(i));
    const index = passed[0] ?? open.find(stands);
    if (index !== undefined) made.set(index, move);
  }
  return planned.map((_, i) => (skipped.has(i) ? 'skipped' : made.get(i)));
}
