import { normalQuantile } from '../chance/index.ts';
import type { UsualSeconds } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';
import { shadeOf } from '../shade/index.ts';
import { FREEDOM, type Prediction } from './gaussianFit.ts';
import { after, combined, from, LATE, lengthFrom, rangeEdge } from './predictive.ts';
import { goesByShade, pullAt } from './pullAt.ts';
import type { Expectation, ForecastMilestone, ForecastQuestion } from './question.ts';

/** When a milestone is expected, seconds from charge: the middle and the range that holds 80 %. */
export interface Forecast extends UsualSeconds {
  readonly milestone: ForecastMilestone;
  /** For the pull: whether the rule or the guard says so, and when that was meant to be, though it may have passed. */
  readonly by?: 'rule' | 'guard';
  readonly meantS?: number;
}

/** A second opinion on the time left to first crack, from a probe: its log, seconds. */
export type ProbeOpinion = Prediction;

/** After the early end has passed, the range reaches at least this far ahead, seconds. */
const LEAST_AHEAD_S = 5;

/**
 * Forecasts of the milestones not yet reached, in order of time, given what was marked, the time that has passed without
 * a mark, and what a probe says of the time left. Nothing is forecast once pulled. The pull is the one that the question
 * asks about; a staged pull asks for each part with `pullForecast`.
 */
export function forecastFrom(
  { question, fits }: Pick<Expectation, 'question' | 'fits'>,
  reached: Milestones,
  nowS: number,
  probe?: ProbeOpinion,
): Forecast[] {
  if (reached.pull !== undefined) return [];
  const ahead = crackForecasts(fits, reached, nowS, probe);
  const cracks = (['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack'] as const).flatMap((milestone) => {
    const found = ahead[milestone];
    return found ? [{ milestone, ...notBefore(nowS, found) }] : [];
  });
  return [...cracks, pullFrom(fits, question, ahead, reached, nowS)];
}

/** What a pull is meant for: its shade, and the rule where it has one. */
export type PullWish = Pick<ForecastQuestion, 'shade' | 'rule'>;

/** When to pull for a wish, as `forecastFrom` has it for the question's own. */
export function pullForecast(
  { fits }: Pick<Expectation, 'fits'>,
  wish: PullWish,
  reached: Milestones,
  nowS: number,
  probe?: ProbeOpinion,
): Forecast {
  return pullFrom(fits, wish, crackForecasts(fits, reached, nowS, probe), reached, nowS);
}

type CrackForecasts = Partial<Record<Exclude<ForecastMilestone, 'pull'>, UsualSeconds>>;

function pullFrom(fits: Fits, wish: PullWish, cracks: CrackForecasts, reached: Milestones, nowS: number): Forecast {
  const first = reached.firstCrack ?? cracks.firstCrack;
  const firstCrack: UsualSeconds = typeof first === 'number' ? exactly(first) : (first ?? exactly(nowS));
  const offFirst = offFirstCrack(fits, reached);
  const { afterCrackShare } = shadeOf(wish.shade);
  const medium = fits.predict('firstToPull', offFirst, wish.shade);
  const byShade = toShade(medium, afterCrackShare, firstCrack, reached, nowS);
  const known = (milestone: 'firstCrackEnd' | 'secondCrack') => {
    const mark = reached[milestone];
    return mark === undefined ? (cracks[milestone] ?? exactly(nowS)) : exactly(mark);
  };
  const { by, ...pull } = pullAt(wish.rule, wish.shade, {
    firstCrack,
    firstCrackEnd: known('firstCrackEnd'),
    secondCrack: known('secondCrack'),
    byShade,
  });
  // By the shade alone it is counted as if no time had passed since first crack: passing it by does not move what was meant.
  const meantS =
    by === 'guard' || (!goesByShade(wish.rule) && reached.firstCrack !== undefined)
      ? pull.medianS
      : toShade(medium, afterCrackShare, firstCrack, reached, 0).medianS;
  const told = by === 'rule' && !goesByShade(wish.rule) ? asKept(pull, fits.keepsS()) : pull;
  return { milestone: 'pull', by, meantS, ...notBefore(nowS, told) };
}

/** The range of a moment that a hand keeps as well as it has so far. */
function asKept(moment: UsualSeconds, keepsS: number): UsualSeconds {
  const beside = keepsS * rangeEdge(FREEDOM);
  return after(moment, { medianS: 0, earlyS: -beside, lateS: beside });
}

/** The milestones as reached, and where they are not, as forecast at the middle. */
export function knownOrExpected(reached: Milestones, forecasts: readonly Forecast[]): Milestones {
  const expected = Object.fromEntries(forecasts.map((each) => [each.milestone, each.medianS]));
  return { ...expected, ...reached };
}

type Fits = Expectation['fits'];

