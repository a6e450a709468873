import {
  type Expectation,
  type Forecast,
  goesByShade,
  meantPullS,
  pullForecast,
  wantedIntoSecondS,
} from '../forecast/index.ts';
import {
  crackOnsets,
  type LiveEntry,
  type Milestones,
  type PlannedPart,
  type PullRule,
  tappedCracks,
} from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';
import { type FirstCrackC, firstCrackC } from './firstCrackC.ts';
import { isFresh, type Reading } from './rateOfRise.ts';

/** A pull to come: of everything, or of a part. */
export interface PullDue {
  /** Which pull of the roast it is, from 0, and whether it empties the gear. */
  readonly index: number;
  readonly last: boolean;
  readonly shade: ShadeNumber;
  /** When it is meant, seconds from charge; it may have passed. */
  readonly dueS: number;
  readonly earlyS: number;
  readonly lateS: number;
  /** What says so: the plan's rule, the guard of second crack, the shade's usual time, or the probe itself. */
  readonly by: 'rule' | 'guard' | 'shade' | 'probe';
  readonly rule: PullRule | undefined;
  /** Where a probe rule is followed: the reading wanted, and how far it is from the last one, °C. */
  readonly probe?: { readonly targetC: number; readonly leftC: number };
  /** A probe rule without fresh readings goes by the clock meanwhile. */
  readonly withoutReadings?: true;
}

/** How a roast is to be pulled. */
export interface PullPlan {
  readonly shade: ShadeNumber;
  readonly rule: PullRule | undefined;
  readonly parts: readonly PlannedPart[] | undefined;
}

/** What bears on when to pull, besides the plan. */
export interface PullFacts {
  readonly expectation: Expectation;
  readonly live: readonly LiveEntry[];
  /** Marked or heard. */
  readonly heard: Milestones;
  readonly nowS: number;
  readonly readings: readonly Reading[];
  readonly firstC: FirstCrackC;
  readonly ratePerMin: number | undefined;
}

/**
 * The one answer to "when is the pull due": every pull to come, the next first. A part of a staged pull has its own shade and
 * so its own time; the plan's rule is for the plan's shade, and one that counts seconds from first crack is stretched for
 * other shades by table 5, any other gives way to the shade's usual time.
 */
export function pullsDue(plan: PullPlan, facts: PullFacts): PullDue[] {
  if (facts.heard.pull !== undefined) return [];
  const taken = facts.live.filter((entry) => entry.kind === 'pull').length;
  const shades = plan.parts?.map(({ shade }) => shade) ?? [plan.shade];
  // More parts taken than planned: what is left is the last one.
  const left = shades.slice(Math.min(taken, shades.length - 1));
  return left.map((shade, i) => {
    const rule = ruleFor(plan, shade);
    const due = dueOf(shade, rule, facts);
    return { index: taken + i, last: i === left.length - 1, shade, rule, ...due };
  });
}

/** The pulls as the plan has them, before anything was marked: what the roast screen will begin with. */
export function pullsPlanned(plan: PullPlan, expectation: Expectation): PullDue[] {
  const unread: FirstCrackC = firstCrackC([], undefined, undefined);
  return pullsDue(plan, {
    expectation,
    live: [],
    heard: {},
    nowS: 0,
    readings: [],
    firstC: unread,
    ratePerMin: undefined,
  });
}

function ruleFor({ rule, shade: meant }: PullPlan, shade: ShadeNumber): PullRule | undefined {
  if (!rule || shade === meant) return rule;
  if (rule.kind !== 'afterFirstCrack') return undefined;
  const seconds = (rule.seconds * shadeOf(shade).afterCrackShare) / shadeOf(meant).afterCrackShare;
  return { kind: 'afterFirstCrack', seconds: Math.round(seconds) };
}

type Due = Pick<PullDue, 'dueS' | 'earlyS' | 'lateS' | 'by' | 'probe' | 'withoutReadings'>;

