import { normal, type Random, seededRandom } from '../src/core/chance/index.ts';
import { type Ear, type Net, slopeAt, standardised } from '../src/core/listen/index.ts';
import { CLASSES, type Examples, KEPT_OF_NOTHING } from './examples.ts';

const HIDDEN = [64, 32] as const;
const BATCH = 64;
const RATE = { first: 0.002, last: 0.0001 };
const DECAY = 1e-4;
/** What it is wrong about by no more than this teaches nothing more. */
const KNOWN = 0.003;

/** What nets learn from, standardised; all threads read one copy. */
export interface Lessons {
  readonly inputs: Float32Array;
  readonly labels: Uint8Array;
  readonly width: number;
}

/** Standardises examples: the ear as it is before it has nets, and what they are to learn from. */
export function lessonsOf(examples: Examples): { readonly ear: Ear; readonly lessons: Lessons } {
  const { means, scales } = spread(examples);
  const ear: Ear = { means, scales, nets: [], odds: [Math.log(1 / KEPT_OF_NOTHING), 0, 0] };
  const { width, labels, features } = examples;
  const inputs = new Float32Array(new SharedArrayBuffer(features.byteLength));
  for (let i = 0; i < labels.length; i++)
    inputs.set(standardised(features.subarray(i * width, (i + 1) * width), ear), i * width);
  return { ear, lessons: { inputs, labels, width } };
}

/** Learns one net. Source: Kingma & Ba, Adam, 2015. */
export function learntNet(lessons: Lessons, epochs: number, seed: number, say: (line: string) => void): Net {
  const learner = new Learner(lessons.width, seededRandom(seed));
  for (let epoch = 0; epoch < epochs; epoch++)
    say(`seed ${seed} epoch ${epoch + 1}: loss ${learner.epoch(lessons, epoch / epochs).toFixed(4)}`);
  return learner.net;
}

function spread({ features, labels, width }: Examples): { means: Float32Array; scales: Float32Array } {
  const [means, scales] = [new Float32Array(width), new Float32Array(width)];
  for (let j = 0; j < width; j++) {
    let [sum, squares] = [0, 0];
    for (let i = 0; i < labels.length; i++) {
      const value = features[i * width + j] as number;
      sum += value;
      squares += value ** 2;
    }
    means[j] = sum / labels.length;
    scales[j] = Math.sqrt(Math.max(1e-6, squares / labels.length - (means[j] as number) ** 2));
  }
  return { means, scales };
}

class Learner {
  readonly net: Net;
  readonly #sizes: readonly number[];
  readonly #random: Random;
  readonly #state: { readonly first: Float32Array; readonly second: Float32Array; readonly slope: Float32Array }[];
  #steps = 0;

