import { cholesky, diagonalOfInverse, forward, solve } from './cholesky.ts';
import { addRowsInPlace, type Features, type Rows, offsOf as residualsOf } from './rows.ts';

/** What is believed before any observation: a mean and standard deviation for each coefficient, and the noise. */
export interface Prior {
  readonly mean: Float64Array;
  readonly sd: Float64Array;
  /** Standard deviation of one observation around the line, and how many observations that belief is worth. */
  readonly noiseSd: number;
  readonly noiseWorth: number;
}

/** A prediction: mean and standard deviation of one observation to come, and its degrees of freedom. */
export interface Prediction {
  readonly mean: number;
  readonly sd: number;
  readonly freedom: number;
}

/** Degrees of freedom of the heavy-tailed noise: an observation far off counts the less. */
const TAIL_FREEDOM = 4;
/** A roast to come has tails as heavy as those before it. */
export const FREEDOM = TAIL_FREEDOM + 3;
/** It settles within a few passes; an absurd observation needs some more. */
const MOST_PASSES = 12;
const SETTLED = 0.01;

/**
 * Bayesian linear regression with Gaussian prior and heavy-tailed noise. The posterior is the closed Gaussian form; far
 * observations are weighted down in a few passes, and the noise is learned with an inverse-gamma prior.
 * Source: Gelman et al., Bayesian Data Analysis, 3rd ed., sections 14.8 and 17.2 (regression, t errors as weights).
 */
export class GaussianFit {
  readonly freedom = FREEDOM;
  private readonly lower: Float64Array;
  private readonly mean: Float64Array;
  private readonly noiseSd: number;
  private readonly weights: Float64Array;
  private readonly offs: Float64Array;

  constructor(
    prior: Prior,
    private readonly rows: Rows,
  ) {
    const count = rows.values.length;
    const weights = new Float64Array(count).fill(1);
    let noiseSd = prior.noiseSd;
    let lower = new Float64Array(0);
    let mean = prior.mean;
    let offs: Float64Array = new Float64Array(0);
    for (let pass = 0; pass < (count === 0 ? 1 : MOST_PASSES); pass++) {
      const { precision, right } = normalEquations(prior, rows, weights, noiseSd);
      lower = cholesky(precision, mean.length);
      mean = solve(lower, right);
      offs = residualsOf(rows, mean);
      // The weights first, by the noise as it stands, then the noise by those weights: the other way round it swings.
      let squares = prior.noiseWorth * prior.noiseSd ** 2;
      for (let i = 0; i < count; i++) {
        const off = offs[i] as number;
        const weight = (TAIL_FREEDOM + 1) / (TAIL_FREEDOM + (off / noiseSd) ** 2);
        squares += weight * off * off;
        weights[i] = weight;
      }
      const before = noiseSd;
      noiseSd = Math.sqrt(squares / Math.max(1, prior.noiseWorth + count - effectiveParameters(prior, lower)));
      if (Math.abs(noiseSd / before - 1) < SETTLED) break;
    }
    this.lower = lower;
    this.mean = mean;
    this.noiseSd = noiseSd;
    this.weights = weights;
    this.offs = offs;
  }

  /** The posterior mean of a coefficient. */
  coefficient(index: number): number {
    return this.mean[index] as number;
  }

  /** What one observation with these features will be. */
  predict(features: Features): Prediction {
    const x = new Float64Array(this.mean.length);
    let mean = 0;
    for (const [i, value] of features) {
      x[i] = (x[i] as number) + value;
      mean += value * (this.mean[i] as number);
    }
    const variance = squared(forward(this.lower, x));
    return { mean, sd: Math.sqrt(variance + this.noiseSd ** 2), freedom: this.freedom };
  }

  /** How far observation `i` lay off the line, and how much it counted, 0 to above 1. */
  residual(i: number): { readonly off: number; readonly weight: number } {
    const [off, weight] = [this.offs[i], this.weights[i]];
    if (off === undefined || weight === undefined)
      throw new RangeError(`i must be below ${this.offs.length} observations, got ${i}`);
    return { off, weight };
  }

  /**
   * By how many standard deviations observation `i` would have been missed, had it not been learned from.
   * Source: leave-one-out residuals of least squares, off / (s √(1 − h)), h the leverage.
   */
  miss(i: number): number {
    const { off, weight } = this.residual(i);
    const { starts, ends, indices, scales } = this.rows;
    const x = new Float64Array(this.mean.length);
    for (let k = starts[i] as number; k < (ends[i] as number); k++) x[indices[k] as number] = scales[k] as number;
    const leverage = (weight * squared(forward(this.lower, x))) / this.noiseSd ** 2;
    return Math.abs(off) / (this.noiseSd * Math.sqrt(Math.max(LEAST_FREE, 1 - leverage)));
  }
}

/** An observation that the line follows wholly has no miss of its own to tell. */
const LEAST_FREE = 0.05;

/** How many observations the coefficients have used up: each by how far the data, not the prior, settled it. */
function effectiveParameters({ sd }: Prior, lower: Float64Array): number {
  return diagonalOfInverse(lower, sd.length).reduce((sum, each, i) => sum + 1 - each / (sd[i] as number) ** 2, 0);
}

function normalEquations(prior: Prior, rows: Rows, weights: Float64Array, noiseSd: number) {
  const size = prior.mean.length;
  const precision = new Float64Array(size * size);
  const right = new Float64Array(size);
  for (let i = 0; i < size; i++) {
    const own = 1 / (prior.sd[i] as number) ** 2;
    precision[i * size + i] = own;
    right[i] = own * (prior.mean[i] as number);
  }
  const scaled = weights.map((weight) => weight / noiseSd ** 2);
  addRowsInPlace(rows, scaled, precision, right);
  return { precision, right };
}

function squared(values: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += (values[i] as number) ** 2;
  return sum;
}