function dueOf(shade: ShadeNumber, rule: PullRule | undefined, facts: PullFacts): Due {
  const { expectation, heard, nowS } = facts;
  const forecast = pullForecast(expectation, { shade, rule }, heard, nowS);
  const byTime = intoSecond(timed(forecast, rule, heard), shade, rule, heard);
  if (rule?.kind === 'firstSnaps') {
    const snapS = firstSnapsS(facts.live);
    return snapS === undefined || heard.firstCrack === undefined
      ? byTime
      : { ...byTime, dueS: snapS, earlyS: snapS, lateS: snapS };
  }
  if (rule?.kind !== 'probe' || heard.firstCrack === undefined) return byTime;
  return byProbe(rule.degreesPast, facts) ?? { ...byTime, withoutReadings: true };
}

function timed({ by, meantS, medianS, earlyS, lateS }: Forecast, rule: PullRule | undefined, heard: Milestones): Due {
  const dueS = heard.firstCrack === undefined ? medianS : (meantS ?? medianS);
  // Once its crack is known a rule names a moment; how well the hand keeps it is no part of what to do.
  if (by === 'rule' && meantPullS(rule, heard) !== undefined) return { dueS, earlyS: dueS, lateS: dueS, by };
  const said = by === 'guard' ? 'guard' : goesByShade(rule) ? 'shade' : 'rule';
  return { dueS, earlyS: Math.min(earlyS, dueS), lateS: Math.max(lateS, dueS), by: said };
}

/** Once second crack rolls, what it guards is due at the seconds of it that the shade wants; the guard is the latest. */
function intoSecond(due: Due, shade: ShadeNumber, rule: PullRule | undefined, { secondCrack }: Milestones): Due {
  if (due.by !== 'guard' || secondCrack === undefined) return due;
  const dueS = Math.min(due.dueS, secondCrack + (wantedIntoSecondS(shade, rule) ?? 0));
  return { ...due, dueS, earlyS: Math.min(due.earlyS, dueS) };
}

/** Snaps are plural: one alone may be a straggler of first crack. */
function firstSnapsS(live: readonly LiveEntry[]): number | undefined {
  const snaps = tappedCracks(live, 'second');
  return snaps.length < 2 ? undefined : snaps[1];
}

/** The rate falls on the way to the target, and may hold: the share of the time at today's rate, early and late. Ours. */
const RATE_RANGE = { early: 0.85, middle: 1.08, late: 1.5 } as const;
const LEAST_RATE_PER_MIN = 1;

/** From the readings themselves: the degrees that are left over the rate of rise. Undefined without fresh readings. */
function byProbe(degreesPast: number, { readings, firstC, ratePerMin, nowS }: PullFacts): Due | undefined {
  const last = readings.at(-1);
  if (!last || !isFresh(last, nowS)) return undefined;
  const targetC = firstC.celsius + degreesPast;
  const leftC = targetC - last.celsius;
  const probe = { targetC, leftC };
  if (leftC <= 0) return { dueS: last.at, earlyS: last.at, lateS: last.at, by: 'probe', probe };
  if (ratePerMin === undefined || ratePerMin < LEAST_RATE_PER_MIN) return undefined;
  const whenGone = (share: number) => last.at + (leftC / ratePerMin) * 60 * share;
  return {
    dueS: whenGone(RATE_RANGE.middle),
    earlyS: whenGone(RATE_RANGE.early),
    lateS: whenGone(RATE_RANGE.late),
    by: 'probe',
    probe,
  };
}

/** The milestones as marked, and where they are not, as the taps have them: rolling first crack, its end, second crack. */
export function heardMilestones(live: readonly LiveEntry[], reached: Milestones, nowS: number): Milestones {
  const first = crackOnsets('first', tappedCracks(live, 'first'), nowS);
  const second = crackOnsets('second', tappedCracks(live, 'second'), nowS);
  const found = {
    firstCrack: first.rollingS,
    firstCrackEnd: first.endS,
    secondCrack: second.rollingS,
  };
  const heard = Object.fromEntries(Object.entries(found).filter(([, at]) => at !== undefined)) as Milestones;
  return { ...heard, ...reached };
}
