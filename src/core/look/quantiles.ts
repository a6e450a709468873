import { quantileSorted, quickselect } from 'd3-array';

/** A quantile of ascending values, at a share from 0 to 1; undefined without any. d3 reads typed arrays too, but its types do not say so. */
export const quantileAt = (sorted: ArrayLike<number>, share: number): number | undefined =>
  quantileSorted(sorted as number[], share);

/** The same of values in any order, which it moves: quicker than to sort them all. */
export function quantileAmong(values: Float32Array, share: number): number | undefined {
  if (values.length === 0) return undefined;
  const place = share * (values.length - 1);
  const k = Math.floor(place);
  quickselect(values as unknown as number[], k);
  const least = values[k] as number;
  let next = Number.POSITIVE_INFINITY;
  for (let i = k + 1; i < values.length; i++) if ((values[i] as number) < next) next = values[i] as number;
  return place === k ? least : least + (next - least) * (place - k);
}

/** The values of a plane at some of its pixels. */
export function valuesAt(plane: Float32Array, pixels: Int32Array): Float32Array {
  const out = new Float32Array(pixels.length);
  for (let k = 0; k < pixels.length; k++) out[k] = plane[pixels[k] as number] as number;
  return out;
}
