import { milestoneNames } from '../../roast/index.ts';
import { capital, formatClock } from '../../units/index.ts';
import { remedyFor } from './remedy.ts';
import type { HeatSituation } from './situation.ts';
import type { Telling } from './telling.ts';

/** That a mark came early or late is told for so long, seconds. */
const TOLD_S = 40;
/** Evidence lies outside the range it is held against, by at least so much, seconds. */
const LEAST_S = 5;

/** A mark that came outside what is usual here: by how much, and what helps on this method while there is time. */
export function pace({ reached, nowS, usual, method }: HeatSituation): Telling[] {
  for (const milestone of ['firstCrack', 'yellow'] as const) {
    const at = reached[milestone];
    if (at === undefined || nowS - at > TOLD_S || nowS < at) continue;
    const { earlyS, lateS } = usual[milestone];
    const by = at > lateS ? at - lateS : at < earlyS ? at - earlyS : 0;
    if (Math.abs(by) < LEAST_S) return [];
    const way = by < 0 ? 'faster' : 'slower';
    const than = usual.own ? 'usual here' : `usual on this kind of gear`;
    const range = `${formatClock(earlyS)} to ${formatClock(lateS)}`;
    const remedy = remedyFor(method.id, milestone, way);
    return [
      {
        key: `pace:${milestone}`,
        level: 'soon',
        text: `${capital(milestoneNames[milestone])} at ${formatClock(at)}, ${way} than ${than} (${range}). ${remedy}.`,
      },
    ];
  }
  return [];
}
