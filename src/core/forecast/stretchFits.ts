import type { Milestones } from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';
import { beliefs, type StretchBelief, type StretchKey, usualStretch } from './beliefs.ts';
import { type Circumstances, featuresOf, type PastRoast, placesOf } from './features.ts';
import { FREEDOM, GaussianFit, type Prediction } from './gaussianFit.ts';
import { keepingS } from './keeping.ts';
import { overdispersionOf } from './overdispersion.ts';
import { priorOf } from './prior.ts';
import { packRows, pickRows } from './rows.ts';

/** Fits of all stretches on a household's history, for one roast to come. */
export interface StretchFits {
  /** The log of a stretch's length before the roast, or given how far the earlier milestone lay off; for another shade. */
  readonly predict: (key: StretchKey, earlier?: number, shade?: ShadeNumber) => Prediction;
  /** How far a stretch that took so many seconds lies off what all earlier roasts say of it, in logs. */
  readonly residualOf: (key: StretchKey, seconds: number) => number;
  /** How far off the moment of a rule the household pulls: a standard deviation, seconds. */
  readonly keepsS: () => number;
}

/** The log of a span; undefined where an end is missing or out of order. Outside: it is asked for thousands of times. */
function logOf(from: number | undefined, to: number | undefined, share = 1): number | undefined {
  const span = from === undefined || to === undefined ? Number.NaN : to - from;
  return span >= 1 && span < Number.POSITIVE_INFINITY ? Math.log(span / share) : undefined;
}

/** Second crack comes at least so much after a pull that did not hear it, seconds. Ours. */
const UNHEARD_S = 10;

/**
 * When second crack came at the earliest in a roast that marked none, seconds from charge: after a pull to medium or lighter, and before
 * a darker one by no more than its shade goes into it. Where that is not past the method's usual, it says nothing.
 */
function notBefore({ firstCrack, pull }: Milestones, { method, shade }: Circumstances): number | undefined {
  if (firstCrack === undefined || pull === undefined) return undefined;
  const intoS = shadeOf(shade).secondCrackS;
  if (pull - intoS - firstCrack <= usualStretch(method, 'firstToSecond').medianS) return undefined;
  return intoS === 0 ? pull + UNHEARD_S : pull - intoS;
}

/** The log of a stretch's length in a roast. */
function lengthOf(key: StretchKey, reached: Milestones, roast: Circumstances): number | undefined {
  switch (key) {
    case 'toYellow':
      return logOf(0, reached.yellow);
    case 'toFirstCrack':
      return logOf(0, reached.firstCrack);
    case 'yellowToFirst':
      return logOf(reached.yellow, reached.firstCrack);
    case 'firstCrack':
      return logOf(reached.firstCrack, reached.firstCrackEnd);
    case 'firstToSecond':
      return logOf(reached.firstCrack, reached.secondCrack ?? notBefore(reached, roast));
    case 'firstToPull':
      return logOf(reached.firstCrack, reached.pull, shadeOf(roast.shade).afterCrackShare);
  }
}

/** Which milestone's deviation a stretch hears of. */
const HEARS: Partial<Record<StretchKey, 'toYellow' | 'toFirstCrack'>> = {
  yellowToFirst: 'toYellow',
  firstCrack: 'toFirstCrack',
  firstToSecond: 'toFirstCrack',
  firstToPull: 'toFirstCrack',
};

interface Fitted {
  readonly fit: GaussianFit;
  /** How far each roast of the history lay off, in its order; 0 where it has no such stretch. */
  readonly residuals: Float64Array;
  /** What the ranges of the asked gear are widened by. */
  readonly overdispersion: number;
  /** How far the asked gear lay off lately, the newest counting most. */
  readonly recentResidual: number;
}

/** What counts less than this in the fit is a slip of the record, and says nothing of how steady the gear is. */
const LEAST_WEIGHT = 0.15;

/** So many roasts tell all there is: what is still unsure after them is the next roast, not the line. */
const LEARNED_FROM = 200;

