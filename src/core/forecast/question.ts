import type { UsualSeconds } from '../gear/index.ts';
import type { Milestone, PullRule } from '../roast/index.ts';
import type { Circumstances } from './features.ts';
import type { StretchFits } from './stretchFits.ts';

/** Milestones that are forecast. */
const forecastMilestones = [
  'yellow',
  'firstCrack',
  'firstCrackEnd',
  'secondCrack',
  'pull',
] as const satisfies readonly Milestone[];
/** One of `forecastMilestones`. */
export type ForecastMilestone = (typeof forecastMilestones)[number];

/** A roast to come: its circumstances and how it is to be pulled. */
export interface ForecastQuestion extends Circumstances {
  readonly rule?: PullRule | undefined;
}

/** What the household's record says of a roast to come, before the beans go in. */
export interface Expectation {
  readonly question: ForecastQuestion;
  readonly fits: StretchFits;
  readonly usualTimes: Readonly<Record<ForecastMilestone, UsualSeconds>>;
  /** Roasts on this gear that speak here; 0 means the method's own figures (handbook, table 4). */
  readonly fromRoasts: number;
  /** What says when to pull, rule or guard, as far as is known before the roast. */
  readonly pullBy: 'rule' | 'guard';
}
