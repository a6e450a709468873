import { formatClock } from '../units/index.ts';
import { milestoneNames } from './milestones.ts';
import type { Ribbon } from './ribbon.ts';

/** The ribbon in words, for those who do not see it: milestones with their times, cracks, moves and parts taken out. */
export function describeRibbon(ribbon: Ribbon): string {
  const reached = Object.entries(ribbon.milestones)
    .filter(([name]) => name !== 'cooled')
    .sort(([, a], [, b]) => a - b)
    .map(([name, at]) => `${milestoneNames[name as keyof typeof milestoneNames]} at ${formatClock(at)}`);
  const parts = [reached.length > 0 ? reached.join(', ') : 'nothing marked yet'];
  const heard = ribbon.cracks.first.length + ribbon.cracks.second.length;
  if (heard > 0) parts.push(`${heard} ${heard === 1 ? 'crack' : 'cracks'} heard`);
  if (ribbon.moves.length > 0) parts.push(`${ribbon.moves.length} ${ribbon.moves.length === 1 ? 'move' : 'moves'}`);
  if (ribbon.tabs.length > 0)
    parts.push(`part taken out at ${ribbon.tabs.map((tab) => formatClock(tab.at)).join(' and ')}`);
  return `${parts.join('; ')}.`;
}
