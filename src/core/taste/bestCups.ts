import { mean } from 'd3-array';
import type { ScoredCup } from './scored.ts';

/** How a roast, or one part of a staged one, was liked over all its cups: the mean of their overall scores. */
export interface RoastLiking {
  readonly roastId: string;
  readonly pullId: string | undefined;
  readonly overall: number;
  readonly cups: number;
}

/** The roasts with the best cups, best first; the parts of a staged one each for themselves. */
export function bestRoasts(cups: readonly ScoredCup[], most: number): RoastLiking[] {
  const groups = new Map<string, ScoredCup[]>();
  for (const cup of cups) {
    const key = `${cup.roastId} ${cup.pullId ?? ''}`;
    groups.set(key, [...(groups.get(key) ?? []), cup]);
  }
  return [...groups.values()]
    .flatMap((its) => {
      const [first] = its;
      if (!first) return [];
      const overall = mean(its, ({ overall }) => overall) ?? 0;
      return [{ roastId: first.roastId, pullId: first.pullId, cups: its.length, overall }];
    })
    .sort((a, b) => b.overall - a.overall || b.cups - a.cups)
    .slice(0, most);
}
