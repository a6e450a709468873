import { mean } from 'd3-array';
import { finalShade, type Milestones, milestonesOfRoast, type Roast, roastedGrams } from '../roast/index.ts';
import { lossPercent } from '../shade/index.ts';
import type { Recipe } from './recipe.ts';

const inOrder = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull'] as const;
/** One of `inOrder`. */
export type PaceMilestone = (typeof inOrder)[number];

/** How far a roast lies ahead of (below 0) or behind its recipe at a milestone, seconds. */
export interface PaceAt {
  readonly milestone: PaceMilestone;
  readonly byS: number;
}

/** Ahead or behind at every milestone that both have reached, in order. */
export function paceAgainst(guide: Recipe['guide'], reached: Milestones): PaceAt[] {
  return inOrder.flatMap((milestone) => {
    const [meant, atS] = [guide[milestone], reached[milestone]];
    return meant === undefined || atS === undefined ? [] : [{ milestone, byS: atS - meant }];
  });
}

/** Less than this is on time at the heat: nobody marks closer, s. */
const ON_TIME_S = 3;

/** The latest pace in words: "12 s behind the recipe at first crack". */
export function paceWords(pace: readonly PaceAt[], name: (milestone: PaceMilestone) => string): string | undefined {
  const last = pace.at(-1);
  if (!last) return undefined;
  const by = Math.round(Math.abs(last.byS));
  if (by < ON_TIME_S) return `With the recipe at ${name(last.milestone)}`;
  return `${by} s ${last.byS < 0 ? 'ahead of' : 'behind'} the recipe at ${name(last.milestone)}`;
}

/** Each milestone in words, for a roast that is over: "on time at yellow", "12 s behind at first crack". */
export function paceParts(pace: readonly PaceAt[], name: (milestone: PaceMilestone) => string): string[] {
  return pace.map(({ milestone, byS }) => {
    const by = Math.round(Math.abs(byS));
    if (by < ON_TIME_S) return `on time at ${name(milestone)}`;
    return `${by} s ${byS < 0 ? 'ahead' : 'behind'} at ${name(milestone)}`;
  });
}

/** How close a roast came to its recipe. */
export interface Closeness {
  /** Root mean square of the deviations at the milestones, as a share of the time. */
  readonly off: number;
  readonly words: 'very close' | 'close' | 'another roast';
  readonly pace: readonly PaceAt[];
  readonly lossBy: number | undefined;
  readonly shadeBy: number | undefined;
}

/** Within so much of the time, two roasts of one household are hardly told apart; ours, from the spread of repeats. */
const VERY_CLOSE = 0.04;
const CLOSE = 0.1;

/** Compares a finished roast with its recipe; undefined where they share no milestone. */
export function closenessTo(recipe: Recipe, roast: Roast): Closeness | undefined {
  // What it was meant to be in this batch and gear, else the recipe's own times.
  const guide = roast.guide ?? recipe.guide;
  const pace = paceAgainst(guide, milestonesOfRoast(roast));
  if (pace.length === 0) return undefined;
  const squares = pace.map(({ milestone, byS }) => (byS / Math.max(30, guide[milestone] ?? 30)) ** 2);
  const off = Math.sqrt(mean(squares) ?? 0);
  const roasted = roastedGrams(roast);
  const shade = finalShade(roast);
  const lossBy =
    roasted === undefined || recipe.lossPercent === undefined
      ? undefined
      : lossPercent(roast.greenGrams, roasted) - recipe.lossPercent;
  const shadeBy = shade === undefined ? undefined : shade - recipe.shade;
  const sameShade = shadeBy === undefined || Math.abs(shadeBy) === 0;
  const words =
    off <= VERY_CLOSE && sameShade
      ? 'very close'
      : off <= CLOSE && Math.abs(shadeBy ?? 0) <= 1
        ? 'close'
        : 'another roast';
  return { off, words, pace, lossBy, shadeBy };
}