/** Forecasts up to second crack; what is reached, or skipped over, has none: nobody waits for yellow after first crack. */
function crackForecasts(fits: Fits, reached: Milestones, nowS: number, probe?: ProbeOpinion): CrackForecasts {
  const { yellow, firstCrack, firstCrackEnd, secondCrack } = reached;
  if (secondCrack !== undefined) return {};
  if (firstCrack !== undefined) {
    const off = offFirstCrack(fits, reached);
    const sinceS = Math.max(0, nowS - firstCrack);
    const stretch = (key: 'firstCrack' | 'firstToSecond') =>
      from(firstCrack, lengthFrom(fits.predict(key, off), sinceS));
    return {
      ...(firstCrackEnd === undefined ? { firstCrackEnd: stretch('firstCrack') } : {}),
      secondCrack: stretch('firstToSecond'),
    };
  }
  const first = firstCrackForecast(fits, yellow, nowS, probe);
  return {
    ...(yellow === undefined ? { yellow: lengthFrom(fits.predict('toYellow'), nowS) } : {}),
    firstCrack: first,
    firstCrackEnd: after(first, lengthFrom(fits.predict('firstCrack'))),
    secondCrack: after(first, lengthFrom(fits.predict('firstToSecond'))),
  };
}

function firstCrackForecast(fits: Fits, yellow: number | undefined, nowS: number, probe?: ProbeOpinion): UsualSeconds {
  if (yellow === undefined) {
    const whole = pushedBy(overdueYellow(fits, nowS), fits.predict('toFirstCrack'));
    return probe ? from(nowS, lengthFrom(combined(leftOf(whole, nowS), probe))) : lengthFrom(whole, nowS);
  }
  const offYellow = fits.residualOf('toYellow', yellow);
  const stretch = fits.predict('yellowToFirst', offYellow);
  const sinceS = Math.max(0, nowS - yellow);
  return probe
    ? from(nowS, lengthFrom(combined(leftOf(stretch, sinceS), probe)))
    : from(yellow, lengthFrom(stretch, sinceS));
}

/** How many seconds an unmarked yellow that is overdue pushes what follows it: at the mark, nothing jumps. */
function overdueYellow(fits: Fits, nowS: number): number {
  const toYellow = fits.predict('toYellow');
  const path = (yellowS: number) =>
    yellowS + lengthFrom(fits.predict('yellowToFirst', fits.residualOf('toYellow', yellowS))).medianS;
  return Math.max(0, path(lengthFrom(toYellow, nowS).medianS) - path(lengthFrom(toYellow).medianS));
}

/** A stretch so many seconds longer, as surely known. */
function pushedBy(seconds: number, stretch: Prediction): Prediction {
  return { ...stretch, mean: Math.log(Math.exp(stretch.mean) + seconds) };
}

/** Nobody knows what is left of a stretch to less than so much, in logs. */
const LEAST_LEFT_SD = 0.05;

/** The belief in a whole stretch turned into one in what is left of it, so that a probe's opinion can join it. */
function leftOf(whole: Prediction, passedS: number): Prediction {
  const { medianS, earlyS, lateS } = lengthFrom(whole, passedS);
  const left = (seconds: number) => Math.log(Math.max(seconds - passedS, 1));
  // By the normal curve although its tails are fatter: beside a probe it then counts for less, and misses are a fiftieth smaller.
  const sd = (left(lateS) - left(earlyS)) / (2 * normalQuantile(LATE));
  return { mean: left(medianS), sd: Math.max(sd, LEAST_LEFT_SD), freedom: whole.freedom };
}

/** How far first crack lay off what was expected before the roast, in logs. */
function offFirstCrack(fits: Fits, { firstCrack }: Milestones): number {
  return firstCrack === undefined ? 0 : fits.residualOf('toFirstCrack', firstCrack);
}

/** The pull by the shade alone: medium's stretch, so much shorter or longer for another. */
function toShade(
  medium: Prediction,
  share: number,
  firstCrack: UsualSeconds,
  reached: Milestones,
  nowS: number,
): UsualSeconds {
  const scaled = { ...medium, mean: medium.mean + Math.log(share) };
  if (reached.firstCrack === undefined) return after(firstCrack, lengthFrom(scaled));
  return from(reached.firstCrack, lengthFrom(scaled, Math.max(0, nowS - reached.firstCrack)));
}

function exactly(seconds: number): UsualSeconds {
  return { medianS: seconds, earlyS: seconds, lateS: seconds };
}

function notBefore(nowS: number, usual: UsualSeconds): UsualSeconds {
  const earlyS = Math.max(usual.earlyS, nowS);
  const medianS = Math.max(usual.medianS, earlyS);
  return { earlyS, medianS, lateS: Math.max(usual.lateS, medianS, nowS + LEAST_AHEAD_S) };
}