/** The roasts to learn from: those on the same gear before the others, the newest of each. */
function tellingRoasts(past: readonly PastRoast[], gearId: string): readonly PastRoast[] {
  if (past.length <= LEARNED_FROM) return past;
  const own = past.filter((roast) => roast.gearId === gearId);
  return [...own, ...past.filter((roast) => roast.gearId !== gearId)].slice(0, LEARNED_FROM);
}

/**
 * Fits what the history says of the stretches of `asked`. Stretches are fitted when they are first asked for.
 * @param history newest first
 */
export function fitStretches(history: readonly PastRoast[], asked: Circumstances): StretchFits {
  const past = tellingRoasts(history, asked.gearId);
  const places = placesOf(past, asked);
  const rows = (byEye: boolean) =>
    packRows(past.map((roast) => ({ features: featuresOf(roast, places, 0, byEye), value: 0 })));
  const known = rows(false);
  const methods = new Map([...past, asked].map((each) => [each.gearId, each.method]));
  const fits = new Map<StretchKey, Fitted>();
  let keeps: number | undefined;

  const fitted = (key: StretchKey): Fitted => {
    const fittedBefore = fits.get(key);
    if (fittedBefore) return fittedBefore;
    const heard = HEARS[key];
    const earlier = heard && fitted(heard).residuals;
    const picked: number[] = [];
    const values: number[] = [];
    for (let i = 0; i < past.length; i++) {
      const roast = past[i] as PastRoast;
      const value = lengthOf(key, roast.reached, roast);
      if (value === undefined) continue;
      picked.push(i);
      values.push(value);
    }
    const belief: StretchBelief = { ...beliefs[key], usual: usualStretch(asked.method, key) };
    const prior = priorOf(belief, asked, places, (gearId) => usualStretch(methods.get(gearId) ?? asked.method, key));
    const heardOffs = picked.map((i) => earlier?.[i] ?? 0);
    const fit = new GaussianFit(prior, pickRows(belief.eye ? rows(true) : known, picked, values, heardOffs));
    const residuals = new Float64Array(past.length);
    picked.forEach((i, k) => {
      residuals[i] = clampResidual(fit.residual(k).off);
    });
    const own = picked.flatMap((i, k) => (past[i]?.gearId === asked.gearId ? [k] : []));
    const misses = own.filter((k) => fit.residual(k).weight >= LEAST_WEIGHT).map((k) => fit.miss(k));
    const made = {
      fit,
      residuals,
      recentResidual: recentResidualOf(own.map((k) => fit.residual(k))),
      overdispersion: overdispersionOf(misses, fit.freedom),
    };
    fits.set(key, made);
    return made;
  };

  return {
    predict: (key, earlier = 0, shade = asked.shade) => {
      const { fit, overdispersion, recentResidual } = fitted(key);
      const { mean, sd, freedom } = fit.predict(
        featuresOf({ ...asked, shade }, places, clampResidual(earlier), beliefs[key].eye !== undefined),
      );
      return { mean: mean + beliefs[key].persistence * recentResidual, sd: sd * overdispersion, freedom };
    },
    residualOf: (key, seconds) =>
      Math.log(Math.max(seconds, 1)) - fitted(key).fit.predict(featuresOf(asked, places)).mean,
    keepsS: () => {
      keeps ??= keepingS(past, FREEDOM);
      return keeps;
    },
  };
}

/** Of a miss so much is told again by the roast before it. */
const FADES = 0.5;

/** Misses of one gear, newest first, drawn together: what made the last roasts slow may still be there. */
function recentResidualOf(newestFirst: readonly { readonly off: number; readonly weight: number }[]): number {
  return newestFirst.reduceRight(
    (later, { off, weight }) => FADES * later + clampResidual(off) * Math.min(1, weight),
    0,
  );
}

/** A mis-marked milestone must not carry a nonsense into what follows. */
const MOST_RESIDUAL = 0.5;
const clampResidual = (off: number) => Math.max(-MOST_RESIDUAL, Math.min(MOST_RESIDUAL, off));
