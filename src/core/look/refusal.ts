import { middleOf } from '../chance/index.ts';
import type { Examined } from './examined.ts';
import type { Light } from './light.ts';
import { quantileAt } from './quantiles.ts';
import { CLIPPED } from './reference.ts';

/** Why a picture is not measured. */
const refusals = [
  'noPaper',
  'tooDark',
  'glare',
  'blurred',
  'twoLights',
  'notBeans',
  'tooFew',
  'notGround',
  'notPlain',
  'paperInRing',
] as const;
/** One of `refusals`. */
export type Refusal = (typeof refusals)[number];

/** What is amiss and does not hinder: said while one aims. */
export const SHADOW_WORDS =
  'A shadow lies on the paper: move a little, so that it falls elsewhere. It can be measured as it is, from the lit part.';
/** From so much of the sheet on. */
export const SHADOW_FROM = 0.12;

/** What is wrong, and what to do about it. */
export const refusalWords = {
  noPaper:
    'No white paper found. Lay a plain white sheet beside the beans, flat, with at least two of its edges in the picture.',
  tooDark: 'Too dark. Go to a window or switch on a lamp, and take it again.',
  glare:
    'Too bright: the paper is blown out, so nothing can be compared with it. Move out of the sun, or touch the paper on the screen so that the camera measures there.',
  blurred: 'Blurred. Hold the device still, a little farther away, and let it find its focus.',
  twoLights:
    'Two kinds of light fall on the paper. Switch the lamp off or draw the curtain, so that one of them is left.',
  notBeans: 'These are not coffee beans, it seems: they are hardly brown.',
  notGround:
    'No ground coffee within the ring. Heap it up in the middle of the picture, beside the paper, so that it fills the ring.',
  notPlain:
    'What lies within the ring is not plain. Choose one colour without a pattern or a glint, such as a dull lid, and let it fill the ring.',
  paperInRing: 'The paper reaches into the ring. Put it to one side, and what is to be measured into the middle.',
  tooFew:
    'Too few clear beans. Spread out thirty or more, one layer deep, beside the paper and not on it, with gaps between them.',
} as const satisfies Record<Refusal, string>;

/** The brightest of a picture, and of its paper, linear: below it noise is as large as colour. */
const LEAST_BRIGHT = 0.1;
/** Of the paper. */
const MOST_CLIPPED = 0.25;
/** Of the picture's width: more than twice what a sharp picture has. */
const MOST_EDGE = 0.0135;
/** E-folds of red over blue across the sheet: daylight falls off evenly in all colours. */
const MOST_APART = 0.1;
const LEAST_BEANS = 10;
/** The lighter coffee is, the browner: it has so much for each L* above nearly black, at least. By common knowledge of roasted coffee. */
const LEAST_BROWN = { above: 16, each: 0.02 } as const;

/** What a picture is, apart from what lies in it. */
export type Pictured = Pick<Examined, 'light' | 'small' | 'reference' | 'edgeWidth'>;

/** Why a picture cannot be measured whatever lies in it; undefined where it can. The first that a person can mend comes first. */
export function pictureRefusal({ light, small, reference, edgeWidth }: Pictured): Refusal | undefined {
  const bright = brightestOf(small);
  if (bright < LEAST_BRIGHT) return bright < DARK ? 'tooDark' : 'noPaper';
  if (!reference) return bright > CLIPPED ? 'glare' : 'noPaper';
  if (reference.luminance < LEAST_BRIGHT) return 'tooDark';
  if (reference.clipped > MOST_CLIPPED) return 'glare';
  if (edgeWidth !== undefined && edgeWidth > MOST_EDGE * light.width) return 'blurred';
  return reference.lightsApart > MOST_APART ? 'twoLights' : undefined;
}

/** Why the beans of a picture cannot be measured; undefined where they can. */
export function refusalOf(examined: Examined): Refusal | undefined {
  const refuse = pictureRefusal(examined);
  if (refuse) return refuse;
  const { found, beans = [] } = examined;
  if (glints(examined) > MOST_GLINTS) return 'glare';
  const lightness = middleOf(beans.map((each) => each.lightness));
  const brown = middleOf(beans.map((each) => each.brown));
  if (lightness !== undefined && brown !== undefined && brown < LEAST_BROWN.each * (lightness - LEAST_BROWN.above))
    return 'notBeans';
  if (beans.length >= LEAST_BEANS) return undefined;
  return (found?.grey ?? 0) > LEAST_BEANS ? 'notBeans' : 'tooFew';
}

/** How much of the beans is as bright as the camera can say. */
function glints({ light: { r, g, b }, beans = [] }: Examined): number {
  let [all, clipped] = [0, 0];
  for (const { bean } of beans) {
    all += bean.pixels.length;
    for (const i of bean.pixels) if (Math.max(r[i] as number, g[i] as number, b[i] as number) > CLIPPED) clipped++;
  }
  return all === 0 ? 0 : clipped / all;
}
/** More is no glint here and there. */
const MOST_GLINTS = 0.05;

/** Brightness of the brightest two hundredth, linear. */
function brightestOf({ g }: Light): number {
  return quantileAt(Float32Array.from(g).sort(), 0.995) as number;
}

/** A dark table without paper is not yet darkness: in the dark nothing at all is bright. */
const DARK = 0.04;
