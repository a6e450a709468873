import type { UsualSeconds } from '../gear/index.ts';
import type { Milestone, PullRule } from '../roast/index.ts';
import type { Circumstances, PastRoast } from './features.ts';
import { forecastFrom } from './forecast.ts';
import { fitStretches, type StretchFits } from './stretchFits.ts';

/** Milestones that are forecast. */
export const forecastMilestones = [
  'yellow',
  'firstCrack',
  'firstCrackEnd',
  'secondCrack',
  'pull',
] as const satisfies readonly Milestone[];
export type ForecastMilestone = (typeof forecastMilestones)[number];

/** A roast to come: its circumstances and how it is to be pulled. */
export interface ForecastQuestion extends Circumstances {
  readonly rule?: PullRule | undefined;
}

/** What the household's record says of a roast to come, before the beans go in. */
export interface Expectation {
  readonly question: ForecastQuestion;
  readonly fits: StretchFits;
  readonly at: Readonly<Record<ForecastMilestone, UsualSeconds>>;
  /** Roasts on this gear that speak here; 0 means the method's own figures (handbook, table 4). */
  readonly fromRoasts: number;
  /** What says when to pull, rule or guard, as far as is known before the roast. */
  readonly pullBy: 'rule' | 'guard';
}

/**
 * Learns from the household's earlier roasts, on this gear and on others, what to expect of one more. Any order; the
 * first roast of all already has a forecast, from the method's figures.
 */
export function expectationFor(question: ForecastQuestion, past: readonly PastRoast[]): Expectation {
  const fits = fitStretches(past, question);
  const base = { question, fits };
  const forecasts = forecastFrom(base, {}, 0);
  const at = Object.fromEntries(forecasts.map((each) => [each.milestone, each])) as unknown as Expectation['at'];
  const fromRoasts = past.filter(
    (each) => each.gearId === question.gearId && each.reached.firstCrack !== undefined,
  ).length;
  return { ...base, at, fromRoasts, pullBy: forecasts.find(({ milestone }) => milestone === 'pull')?.by ?? 'rule' };
}
