import { momentMs } from '../roast/index.ts';
import { HOUR_MS } from '../units/index.ts';
import type { BatchRow } from './dayPlan.ts';

/** After so long a pause nobody goes on with a list; ours. */
const PAUSE_MS = 4 * HOUR_MS;

/** Whether the list of the day before is still being roasted: an evening goes on past midnight until its last batch is out. */
export function goesOn(rows: readonly BatchRow[], nowMs: number): boolean {
  const begunMs = rows.flatMap(({ roast }) => (roast && momentMs(roast, 0)) ?? []);
  return (
    rows.some(({ reached }) => reached.pull === undefined) &&
    begunMs.some((each) => each <= nowMs && nowMs - each < PAUSE_MS)
  );
}
