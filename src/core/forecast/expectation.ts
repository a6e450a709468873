import type { Method, UsualSeconds } from '../gear/index.ts';
import type { Milestone, Milestones } from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';

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
}

/** Fewer earlier roasts than this say less than the method's figures. */
const ENOUGH_ROASTS = 3;
/** Shares of medium's time after first crack at which these are heard; common roasting knowledge. */
const FIRST_CRACK_END_SHARE = 0.75;
const SECOND_CRACK_SHARE = 1.3;

/**
 * Usual times for one method and shade: the medians of `past` (earlier roasts of this gear, newest first, ten at the
 * most) where at least three reached a milestone, else table 4 with the pull moved to the shade. Ranges hold 80 %.
 */
export function expectationFor(method: Method, shade: ShadeNumber, past: readonly Milestones[] = []): Expectation {
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
  const own = <M extends 'yellow' | 'firstCrack'>(milestone: M): UsualSeconds =>
    fromPast(recent, milestone) ?? usual[milestone];
  const firstCrack = own('firstCrack');
  // The gear's own pace before first crack carries over to what follows it.
  const moved = (each: UsualSeconds): UsualSeconds => {
    const by = firstCrack.medianS - usual.firstCrack.medianS;
    return {
      medianS: each.medianS + by,
      earlyS: firstCrack.earlyS + each.earlyS - usual.firstCrack.earlyS,
      lateS: firstCrack.lateS + each.lateS - usual.firstCrack.lateS,
    };
  };
  return {
    at: {
      yellow: own('yellow'),
      firstCrack,
      firstCrackEnd: moved(usual.firstCrackEnd),
      secondCrack: moved(usual.secondCrack),
      pull: moved(usual.pull),
    },
    fromRoasts: fromPast(recent, 'firstCrack') ? recent.filter((each) => each.firstCrack !== undefined).length : 0,
  };
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
