import type { ScoredCup } from './scored.ts';

/** How a roast was liked, over all its cups: the mean of their overall scores. */
export interface RoastLiking {
  readonly roastId: string;
  readonly overall: number;
  readonly cups: number;
}

/** The roasts with the best cups, best first. */
export function bestRoasts(cups: readonly ScoredCup[], most: number): RoastLiking[] {
  const byRoast = new Map<string, number[]>();
  for (const { roastId, overall } of cups) byRoast.set(roastId, [...(byRoast.get(roastId) ?? []), overall]);
  return [...byRoast]
    .map(([roastId, scores]) => ({
      roastId,
      cups: scores.length,
      overall: scores.reduce((sum, each) => sum + each, 0) / scores.length,
    }))
    .sort((a, b) => b.overall - a.overall || b.cups - a.cups)
    .slice(0, most);
}
