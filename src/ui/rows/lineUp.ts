import type { Ribbon } from '@/core/roast';

/** What ribbons are lined up by. */
export type LineUp = 'charge' | 'firstCrack' | 'pull';

export const lineUpNames = { charge: 'beans in', firstCrack: 'first crack', pull: 'pull' } as const satisfies Record<
  LineUp,
  string
>;

/** What a moment of the shared axis is called, counted from the line. */
export function axisLabel(seconds: number, lineUp: LineUp): string {
  if (seconds === 0) return lineUpNames[lineUp];
  const minutes = Math.abs(seconds) / 60;
  return `${seconds < 0 ? '−' : ''}${Number.isInteger(minutes) ? minutes : minutes.toFixed(1)} min`;
}

/** The moment of a ribbon that comes under the line, seconds from charge; undefined when it was not marked. */
export function lineUpAt(ribbon: Ribbon, lineUp: LineUp): number | undefined {
  return lineUp === 'charge' ? 0 : ribbon.milestones[lineUp];
}

/** The span that holds every ribbon when each is moved so that its moment lies at zero; unmarked ones start at the left. */
export function sharedSpan(ribbons: readonly Ribbon[], lineUp: LineUp): { fromS: number; toS: number } {
  let fromS = 0;
  let toS = 60;
  for (const ribbon of ribbons) {
    const zero = lineUpAt(ribbon, lineUp);
    if (zero === undefined) continue;
    fromS = Math.min(fromS, 0 - zero);
    toS = Math.max(toS, ribbon.toS - zero);
  }
  return { fromS, toS };
}
