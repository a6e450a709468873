/** One observation: its few features as pairs of index and value, and what was observed. */
export interface Observation {
  readonly features: readonly (readonly [number, number])[];
  readonly value: number;
}

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
const PASSES = 3;

/**
 * Bayesian linear regression with Gaussian prior and heavy-tailed noise. The posterior is the closed Gaussian form; far
 * observations are weighted down in a few passes, and the noise is learned with an inverse-gamma prior.
 * Source: Gelman et al., Bayesian Data Analysis, 3rd ed., sections 14.8 and 17.2 (regression, t errors as weights).
 */
export class GaussianFit {
  private readonly lower: Float64Array;
  private readonly mean: Float64Array;
  private readonly noiseSd: number;
  private readonly freedom: number;
  private readonly weights: Float64Array;

  constructor(
    prior: Prior,
    private readonly observations: readonly Observation[],
  ) {
    const size = prior.mean.length;
    const weights = new Float64Array(observations.length).fill(1);
    let noiseSd = prior.noiseSd;
    let lower = new Float64Array(0);
    let mean = prior.mean;
    for (let pass = 0; pass < (observations.length === 0 ? 1 : PASSES); pass++) {
      const { precision, right } = normalEquations(prior, observations, weights, noiseSd);
      lower = cholesky(precision, size);
      mean = solve(lower, right, size);
      let squares = prior.noiseWorth * prior.noiseSd ** 2;
      observations.forEach((observation, i) => {
        const off = observation.value - dot(observation.features, mean);
        squares += (weights[i] as number) * off * off;
        weights[i] = (TAIL_FREEDOM + 1) / (TAIL_FREEDOM + (off / noiseSd) ** 2);
      });
      const free = Math.max(1, prior.noiseWorth + observations.length - spent(prior, lower));
      noiseSd = Math.sqrt(squares / free);
    }
    this.lower = lower;
    this.mean = mean;
    this.noiseSd = noiseSd;
    // A roast to come has tails as heavy as those before it.
    this.freedom = TAIL_FREEDOM + 3;
    this.weights = weights;
  }

  /** The posterior mean of a coefficient. */
  coefficient(index: number): number {
    return this.mean[index] as number;
  }

  /** What one observation with these features will be. */
  predict(features: Observation['features']): Prediction {
    const size = this.mean.length;
    const x = new Float64Array(size);
    for (const [i, value] of features) x[i] = (x[i] as number) + value;
    const half = forward(this.lower, x, size);
    const variance = half.reduce((sum, each) => sum + each * each, 0);
    return { mean: dot(features, this.mean), sd: Math.sqrt(variance + this.noiseSd ** 2), freedom: this.freedom };
  }

  /** How far observation `i` lay off the line, and how much it counted, 0 to above 1. */
  residual(i: number): { readonly off: number; readonly weight: number } {
    const observation = this.observations[i];
    if (!observation) throw new RangeError(`i must be below ${this.observations.length} observations, got ${i}`);
    return { off: observation.value - dot(observation.features, this.mean), weight: this.weights[i] as number };
  }
}

/** How many observations the coefficients have used up: each by how far the data, not the prior, settled it. */
function spent({ sd }: Prior, lower: Float64Array): number {
  const size = sd.length;
  let sum = 0;
  const unit = new Float64Array(size);
  for (let i = 0; i < size; i++) {
    unit.fill(0)[i] = 1;
    const variance = forward(lower, unit, size).reduce((total, each) => total + each * each, 0);
    sum += 1 - variance / (sd[i] as number) ** 2;
  }
  return sum;
}

function normalEquations(prior: Prior, observations: readonly Observation[], weights: Float64Array, noiseSd: number) {
  const size = prior.mean.length;
  const precision = new Float64Array(size * size);
  const right = new Float64Array(size);
  for (let i = 0; i < size; i++) {
    const own = 1 / (prior.sd[i] as number) ** 2;
    precision[i * size + i] = own;
    right[i] = own * (prior.mean[i] as number);
  }
  // Plain loops over pairs: destructuring here costs more than the arithmetic.
  for (let at = 0; at < observations.length; at++) {
    const { features, value } = observations[at] as Observation;
    const weight = (weights[at] as number) / noiseSd ** 2;
    for (let a = 0; a < features.length; a++) {
      const first = features[a] as readonly [number, number];
      const [i, scaled] = [first[0], weight * first[1]];
      right[i] = (right[i] as number) + scaled * value;
      for (let b = 0; b < features.length; b++) {
        const second = features[b] as readonly [number, number];
        const cell = i * size + second[0];
        precision[cell] = (precision[cell] as number) + scaled * second[1];
      }
    }
  }
  return { precision, right };
}

/** Lower factor L with L·Lᵀ = matrix, row by row. Source: Golub & Van Loan, Matrix Computations, 4th ed., algorithm 4.2.1. */
function cholesky(matrix: Float64Array, size: number): Float64Array<ArrayBuffer> {
  const lower = new Float64Array(size * size);
  for (let i = 0; i < size; i++)
    for (let j = 0; j <= i; j++) {
      let sum = matrix[i * size + j] as number;
      for (let k = 0; k < j; k++) sum -= (lower[i * size + k] as number) * (lower[j * size + k] as number);
      lower[i * size + j] = i === j ? Math.sqrt(sum) : sum / (lower[j * size + j] as number);
    }
  return lower;
}

function forward(lower: Float64Array, right: Float64Array, size: number): Float64Array {
  const out = new Float64Array(size);
  for (let i = 0; i < size; i++) {
    let sum = right[i] as number;
    for (let k = 0; k < i; k++) sum -= (lower[i * size + k] as number) * (out[k] as number);
    out[i] = sum / (lower[i * size + i] as number);
  }
  return out;
}

function solve(lower: Float64Array, right: Float64Array, size: number): Float64Array<ArrayBuffer> {
  const half = forward(lower, right, size);
  const out = new Float64Array(size);
  for (let i = size - 1; i >= 0; i--) {
    let sum = half[i] as number;
    for (let k = i + 1; k < size; k++) sum -= (lower[k * size + i] as number) * (out[k] as number);
    out[i] = sum / (lower[i * size + i] as number);
  }
  return out;
}

function dot(features: Observation['features'], mean: Float64Array): number {
  let sum = 0;
  for (let a = 0; a < features.length; a++) {
    const pair = features[a] as readonly [number, number];
    sum += pair[1] * (mean[pair[0]] as number);
  }
  return sum;
}
