/** Sums over the pixels of a connected part, from which its size, middle and spread follow. */
export interface Moments {
  readonly area: number;
  readonly x: number;
  readonly y: number;
  /** Covariance of the places of its pixels. */
  readonly xx: number;
  readonly xy: number;
  readonly yy: number;
}

/** How many sums lie side by side: area, x, y, xx, xy, yy. */
export const SUMS = 6;

/** The moments of the sums that begin at `from`. */
export function momentsOf(sums: Float64Array, from: number): Moments {
  const area = sums[from] as number;
  const x = (sums[from + 1] as number) / area;
  const y = (sums[from + 2] as number) / area;
  const spread = (offset: number, product: number) => (sums[from + offset] as number) / area - product;
  // A pixel is a square, not a point: a twelfth on each axis.
  return { area, x, y, xx: spread(3, x * x) + 1 / 12, xy: spread(4, x * y), yy: spread(5, y * y) + 1 / 12 };
}

/** The area of the ellipse that has the same spread. */
export const ellipseArea = ({ xx, xy, yy }: Moments): number =>
  4 * Math.PI * Math.sqrt(Math.max(1e-9, xx * yy - xy * xy));

/** How much of the ellipse with its own spread a part fills: 1 for an ellipse, less for anything bent, holed or ragged. */
export const ellipseFill = (moments: Moments): number => moments.area / ellipseArea(moments);

/** The half axes of that ellipse, twice the spread along each, pixels, and where the longer one points, radians. */
export function axesOf({ xx, xy, yy }: Moments): {
  readonly long: number;
  readonly broad: number;
  readonly angle: number;
} {
  const middle = (xx + yy) / 2;
  const apart = Math.hypot((xx - yy) / 2, xy);
  const half = (variance: number) => 2 * Math.sqrt(Math.max(1e-9, variance));
  return { long: half(middle + apart), broad: half(middle - apart), angle: 0.5 * Math.atan2(2 * xy, xx - yy) };
}
