import { normalCdf, normalQuantile } from '../chance/index.ts';
import type { UsualSeconds } from '../gear/index.ts';
import type { Prediction } from './gaussianFit.ts';

/** A range of 80 % leaves a tenth to either side. */
export const EARLY = 0.1;
/** The late end of an 80 % range, as a share of all outcomes. */
export const LATE = 0.9;

/**
 * The length of a stretch whose log is predicted, given that it has lasted `passedS` already without ending: median and
 * 80 % range, seconds. What has passed is cut off the distribution, not only off its ends.
 */
export function lengthFrom(prediction: Prediction, passedS = 0): UsualSeconds {
  const below = passedS > 0 ? shareBelow(prediction, Math.log(passedS)) : 0;
  // Past nearly the whole distribution the cut has no figures left; then it may be any moment.
  const held = Math.min(below, 0.9999);
  const quantile = (share: number) => Math.max(passedS, Math.exp(quantileOf(prediction, held + share * (1 - held))));
  return { medianS: quantile(0.5), earlyS: quantile(EARLY), lateS: quantile(LATE) };
}

/** Quantile of the predicted log. Student's t by its first-order correction to the normal (Fisher & Cornish 1960). */
function quantileOf({ mean, sd, freedom }: Prediction, share: number): number {
  return mean + sd * studentQuantile(share, freedom);
}

function studentQuantile(share: number, freedom: number): number {
  const z = normalQuantile(share);
  return z + (z ** 3 + z) / (4 * freedom);
}

/** How far the ends of a range lie from its middle, in standard deviations. */
export function rangeEdge(freedom: number): number {
  return studentQuantile(LATE, freedom);
}

function shareBelow({ mean, sd, freedom }: Prediction, log: number): number {
  // The correction above turned round: the one real root of z³ + (4ν + 1) z − 4ν t = 0, by Cardano.
  const half = (2 * freedom * (log - mean)) / sd;
  const root = Math.sqrt(half ** 2 + ((4 * freedom + 1) / 3) ** 3);
  return normalCdf(Math.cbrt(half + root) + Math.cbrt(half - root));
}

/** Two independent beliefs about the same log, each counting by its precision. */
export function combined(a: Prediction, b: Prediction): Prediction {
  const [wa, wb] = [1 / a.sd ** 2, 1 / b.sd ** 2];
  return {
    mean: (wa * a.mean + wb * b.mean) / (wa + wb),
    sd: Math.sqrt(1 / (wa + wb)),
    freedom: Math.max(a.freedom, b.freedom),
  };
}

/** A stretch after a point that is not known yet itself: medians add, spreads add as variances of seconds. */
export function after(point: UsualSeconds, stretch: UsualSeconds): UsualSeconds {
  const medianS = point.medianS + stretch.medianS;
  const apart = (end: 'earlyS' | 'lateS') => Math.hypot(point[end] - point.medianS, stretch[end] - stretch.medianS);
  return { medianS, earlyS: medianS - apart('earlyS'), lateS: medianS + apart('lateS') };
}

/** A stretch after a moment that is known. */
export function from(atS: number, stretch: UsualSeconds, share = 1): UsualSeconds {
  return {
    medianS: atS + stretch.medianS * share,
    earlyS: atS + stretch.earlyS * share,
    lateS: atS + stretch.lateS * share,
  };
}
