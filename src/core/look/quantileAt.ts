import { quantileSorted } from 'd3-array';

/** A quantile of ascending values, at a share from 0 to 1; undefined without any. d3 reads typed arrays too, but its types do not say so. */
export const quantileAt = (sorted: ArrayLike<number>, share: number): number | undefined =>
  quantileSorted(sorted as number[], share);
