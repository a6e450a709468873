import type { Method, UsualSeconds } from '../gear/index.ts';
import type { Milestone, Milestones, PullRule } from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';
import { type Conditions, paceFactor } from './conditions.ts';
import { pullAt } from './pullAt.ts';

/** Milestones that are forecast. */
export const forecastMilestones = [
  'yellow',
  'firstCrack',
  'firstCrackEnd',
  'secondCrack',
  'pull',
] as const satisfies readonly Milestone[];
export type ForecastMilestone = (typeof forecastMilestones)[number];

/** What is usual before the beans go in, and where that comes from. */
export interface Expectation {
  readonly at: Readonly<Record<ForecastMilestone, UsualSeconds>>;
  /** How many earlier roasts speak here; 0 means the method's own figures (handbook, table 4). */
  readonly fromRoasts: number;
  /** How and how dark it is to be pulled: the pull follows from the milestones as they come in. */
  readonly shade: ShadeNumber;
  readonly rule: PullRule | undefined;
  /** What says when to pull, rule or guard, as far as is known before the roast. */
  readonly pullBy: 'rule' | 'guard';
}

/** What is known before the roast besides its gear: how it is to be pulled, and the conditions. */
export interface Intent extends Conditions {
  readonly rule?: PullRule | undefined;
}

/** Fewer earlier roasts than this say less than the method's figures. */
const ENOUGH_ROASTS = 3;
/** Shares of medium's time after first crack at which these are heard; common roasting knowledge. */
const FIRST_CRACK_END_SHARE = 0.75;
const SECOND_CRACK_SHARE = 1.3;

/**
 * Usual times for one method and shade: the medians of `past` (earlier roasts of this gear, newest first, ten at the
 * most) where at least three reached a milestone, else table 4. Conditions move them; the pull follows shade, rule and
 * guard. Ranges hold 80 %.
 */
export function expectationFor(
  method: Method,
  shade: ShadeNumber,
  past: readonly Milestones[] = [],
  intent: Intent = {},
): Expectation {
  const medium = { early: gap(method, 'earlyS'), median: gap(method, 'medianS'), late: gap(method, 'lateS') };
  const after = (share: number): UsualSeconds => ({
    medianS: method.firstCrack.medianS + medium.median * share,
    earlyS: method.firstCrack.earlyS + medium.early * share,
    lateS: method.firstCrack.lateS + medium.late * share,
  });
  const usual = {
    yellow: method.yellow,
    firstCrack: method.firstCrack,
    firstCrackEnd: after(FIRST_CRACK_END_SHARE),
    secondCrack: after(SECOND_CRACK_SHARE),
    pull: after(shadeOf(shade).afterCrackShare),
  };
  const recent = past.slice(0, 10);
  const factor = paceFactor(intent);
  const own = (milestone: 'yellow' | 'firstCrack'): UsualSeconds =>
    scaled(fromPast(recent, milestone) ?? usual[milestone], factor);
  const firstCrack = own('firstCrack');
  // The gear's own pace before first crack carries over to what follows it.
  const moved = (each: UsualSeconds): UsualSeconds => ({
    medianS: each.medianS + firstCrack.medianS - usual.firstCrack.medianS,
    earlyS: firstCrack.earlyS + each.earlyS - usual.firstCrack.earlyS,
    lateS: firstCrack.lateS + each.lateS - usual.firstCrack.lateS,
  });
  const [firstCrackEnd, secondCrack] = [moved(usual.firstCrackEnd), moved(usual.secondCrack)];
  const { by, ...pull } = pullAt(intent.rule, shade, {
    firstCrack,
    firstCrackEnd,
    secondCrack,
    byShade: moved(usual.pull),
  });
  return {
    at: { yellow: own('yellow'), firstCrack, firstCrackEnd, secondCrack, pull },
    fromRoasts: fromPast(recent, 'firstCrack') ? recent.filter((each) => each.firstCrack !== undefined).length : 0,
    shade,
    rule: intent.rule,
    pullBy: by,
  };
}

function scaled({ medianS, earlyS, lateS }: UsualSeconds, factor: number): UsualSeconds {
  return { medianS: medianS * factor, earlyS: earlyS * factor, lateS: lateS * factor };
}

function gap(method: Method, end: keyof UsualSeconds): number {
  return method.pull[end] - method.firstCrack[end];
}

function fromPast(past: readonly Milestones[], milestone: ForecastMilestone): UsualSeconds | undefined {
  const times = past.flatMap((each) => each[milestone] ?? []).sort((a, b) => a - b);
  if (times.length < ENOUGH_ROASTS) return undefined;
  const medianS = quantileSorted(times, 0.5);
  // Few roasts show too little of the spread: never narrower than an eighth to either side.
  const earlyS = Math.min(quantileSorted(times, 0.1), medianS * 0.875);
  return { medianS, earlyS, lateS: Math.max(quantileSorted(times, 0.9), medianS * 1.125) };
}

/** Quantile of an ascending list, linear between ranks. Source: Hyndman & Fan 1996, definition 7. */
function quantileSorted(values: readonly number[], share: number): number {
  const rank = share * (values.length - 1);
  const low = values[Math.floor(rank)] as number;
  const high = values[Math.ceil(rank)] as number;
  return low + (high - low) * (rank - Math.floor(rank));
}
