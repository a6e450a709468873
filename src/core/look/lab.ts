/** What CIE L*a*b* makes of a linear sRGB colour: L* 0 to 100, a* greenish to reddish, b* bluish to yellowish. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

const STEPS = 4096;
/** CIE 15, the cube root with its straight foot, as a table over 0 to 1: a photo asks millions of times. */
const ROOT = Float32Array.from({ length: STEPS + 2 }, (_, i) => {
  const t = i / STEPS;
  return t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116;
});
// The foot is straight but the bend behind it is sharp: between steps it is read off a line.
function root(t: number): number {
  if (t >= 1) return Math.cbrt(t);
  const at = Math.max(0, t) * STEPS;
  const i = Math.floor(at);
  const low = ROOT[i] as number;
  return low + ((ROOT[i + 1] as number) - low) * (at - i);
}

/** CIE L*a*b* under D65 of linear sRGB, each 0 to 1. Source: IEC 61966-2-1 (to XYZ), CIE 15:2004, section 8.2.1. */
export function labOf(r: number, g: number, b: number): Lab {
  const x = root((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.95047);
  const y = root(0.2126 * r + 0.7152 * g + 0.0722 * b);
  const z = root((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.08883);
  return { l: 116 * y - 16, a: 500 * (x - y), b: 200 * (y - z) };
}

/** CIE L* of a luminance, 0 to 1. Source: CIE 15:2004, section 8.2.1. */
export const lightnessOf = (y: number): number => 116 * root(y) - 16;

/** The luminance, 0 to 1, that has a lightness; the other way round. */
export const luminanceOf = (lightness: number): number =>
  lightness > 8 ? ((lightness + 16) / 116) ** 3 : (lightness * 27) / 24389;
