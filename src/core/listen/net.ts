/** A small net: standardised features in, through leaky hidden layers, to a score for each class. */
export interface Net {
  readonly layers: readonly { readonly weights: Float32Array; readonly biases: Float32Array }[];
}

/** What the ear knows: how features are standardised, its nets, and how much commoner noises are than cracks. */
export interface Ear {
  readonly means: Float32Array;
  readonly scales: Float32Array;
  readonly nets: readonly Net[];
  /** Added to the scores of nothing, first and second crack: training sees fewer noises than a kitchen makes. */
  readonly odds: readonly number[];
}

/** Features beyond so many standard deviations say no more. */
const CLIP = 4;
const LEAK = 0.1;

/** Standardised and clipped; a feature that is no number stands in the middle. */
export function standardised(features: Float32Array, { means, scales }: Ear): Float32Array {
  return features.map((value, i) => {
    const z = (value - (means[i] as number)) / (scales[i] as number);
    return Number.isFinite(z) ? Math.max(-CLIP, Math.min(CLIP, z)) : 0;
  });
}

/** What a layer makes of its input. */
function throughLayer(input: Float32Array, { weights, biases }: Net['layers'][number], last: boolean): Float32Array {
  const out = new Float32Array(biases);
  const count = input.length;
  for (let j = 0; j < out.length; j++) {
    let total = out[j] as number;
    for (let i = 0, at = j * count; i < count; i++, at++) total += (weights[at] as number) * (input[i] as number);
    out[j] = last || total > 0 ? total : LEAK * total;
  }
  return out;
}

/** The slope of a hidden unit, for training. */
export const slopeAt = (activation: number): number => (activation > 0 ? 1 : LEAK);

/** Probabilities of nothing, first and second crack, as the mean of the nets. */
export function judged(features: Float32Array, ear: Ear): readonly [number, number, number] {
  const input = standardised(features, ear);
  const mean = [0, 0, 0];
  for (const net of ear.nets) {
    let values = input;
    net.layers.forEach((layer, i) => {
      values = throughLayer(values, layer, i === net.layers.length - 1);
    });
    const scores = [...values].map((score, i) => score + (ear.odds[i] ?? 0));
    const most = Math.max(...scores);
    const shares = scores.map((score) => Math.exp(score - most));
    const all = shares.reduce((sum, each) => sum + each, 0);
    shares.forEach((share, i) => {
      mean[i] = (mean[i] as number) + share / all / ear.nets.length;
    });
  }
  return mean as unknown as [number, number, number];
}
