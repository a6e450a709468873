import { lightnessOf, luminance } from '../shade/index.ts';
import { LOOK_PIXELS } from './examined.ts';
import { lightOf, type Picture, smallerLight } from './light.ts';
import type { Look } from './look.ts';
import { PAPER_PIXELS } from './paper.ts';
import { quantileAt } from './quantiles.ts';
import { referenceOf } from './reference.ts';
import { pictureRefusal, type Refusal } from './refusal.ts';
import { edgeWidth } from './sharpness.ts';
import { type Surface, surfaceOf, warmth } from './surface.ts';

/** What is no bean is looked at within a ring in the middle of the picture, so wide, as a share of the picture's width. */
export const RING = 0.18;
/** Half of the range in which it lies four times in five, L*. Not measured: as whole beans are told. */
const HALF_RANGE = 3;

/** What lies within the ring. */
interface InRing {
  /** L* at a share of its pixels, from the darkest. */
  readonly quantile: (share: number) => number;
  /** How far from grey it is. */
  readonly warmth: number;
}

/** Common knowledge: ground coffee is browner than this, and darker than this L*; a heap of it differs by less within. */
const GROUND = { warmth: 0.2, lightness: 62, apart: 26 } as const;
/** A plain surface differs by less, L* between its tenth and its nine tenths. */
const PLAIN_APART = 12;

/** Measures ground coffee that lies within the ring, beside white paper. */
export const lookAtGround = (picture: Picture): Look =>
  lookInRing(picture, ({ quantile, warmth }) =>
    warmth > GROUND.warmth && quantile(0.5) < GROUND.lightness && quantile(0.9) - quantile(0.1) < GROUND.apart
      ? undefined
      : 'notGround',
  );

/** Measures a plain surface within the ring, beside white paper: what it reads now and later says how far the camera drifts. */
export const lookAtReference = (picture: Picture): Look =>
  lookInRing(picture, ({ quantile }) => (quantile(0.9) - quantile(0.1) < PLAIN_APART ? undefined : 'notPlain'));

function lookInRing(picture: Picture, refusalIn: (ring: InRing) => Refusal | undefined): Look {
  const light = lightOf(picture, LOOK_PIXELS);
  const small = smallerLight(light, PAPER_PIXELS);
  const reference = referenceOf(light, small);
  const surface = reference && surfaceOf(light, reference.white);
  const width = surface && edgeWidth(surface);
  const seen = { light, small, ...(reference && { reference }), ...(width !== undefined && { edgeWidth: width }) };
  const refuse = pictureRefusal(seen);
  if (refuse || !surface || !reference) return { kind: 'refused', refuse: refuse ?? 'noPaper' };
  const ring = inRing(surface, reference.isPaper);
  const wrong = ring ? refusalIn(ring) : 'paperInRing';
  if (!ring || wrong) return { kind: 'refused', refuse: wrong ?? 'paperInRing' };
  const medianL = ring.quantile(0.5);
  return {
    kind: 'measured',
    measure: { medianL, range: { least: Math.max(0, medianL - HALF_RANGE), most: medianL + HALF_RANGE }, measured: 0 },
    white: reference.white,
    beans: [],
    patches: [],
  };
}

/** What lies within the ring; undefined where the paper reaches into it. */
function inRing({ width, height, r, g, b }: Surface, isPaper: Uint8Array): InRing | undefined {
  const values: number[] = [];
  const sum = { r: 0, g: 0, b: 0 };
  const reach = (RING * width) / 2;
  const [cx, cy] = [width / 2, height / 2];
  const [top, bottom] = [Math.max(0, Math.ceil(cy - reach)), Math.min(height - 1, Math.floor(cy + reach))];
  for (let y = top; y <= bottom; y++)
    for (let x = Math.ceil(cx - reach); x <= cx + reach; x++) {
      if (Math.hypot(x - cx, y - cy) > reach) continue;
      const i = y * width + x;
      if (isPaper[i]) return undefined;
      values.push(luminance(r[i] as number, g[i] as number, b[i] as number));
      sum.r += r[i] as number;
      sum.g += g[i] as number;
      sum.b += b[i] as number;
    }
  values.sort((a, b) => a - b);
  return {
    quantile: (share) => lightnessOf(quantileAt(values, share) ?? 0),
    warmth: warmth(sum.r, sum.g, sum.b),
  };
}
