import type { Ear } from './net.ts';

/** An ear as it is stored: plain numbers. */
export interface StoredEar {
  readonly means: readonly number[];
  readonly scales: readonly number[];
  readonly odds: readonly number[];
  readonly nets: readonly (readonly { readonly weights: readonly number[]; readonly biases: readonly number[] }[])[];
}

/** Reads a stored ear. */
export function readEar({ means, scales, odds, nets }: StoredEar): Ear {
  return {
    means: Float32Array.from(means),
    scales: Float32Array.from(scales),
    odds,
    nets: nets.map((layers) => ({
      layers: layers.map(({ weights, biases }) => ({
        weights: Float32Array.from(weights),
        biases: Float32Array.from(biases),
      })),
    })),
  };
}

/** An ear as it is stored, to four digits: more are noise. */
export function storedEar({ means, scales, odds, nets }: Ear): StoredEar {
  return {
    means: rounded(means),
    scales: rounded(scales),
    odds,
    nets: nets.map(({ layers }) =>
      layers.map(({ weights, biases }) => ({ weights: rounded(weights), biases: rounded(biases) })),
    ),
  };
}

const rounded = (numbers: Float32Array) => Array.from(numbers, (each) => Number(each.toPrecision(4)));
