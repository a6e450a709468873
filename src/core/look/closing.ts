import type { Size } from './light.ts';

/** The plane with dark lines and spots narrower than `2 * radius + 1` pixels filled from their sides: a bean's crease. */
export function closed(values: Float32Array, size: Size, radius: number): Float32Array {
  const out = spreadOut(values, size, radius);
  // The smallest is the largest of what is turned over.
  turnOver(out);
  const back = spreadOut(out, size, radius);
  turnOver(back);
  return back;
}

function turnOver(values: Float32Array): void {
  for (let i = 0; i < values.length; i++) values[i] = -(values[i] as number);
}

/** The largest of each pixel's square, by the plain walk: the squares are small. */
function spreadOut(values: Float32Array, { width, height }: Size, radius: number): Float32Array {
  const across = values.slice();
  for (let k = 1; k <= radius; k++)
    for (let y = 0; y < height; y++) outdo(across, values, { from: y * width, to: (y + 1) * width - k, step: k });
  const out = across.slice();
  for (let k = 1; k <= radius; k++) outdo(out, across, { from: 0, to: width * (height - k), step: k * width });
  return out;
}

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly step: number;
}

/** Lets each value of a stretch and the one a step further on outdo each other. */
function outdo(out: Float32Array, values: Float32Array, { from, to, step }: Stretch): void {
  for (let i = from; i < to; i++) {
    const far = values[i + step] as number;
    const near = values[i] as number;
    if (far > (out[i] as number)) out[i] = far;
    if (near > (out[i + step] as number)) out[i + step] = near;
  }
}
