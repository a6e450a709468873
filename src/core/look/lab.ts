import { cieRoot } from '../shade/index.ts';

/** What CIE L*a*b* makes of a linear sRGB colour: L* 0 to 100, a* greenish to reddish, b* bluish to yellowish. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** CIE L*a*b* under D65 of linear sRGB, each 0 to 1. Source: IEC 61966-2-1 (to XYZ), CIE 15:2004, section 8.2.1. */
export function labOf(r: number, g: number, b: number): Lab {
  const x = cieRoot((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.95047);
  const y = cieRoot(0.2126 * r + 0.7152 * g + 0.0722 * b);
  const z = cieRoot((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.08883);
  return { l: 116 * y - 16, a: 500 * (x - y), b: 200 * (y - z) };
}
