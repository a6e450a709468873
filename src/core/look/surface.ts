import { luminance } from '../shade/index.ts';
import { labOf, quickLightness } from './lab.ts';
import type { Light } from './light.ts';
import { smoothed } from './smoothed.ts';

/** What white paper is, L*: office paper by common knowledge, 94 to 95. */
export const PAPER_LIGHTNESS = 94.5;

/** A picture with the light taken out, smoothed a little: what its surfaces are, as the paper shows it. */
export interface Surface {
  readonly width: number;
  readonly height: number;
  /** CIE L*. */
  readonly l: Float32Array;
  /** How brown, 0.7 a* + 0.7 b*: roasted coffee lies along that line. */
  readonly brown: Float32Array;
  /** L* of red less blue: a glint adds as much to the one as to the other. */
  readonly matt: Float32Array;
  /** Linear light, 1 for white. */
  readonly r: Float32Array;
  readonly g: Float32Array;
  readonly b: Float32Array;
}

/** White in the light of a picture, each colour, linear. */
export interface White {
  readonly r: number;
  readonly g: number;
  readonly b: number;
}

type Planes = [Float32Array, Float32Array, Float32Array];

/** The picture as it would be under the lamp that makes its paper white. */
export function surfaceOf(light: Light, white: White): Surface {
  const { width, height } = light;
  const [r, g, b] = (['r', 'g', 'b'] as const).map((key) => twice(light[key], width, 1 / white[key])) as Planes;
  const l = new Float32Array(r.length);
  const brown = new Float32Array(r.length);
  const matt = new Float32Array(r.length);
  // Cameras write colour in a quarter of the pixels: it is read from a wider round than brightness.
  const [r2, g2, b2] = [r, g, b].map((plane) => twice(plane, width)) as Planes;
  for (let i = 0; i < r.length; i++) {
    l[i] = quickLightness(luminance(r[i] as number, g[i] as number, b[i] as number));
    const { a, b: yellow } = labOf(r2[i] as number, g2[i] as number, b2[i] as number);
    brown[i] = 0.7 * a + 0.7 * yellow;
    matt[i] = quickLightness(Math.max(0, (r2[i] as number) - (b2[i] as number)));
  }
  return { width, height, l, brown, matt, r, g, b };
}

/** (R - B) / Y of linear light: how far from grey, the same in light and in shade; less where Y is below `leastLight`. */
export const warmth = (r: number, g: number, b: number, leastLight = 1e-4): number =>
  (r - b) / Math.max(leastLight, luminance(r, g, b));

const twice = (plane: Float32Array, width: number, by = 1): Float32Array => smoothed(smoothed(plane, width, by), width);
