import type { Cup } from './cup.ts';

/** How a roast was liked, over all its cups: the mean of their overall scores. */
export interface RoastLiking {
  readonly roastId: string;
  readonly overall: number;
  readonly cups: number;
}

/** The roasts with the best cups, best first; a roast without an overall score is left out. */
export function bestRoasts(cups: readonly Cup[], most: number): RoastLiking[] {
  const byRoast = new Map<string, number[]>();
  for (const { roastId, sheet } of cups)
    if (roastId !== undefined && sheet.overall !== undefined)
      byRoast.set(roastId, [...(byRoast.get(roastId) ?? []), sheet.overall]);
  return [...byRoast]
    .map(([roastId, scores]) => ({
      roastId,
      cups: scores.length,
      overall: scores.reduce((sum, each) => sum + each, 0) / scores.length,
    }))
    .sort((a, b) => b.overall - a.overall || b.cups - a.cups)
    .slice(0, most);
}
