import { mean, sum } from 'd3-array';
import type { ShadeNumber } from '../shade/index.ts';

/** One tasting of coffee of a shade: its overall score, 0 to 10. */
export interface ShadeTasting {
  readonly shade: ShadeNumber;
  readonly overall: number;
}

/** One blind sheet on which one shade was preferred to another. */
export interface ShadeWin {
  readonly better: ShadeNumber;
  readonly worse: ShadeNumber;
}

/** The shade that is liked best of some beans. */
export interface ShadeLiking {
  readonly shade: ShadeNumber;
  /** Tastings that speak of it, scores and sheets together. */
  readonly tastings: number;
}

/** One tasting says little: so many tastings of the average pull each shade towards it. Ours. */
const PRIOR_TASTINGS = 2;
/** A preference on a sheet counts as so many points more and less than the average. Ours. */
const WIN_POINTS = 1;
/** A lead below this is no preference; points. Ours. */
const LEAD_POINTS = 0.4;
const LEAST_TASTINGS = 2;

/**
 * The shade that tastings of one lot speak for: means of overall scores, each drawn towards the average of all by two
 * tastings; a blind preference counts as a point for one and against the other. Undefined while fewer than two shades
 * were tasted, while the best has fewer than two tastings, or while it leads by less than 0.4 points.
 */
export function likedShade(tastings: readonly ShadeTasting[], wins: readonly ShadeWin[]): ShadeLiking | undefined {
  const average = mean(tastings, ({ overall }) => overall) ?? 0;
  const points = new Map<ShadeNumber, number[]>();
  const add = (shade: ShadeNumber, by: number) => points.set(shade, [...(points.get(shade) ?? []), by]);
  for (const { shade, overall } of tastings) add(shade, overall - average);
  for (const { better, worse } of wins) {
    if (better === worse) continue;
    add(better, WIN_POINTS);
    add(worse, -WIN_POINTS);
  }
  const liked = [...points]
    .map(([shade, all]) => ({
      shade,
      tastings: all.length,
      lead: sum(all) / (all.length + PRIOR_TASTINGS),
    }))
    .sort((a, b) => b.lead - a.lead);
  const [best, next] = liked;
  if (!best || !next || best.tastings < LEAST_TASTINGS || best.lead - next.lead < LEAD_POINTS) return undefined;
  return { shade: best.shade, tastings: best.tastings };
}
