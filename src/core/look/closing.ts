import type { Size } from './light.ts';

/** The plane with dark lines and spots narrower than `2 * radius + 1` pixels filled from their sides: a bean's crease. */
export function closed(values: Float32Array, size: Size, radius: number): Float32Array {
  return extreme(extreme(values, size, radius, 1), size, radius, -1);
}

/** The largest (`sign` 1) or smallest (-1) of each pixel's square, by the plain walk: the squares are small. */
function extreme(values: Float32Array, { width, height }: Size, radius: number, sign: 1 | -1): Float32Array {
  const across = values.slice();
  for (let k = 1; k <= radius; k++)
    for (let y = 0; y < height; y++) outdo(across, values, { from: y * width, to: (y + 1) * width - k, step: k }, sign);
  const out = across.slice();
  for (let k = 1; k <= radius; k++) outdo(out, across, { from: 0, to: width * (height - k), step: k * width }, sign);
  return out;
}

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly step: number;
}

/** Lets each value of a stretch and the one a step further on outdo each other. */
function outdo(out: Float32Array, values: Float32Array, { from, to, step }: Stretch, sign: 1 | -1): void {
  for (let i = from; i < to; i++) {
    const far = i + step;
    if (sign * (values[far] as number) > sign * (out[i] as number)) out[i] = values[far] as number;
    if (sign * (values[i] as number) > sign * (out[far] as number)) out[far] = values[i] as number;
  }
}
