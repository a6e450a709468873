import type { UsualSeconds } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';
import { type Expectation, type ForecastMilestone, forecastMilestones } from './expectation.ts';
import { pullAt } from './pullAt.ts';

/** When a milestone is expected, seconds from charge: the middle and the range that holds 80 %. */
export interface Forecast extends UsualSeconds {
  readonly milestone: ForecastMilestone;
}

/** How much of a roast's pace so far carries over into what is left: 0 none, 1 all. Half, since pace partly evens out. */
const PACE_CARRIES = 0.5;
/** After the early end has passed, the range reaches at least this far ahead, seconds. */
const LEAST_AHEAD_S = 5;

/**
 * Forecasts of the milestones not yet reached, in order of time. Each is counted from the last milestone that was
 * marked, stretched by how fast the roast has been; what `nowS` has already ruled out is cut off. A rough forecast:
 * it knows gear and shade, not weight or weather.
 */
export function forecastFrom(expectation: Expectation, reached: Milestones, nowS: number): Forecast[] {
  if (reached.pull !== undefined) return [];
  const anchor = lastReached(reached);
  const usualAnchor = anchor ? expectation.at[anchor] : undefined;
  const anchorS = anchor ? (reached[anchor] as number) : 0;
  const pace = usualAnchor ? clamp(anchorS / usualAnchor.medianS, 0.5, 2) ** PACE_CARRIES : 1;
  const forecasts = forecastMilestones
    .filter((milestone) => !isPast(milestone, reached))
    .map((milestone): Forecast => {
      const usual = expectation.at[milestone];
      const from = usualAnchor?.medianS ?? 0;
      const left = Math.max(usual.medianS - from, 0);
      // The spread of the part still to come, in proportion to how much of the whole it is.
      const narrowing = Math.sqrt(left / Math.max(usual.medianS, 1));
      const medianS = anchorS + left * pace;
      const earlyS = Math.max(anchorS, medianS - (usual.medianS - usual.earlyS) * narrowing);
      const lateS = medianS + (usual.lateS - usual.medianS) * narrowing;
      return { milestone, ...notBefore(nowS, { medianS, earlyS, lateS }) };
    });
  return expectation.rule ? forecasts.map((each) => byRule(each, expectation, reached, nowS, forecasts)) : forecasts;
}

/** The pull counted from what its rule counts from: the mark where there is one, its forecast where not. */
function byRule(
  forecast: Forecast,
  { rule, shade }: Expectation,
  reached: Milestones,
  nowS: number,
  all: readonly Forecast[],
): Forecast {
  if (forecast.milestone !== 'pull') return forecast;
  const anchor = (milestone: ForecastMilestone): UsualSeconds => {
    const at = reached[milestone];
    // Something skipped over counts as just past, so that a rule on it does not wait for ever.
    const skipped = { medianS: nowS, earlyS: nowS, lateS: nowS };
    if (at !== undefined) return { medianS: at, earlyS: at, lateS: at };
    return all.find((each) => each.milestone === milestone) ?? skipped;
  };
  const { by: _, ...pull } = pullAt(rule, shade, {
    firstCrack: anchor('firstCrack'),
    firstCrackEnd: anchor('firstCrackEnd'),
    secondCrack: anchor('secondCrack'),
    byShade: forecast,
  });
  return { milestone: 'pull', ...notBefore(nowS, pull) };
}

/** The milestones as reached, and where they are not, as forecast at the middle. */
export function knownOrExpected(reached: Milestones, forecasts: readonly Forecast[]): Milestones {
  const expected = Object.fromEntries(forecasts.map((each) => [each.milestone, each.medianS]));
  return { ...expected, ...reached };
}

function notBefore(nowS: number, usual: UsualSeconds): UsualSeconds {
  const earlyS = Math.max(usual.earlyS, nowS);
  const medianS = Math.max(usual.medianS, earlyS);
  return { earlyS, medianS, lateS: Math.max(usual.lateS, medianS, nowS + LEAST_AHEAD_S) };
}

function lastReached(reached: Milestones): ForecastMilestone | undefined {
  return forecastMilestones.findLast((milestone) => reached[milestone] !== undefined);
}

/** Reached, or skipped over: nobody waits for yellow once first crack is marked. */
function isPast(milestone: ForecastMilestone, reached: Milestones): boolean {
  const last = lastReached(reached);
  return last !== undefined && forecastMilestones.indexOf(milestone) <= forecastMilestones.indexOf(last);
}

function clamp(value: number, least: number, most: number): number {
  return Math.min(most, Math.max(least, value));
}
