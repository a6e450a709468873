import { median } from 'd3-array';
import type { Bean, Found } from './beans.ts';
import { candidatesIn, shareAround } from './candidates.ts';
import type { BeanMeasured } from './measured.ts';
import type { Moments } from './moments.ts';
import { Sweeper } from './parts.ts';
import { type Surface, warmth } from './surface.ts';

/** Where beans are scorched. */
export interface Patches {
  /** The measured beans that have a patch. */
  readonly on: ReadonlySet<Bean>;
  /** Patches of beans that were not clear enough to be measured: a patch breaks the outline that a bean is known by. */
  readonly besides: readonly Moments[];
}

/** Char is so much less brown than the beans, as a share, and so much darker, L*. */
const LESS_BROWN = 0.75;
const DARKER = 6;
/** A patch as a share of the usual bean: smaller is no scorch, larger no patch. */
const LEAST_SHARE = 0.06;
const MOST_SHARE = 0.6;
/** So far around it bean has to lie, looked at so many radii from its middle: a gap between beans on grey ground is no patch. */
const BEAN_AROUND = 0.6;
const AROUND = 1.5;
/** Steps of brownness in which patches are looked for, of which grey has none and beans about thirty. */
const STEPS = 30;
const STEP = 1.5;
/** Darker than this a pixel has no colour to speak of, linear. */
const LEAST_LIGHT = 0.004;

/** Patches that are dark and grey at once, round, with bean about them; `isOut` is 1 where none can be. */
export function scorchedPatches(
  surface: Surface,
  { beans, like }: Found,
  measured: readonly BeanMeasured[],
  isOut: Uint8Array,
): Patches {
  const on = new Set<Bean>();
  const besides: Moments[] = [];
  const area = median(beans, (bean) => bean.area);
  const plain = median(measured, (bean) => bean.plain);
  const brown = median(measured, (bean) => bean.brown);
  if (!like || area === undefined || plain === undefined || brown === undefined) return { on, besides };
  const beanAt = new Int32Array(like.length).fill(-1);
  for (const [n, { pixels }] of beans.entries()) for (const i of pixels) beanAt[i] = n;
  const isBean = (i: number) => beanAt[i] !== -1 || (like[i] as number) > 0;
  const sweeper = new Sweeper(surface.width, surface.height, isOut);
  const found = candidatesIn(sweeper, browns(surface), surface, STEP, [1])
    .filter((each) => each.area > LEAST_SHARE * area && each.area < MOST_SHARE * area)
    .sort((a, b) => b.score - a.score);
  const taken = new Uint8Array(like.length);
  for (const each of found) {
    const pixels = sweeper.pixelsOf(each.plane, each);
    if (pixels.some((i) => taken[i]) || !isChar(pixels, surface, plain - DARKER, LESS_BROWN * brown)) continue;
    if (shareAround(each, AROUND, surface, isBean) < BEAN_AROUND) continue;
    for (const i of pixels) taken[i] = 1;
    const bean = beans[beanAt[each.seed] as number];
    if (bean) on.add(bean);
    else besides.push(each);
  }
  return { on, besides };
}

function isChar(pixels: Int32Array, { l, r, g, b }: Surface, darkest: number, brownest: number): boolean {
  const mean = (plane: Float32Array) => pixels.reduce((sum, i) => sum + (plane[i] as number), 0) / pixels.length;
  return mean(l) < darkest && warmth(mean(r), mean(g), mean(b)) < brownest;
}

/** How brown each pixel is for its brightness: char and shadow differ here, which are both dark. */
function browns({ r, g, b }: Surface): Float32Array {
  const out = new Float32Array(r.length);
  for (let i = 0; i < out.length; i++) {
    const share = warmth(r[i] as number, g[i] as number, b[i] as number, LEAST_LIGHT);
    out[i] = STEPS * Math.max(0, Math.min(2, share));
  }
  return out;
}
