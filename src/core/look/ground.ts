import { LOOK_PIXELS } from './examined.ts';
import { lightnessOf } from './lab.ts';
import { lightOf, luminance, type Picture, smallerLight } from './light.ts';
import type { Look } from './look.ts';
import { PAPER_PIXELS, referenceOf } from './reference.ts';
import { pictureRefusal } from './refusal.ts';
import { edgeWidth } from './sharpness.ts';
import { surfaceOf, warmth } from './surface.ts';

/** Ground coffee is looked at within a ring in the middle of the picture, so wide, as a share of the picture's width. */
export const GROUND_RING = 0.18;
/** Common knowledge: ground coffee is browner than this, and darker than this L*. */
const LEAST_WARMTH = 0.2;
const MOST_LIGHTNESS = 62;
/** Within the ring, L* between its tenth and its nine tenths: more is no heap of coffee alone. */
const MOST_APART = 26;
/** Half of the range in which it lies four times in five, L*. Not measured: as whole beans are told. */
const HALF_RANGE = 3;

/** Measures ground coffee that lies within the ring in the middle of a picture, beside white paper. */
export function lookAtGround(picture: Picture): Look {
  const light = lightOf(picture, LOOK_PIXELS);
  const small = smallerLight(light, PAPER_PIXELS);
  const reference = referenceOf(light, small);
  const surface = reference && surfaceOf(light, reference.white);
  const width = surface && edgeWidth(surface);
  const seen = { light, small, ...(reference && { reference }), ...(width !== undefined && { edgeWidth: width }) };
  const refuse = pictureRefusal(seen);
  if (refuse || !surface || !reference) return { kind: 'refused', refuse: refuse ?? 'noPaper' };
  const values: number[] = [];
  const sum = { r: 0, g: 0, b: 0 };
  const reach = (GROUND_RING * light.width) / 2;
  const [cx, cy] = [light.width / 2, light.height / 2];
  let onPaper = 0;
  for (let y = Math.ceil(cy - reach); y <= cy + reach; y++)
    for (let x = Math.ceil(cx - reach); x <= cx + reach; x++) {
      if (Math.hypot(x - cx, y - cy) > reach) continue;
      const i = y * light.width + x;
      if (reference.isPaper[i]) onPaper++;
      const [r, g, b] = [surface.r[i] as number, surface.g[i] as number, surface.b[i] as number];
      values.push(luminance(r, g, b));
      sum.r += r;
      sum.g += g;
      sum.b += b;
    }
  values.sort((a, b) => a - b);
  const at = (share: number) => lightnessOf(values[Math.floor(share * (values.length - 1))] as number);
  const isCoffee =
    onPaper === 0 &&
    warmth(sum.r, sum.g, sum.b) > LEAST_WARMTH &&
    at(0.5) < MOST_LIGHTNESS &&
    at(0.9) - at(0.1) < MOST_APART;
  if (!isCoffee) return { kind: 'refused', refuse: 'notGround' };
  const medianL = at(0.5);
  return {
    kind: 'measured',
    measure: { medianL, range: { least: Math.max(0, medianL - HALF_RANGE), most: medianL + HALF_RANGE }, measured: 0 },
    white: reference.white,
    beans: [],
  };
}
