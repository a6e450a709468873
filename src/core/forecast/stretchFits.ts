import { type MethodId, methodOf, type UsualSeconds } from '../gear/index.ts';
import type { Milestones } from '../roast/index.ts';
import { shadeOf } from '../shade/index.ts';
import {
  type Circumstances,
  featuresOf,
  type PastRoast,
  placesOf,
  priorOf,
  type StretchBelief,
  withEarlier,
} from './features.ts';
import { GaussianFit, type Observation, type Prediction } from './gaussianFit.ts';

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
  firstToPull: { noiseSd: 0.09, share: 0.8, carries: 0.5, carriesSd: 0.5 },
} as const satisfies Record<StretchKey, Omit<StretchBelief, 'usual'>>;

/** The log of a stretch's length in a roast; undefined where an end is missing or out of order. */
function lengthOf(key: StretchKey, reached: Milestones, roast: Circumstances): number | undefined {
  const span = (from: number | undefined, to: number | undefined, share = 1) =>
    from === undefined || to === undefined || to - from < 1 ? undefined : Math.log((to - from) / share);
  switch (key) {
    case 'toYellow':
      return span(0, reached.yellow);
    case 'toFirstCrack':
      return span(0, reached.firstCrack);
    case 'yellowToFirst':
      return span(reached.yellow, reached.firstCrack);
    case 'firstCrack':
      return span(reached.firstCrack, reached.firstCrackEnd);
    case 'firstToSecond':
      return span(reached.firstCrack, reached.secondCrack);
    case 'firstToPull':
      return span(reached.firstCrack, reached.pull, shadeOf(roast.shade).afterCrackShare);
  }
}

/** Which milestone's deviation a stretch hears of. */
const HEARS: Partial<Record<StretchKey, 'toYellow' | 'toFirstCrack'>> = {
  yellowToFirst: 'toYellow',
  firstCrack: 'toFirstCrack',
  firstToSecond: 'toFirstCrack',
  firstToPull: 'toFirstCrack',
};

/** Fits what the history says of the stretches of `asked`. Stretches are fitted when they are first asked for. */
export function fitStretches(past: readonly PastRoast[], asked: Circumstances): StretchFits {
  const places = placesOf(past, asked);
  const known = past.map((roast) => featuresOf(roast, places));
  const own = featuresOf(asked, places);
  const methods = new Map([...past, asked].map((each) => [each.gearId, each.method]));
  const fits = new Map<StretchKey, { fit: GaussianFit; offs: ReadonlyMap<PastRoast, number> }>();

  const fitted = (key: StretchKey): { fit: GaussianFit; offs: ReadonlyMap<PastRoast, number> } => {
    const fittedBefore = fits.get(key);
    if (fittedBefore) return fittedBefore;
    const heard = HEARS[key];
    const offs = heard ? fitted(heard).offs : new Map<PastRoast, number>();
    const used: PastRoast[] = [];
    const observations = past.flatMap((roast, i) => {
      const value = lengthOf(key, roast.reached, roast);
      if (value === undefined) return [];
      used.push(roast);
      return [{ features: withEarlier(known[i] as Observation['features'], offs.get(roast) ?? 0), value }];
    });
    const belief: StretchBelief = { ...beliefs[key], usual: usualStretch(asked.method, key) };
    const prior = priorOf(belief, asked, places, (gearId) => usualStretch(methods.get(gearId) ?? asked.method, key));
    const fit = new GaussianFit(prior, observations);
    const offsOf = new Map(used.map((roast, i) => [roast, clampOff(fit.residual(i).off)]));
    const made = { fit, offs: offsOf };
    fits.set(key, made);
    return made;
  };

  return {
    predict: (key, earlier = 0) => {
      const { mean, sd, freedom } = fitted(key).fit.predict(withEarlier(own, clampOff(earlier)));
      return { mean, sd: sd * WIDEN[asked.method], freedom };
    },
  };
}

/**
 * The line is straight in logs, gear is not: near its weakest a pan takes far longer than the line says. By how much the
 * spread must be wider or may be narrower for 80 % to mean 80 %, fitted in the backtest on its development seeds.
 */
const WIDEN = {
  hotAirPopper: 0.95,
  stovetopPopper: 0.9,
  pan: 1.15,
  oven: 0.93,
  heatGun: 0.94,
  shaken: 1,
  breadMachine: 0.91,
  smallDrum: 0.94,
  other: 1,
} as const satisfies Record<MethodId, number>;

/** A mis-marked milestone must not carry a nonsense into what follows. */
const MOST_OFF = 0.5;
const clampOff = (off: number) => Math.max(-MOST_OFF, Math.min(MOST_OFF, off));