  constructor(width: number, random: Random) {
    this.#random = random;
    this.#sizes = [width, ...HIDDEN, CLASSES.length];
    this.net = {
      layers: this.#sizes.slice(1).map((size, l) => {
        const from = this.#sizes[l] as number;
        return {
          weights: Float32Array.from({ length: size * from }, () => normal(random) * Math.sqrt(2 / from)),
          biases: new Float32Array(size),
        };
      }),
    };
    this.#state = this.#parameters().map(({ length }) => ({
      first: new Float32Array(length),
      second: new Float32Array(length),
      slope: new Float32Array(length),
    }));
  }

  #parameters(): Float32Array[] {
    return this.net.layers.flatMap(({ weights, biases }) => [weights, biases]);
  }

  /** Goes through all examples once in a new order; the mean loss. */
  epoch({ inputs, labels }: Lessons, gone: number): number {
    const order = Uint32Array.from(labels.keys());
    for (let i = order.length - 1; i > 0; i--) {
      const j = Math.floor(this.#random() * (i + 1));
      [order[i], order[j]] = [order[j] as number, order[i] as number];
    }
    const rate = RATE.last + (RATE.first - RATE.last) * 0.5 * (1 + Math.cos(Math.PI * gone));
    const width = this.#sizes[0] as number;
    const values = this.#sizes.map((size) => new Float32Array(size));
    const errors = this.#sizes.map((size) => new Float32Array(size));
    let loss = 0;
    order.forEach((example, n) => {
      (values[0] as Float32Array).set(inputs.subarray(example * width, (example + 1) * width));
      // A feature left out now and then keeps the net from leaning on one alone.
      for (let i = 0; i < width; i++) if (this.#random() < 0.05) (values[0] as Float32Array)[i] = 0;
      loss += this.#learn(values, errors, labels[example] as number);
      if ((n + 1) % BATCH === 0) this.#step(rate);
    });
    return loss / order.length;
  }

  #learn(values: Float32Array[], errors: Float32Array[], label: number): number {
    const last = this.net.layers.length;
    for (const [l, layer] of this.net.layers.entries())
      forward(values[l] as Float32Array, values[l + 1] as Float32Array, layer, l === last - 1);
    const out = values[last] as Float32Array;
    const most = Math.max(...out);
    const shares = out.map((score) => Math.exp(score - most));
    const all = shares.reduce((sum, each) => sum + each, 0);
    const error = errors[last] as Float32Array;
    for (let i = 0; i < out.length; i++) error[i] = (shares[i] as number) / all - (i === label ? 1 : 0);
    const loss = -Math.log((shares[label] as number) / all + 1e-9);
    if (loss < KNOWN) return loss;
    for (let l = last - 1; l >= 0; l--)
      backward(
        values[l] as Float32Array,
        errors[l] as Float32Array,
        errors[l + 1] as Float32Array,
        (this.net.layers[l] as Net['layers'][number]).weights,
        (this.#state[2 * l] as { slope: Float32Array }).slope,
        (this.#state[2 * l + 1] as { slope: Float32Array }).slope,
        l > 0,
      );
    return loss;
  }

  #step(rate: number): void {
    this.#steps++;
    const [keepFirst, keepSecond] = [0.9, 0.999];
    const scale = (rate * Math.sqrt(1 - keepSecond ** this.#steps)) / (1 - keepFirst ** this.#steps);
    this.#parameters().forEach((values, p) => {
      const { first, second, slope } = this.#state[p] as {
        first: Float32Array;
        second: Float32Array;
        slope: Float32Array;
      };
      for (let i = 0; i < values.length; i++) {
        const g = (slope[i] as number) / BATCH;
        slope[i] = 0;
        const m = keepFirst * (first[i] as number) + (1 - keepFirst) * g;
        const v = keepSecond * (second[i] as number) + (1 - keepSecond) * g * g;
        first[i] = m;
        second[i] = v;
        values[i] = (values[i] as number) * (1 - rate * DECAY) - (scale * m) / (Math.sqrt(v) + 1e-8);
      }
    });
  }
}

function forward(
  input: Float32Array,
  out: Float32Array,
  { weights, biases }: Net['layers'][number],
  last: boolean,
): void {
  const count = input.length;
  for (let j = 0, at = 0; j < out.length; j++) {
    let total = biases[j] as number;
    for (let i = 0; i < count; i++, at++) total += (weights[at] as number) * (input[i] as number);
    out[j] = last || total > 0 ? total : total * 0.1;
  }
}

function backward(
  input: Float32Array,
  inputError: Float32Array,
  error: Float32Array,
  weights: Float32Array,
  slope: Float32Array,
  biasSlope: Float32Array,
  needed: boolean,
): void {
  const count = input.length;
  if (needed) inputError.fill(0);
  for (let j = 0, at = 0; j < error.length; j++) {
    const e = error[j] as number;
    biasSlope[j] = (biasSlope[j] as number) + e;
    for (let i = 0; i < count; i++, at++) {
      slope[at] = (slope[at] as number) + e * (input[i] as number);
      if (needed) inputError[i] = (inputError[i] as number) + e * (weights[at] as number);
    }
  }
  if (needed) for (let i = 0; i < count; i++) inputError[i] = (inputError[i] as number) * slopeAt(input[i] as number);
}
