import type { MethodId } from '../../gear/index.ts';
import { milestoneNames } from '../../roast/index.ts';
import { capital, formatClock } from '../../units/index.ts';
import type { HeatSituation } from './situation.ts';
import type { Telling } from './telling.ts';

/** That a mark came early or late is told for so long, seconds. */
const TOLD_S = 40;
/** Evidence lies outside the range it is held against, by at least so much, seconds. */
const LEAST_S = 5;

/** What helps on each method at once. Handbook, section 10, "faster" and "slower than planned", put into the moves of each method; common roasting knowledge. */
const remedies = {
  hotAirPopper: { faster: 'Lid off, or less heat', slower: 'Lid on, out of the wind' },
  stovetopPopper: { faster: 'A step less flame', slower: 'A step more flame, lid shut' },
  pan: { faster: 'A step less flame, stir faster', slower: 'A step more flame, out of the draught' },
  oven: { faster: 'Set it 10° lower', slower: 'Keep the door shut, set it 10° higher' },
  heatGun: { faster: 'Hold the gun further off', slower: 'Hold the gun closer, out of the wind' },
  shaken: { faster: 'Hold it higher over the flame', slower: 'Hold it lower, out of the wind' },
  breadMachine: { faster: 'Hold the gun further off', slower: 'Hold the gun closer, lid over it' },
  smallDrum: { faster: 'A step less heat', slower: 'A step more heat, less air' },
  other: { faster: 'A little less heat', slower: 'A little more heat' },
} as const satisfies Record<MethodId, { readonly faster: string; readonly slower: string }>;

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
    // After first crack the beans heat themselves: only holding back is left, or a word that it is so.
    const remedy = milestone === 'firstCrack' && way === 'slower' ? 'Let it run on as it is' : remedies[method.id][way];
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
