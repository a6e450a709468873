import type { LiveRoastModel } from './useLiveRoast';

/** The edge of the drawing is moved in steps, so that it does not creep. */
const STEP_S = 30;

/** The time at the right edge of the live ribbon and of the curve under it, seconds from charge. */
export function liveEndS({ situation, drawn: { guide } }: LiveRoastModel): number {
  if (situation.reached.pull !== undefined) return situation.reached.pull;
  const expectedEnd = (situation.pulls.at(-1)?.dueS ?? 0) * 1.1;
  return (
    Math.ceil(Math.max(expectedEnd, (situation.charged ? situation.nowS : 0) + STEP_S, guide?.toS ?? 0) / STEP_S) *
    STEP_S
  );
}
