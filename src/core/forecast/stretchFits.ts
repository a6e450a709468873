import { type MethodId, methodOf, type UsualSeconds } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';
import { shadeOf } from '../shade/index.ts';
import { type Circumstances, featuresOf, type PastRoast, placesOf, priorOf, type StretchBelief } from './features.ts';
import { GaussianFit, type Prediction } from './gaussianFit.ts';
import { loosenessOf } from './looseness.ts';
import { packRows, pickRows } from './rows.ts';

/** The stretches that are learned, each as the log of its length. */
export type StretchKey = 'toYellow' | 'toFirstCrack' | 'yellowToFirst' | 'firstCrack' | 'firstToSecond' | 'firstToPull';

/** Fits of all stretches on a household's history, for one roast to come. */
export interface StretchFits {
  /** The log of a stretch's length before the roast, or given how far the earlier milestone lay off. */
  readonly predict: (key: StretchKey, earlier?: number) => Prediction;
}

/** Shares of medium's time after first crack; first crack's end as common roasting knowledge has it. */
const FIRST_CRACK_END_SHARE = 0.8;
const SECOND_CRACK_SHARE = 1.35;
/** What the gear's own range says of stretches after first crack is mostly about its pace before; this part is left. */
const AFTER_RANGE = 1;

/** Usual length of a stretch on a method (handbook, table 4). */
export function usualStretch(method: MethodId, key: StretchKey): UsualSeconds {
  const { yellow, firstCrack, pull } = methodOf(method);
  const between = (a: UsualSeconds, b: UsualSeconds, share = 1): UsualSeconds => {
    const medianS = (b.medianS - a.medianS) * share;
    const spread = ((b.lateS / b.earlyS) ** 0.5) ** AFTER_RANGE;
    return { medianS, earlyS: medianS / spread, lateS: medianS * spread };
  };
  switch (key) {
    case 'toYellow':
      return yellow;
    case 'toFirstCrack':
      return firstCrack;
    case 'yellowToFirst':
      return between(yellow, firstCrack);
    case 'firstCrack':
      return between(firstCrack, pull, FIRST_CRACK_END_SHARE);
    case 'firstToSecond':
      return between(firstCrack, pull, SECOND_CRACK_SHARE);
    case 'firstToPull':
      return between(firstCrack, pull);
  }
}

const beliefs = {
  toYellow: { noiseSd: 0.07, share: 0.9, carries: 0, carriesSd: 0.01 },
  toFirstCrack: { noiseSd: 0.065, share: 1, carries: 0, carriesSd: 0.01 },
  yellowToFirst: { noiseSd: 0.09, share: 1.1, carries: 0.6, carriesSd: 0.5 },
  firstCrack: { noiseSd: 0.2, share: 0.8, carries: 0.5, carriesSd: 0.5 },
  firstToSecond: { noiseSd: 0.13, share: 0.9, carries: 0.6, carriesSd: 0.5 },
  firstToPull: { noiseSd: 0.12, share: 0.8, carries: 0.5, carriesSd: 0.5 },
} as const satisfies Record<StretchKey, Omit<StretchBelief, 'usual'>>;

/** The log of a span; undefined where an end is missing or out of order. Outside: it is asked for thousands of times. */
function logOf(from: number | undefined, to: number | undefined, share = 1): number | undefined {
  return from === undefined || to === undefined || to - from < 1 ? undefined : Math.log((to - from) / share);
}

/** Second crack comes at least so much after a pull that did not hear it, seconds. Ours. */
const UNHEARD_S = 10;

/**
 * A roast to medium or lighter that was pulled past its method's usual second crack, with none marked, says that here it
 * comes later than usual; one that was pulled earlier says nothing.
 */
function notBefore({ firstCrack, pull }: Milestones, { method, shade }: Circumstances): number | undefined {
  if (firstCrack === undefined || pull === undefined || shade > 4) return undefined;
  return pull - firstCrack > usualStretch(method, 'firstToSecond').medianS ? pull + UNHEARD_S : undefined;
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
  readonly offs: Float64Array;
  /** What the ranges of the asked gear are widened by. */
  readonly looseness: number;
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
  const known = packRows(past.map((roast) => ({ features: featuresOf(roast, places), value: 0 })));
  const methods = new Map([...past, asked].map((each) => [each.gearId, each.method]));
  const fits = new Map<StretchKey, Fitted>();

  const fitted = (key: StretchKey): Fitted => {
    const fittedBefore = fits.get(key);
    if (fittedBefore) return fittedBefore;
    const heard = HEARS[key];
    const earlier = heard && fitted(heard).offs;
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
    const fit = new GaussianFit(prior, pickRows(known, picked, values, heardOffs));
    const offs = new Float64Array(past.length);
    picked.forEach((i, k) => {
      offs[i] = clampOff(fit.residual(k).off);
    });
    const misses: number[] = [];
    for (let k = 0; k < picked.length; k++)
      if (past[picked[k] as number]?.gearId === asked.gearId && fit.residual(k).weight >= LEAST_WEIGHT)
        misses.push(fit.miss(k));
    const made = { fit, offs, looseness: loosenessOf(misses, fit.freedom) };
    fits.set(key, made);
    return made;
  };

  return {
    predict: (key, earlier = 0) => {
      const { fit, looseness } = fitted(key);
      const { mean, sd, freedom } = fit.predict(featuresOf(asked, places, clampOff(earlier)));
      return { mean, sd: sd * looseness, freedom };
    },
  };
}

/** A mis-marked milestone must not carry a nonsense into what follows. */
const MOST_OFF = 0.5;
const clampOff = (off: number) => Math.max(-MOST_OFF, Math.min(MOST_OFF, off));
