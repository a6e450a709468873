import { cieRoot, luminance } from '../shade/index.ts';

/** What CIE L*a*b* makes of a linear sRGB colour: L* 0 to 100, a* greenish to reddish, b* bluish to yellowish. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** The table of roots has so many steps for each whole number, and reaches so far: white is 1, glints lie beyond. */
const STEPS = 16_384;
const REACH = 2;
const ROOTS = Float64Array.from({ length: REACH * STEPS + 1 }, (_, k) => cieRoot(k / STEPS));

/** `cieRoot` by a table, within 0.001 L* of it: a picture asks millions of times. */
function quickRoot(t: number): number {
  if (!(t >= 0 && t < REACH)) return cieRoot(t);
  const place = t * STEPS;
  const k = place | 0;
  const root = ROOTS[k] as number;
  return root + ((ROOTS[k + 1] as number) - root) * (place - k);
}

/** CIE L* of a luminance, 0 to 1, within 0.001. Source: CIE 15:2004, section 8.2.1. */
export const quickLightness = (y: number): number => 116 * quickRoot(y) - 16;

/** CIE L*a*b* under D65 of linear sRGB, each 0 to 1. Source: IEC 61966-2-1 (to XYZ), CIE 15:2004, section 8.2.1. */
export function labOf(r: number, g: number, b: number): Lab {
  const x = quickRoot((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.95047);
  const y = quickRoot(luminance(r, g, b));
  const z = quickRoot((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.08883);
  return { l: 116 * y - 16, a: 500 * (x - y), b: 200 * (y - z) };
}
