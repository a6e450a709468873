import { deviation } from 'd3-array';
import { middleOf } from '../chance/index.ts';
import type { BeanMeasured } from './measured.ts';
import type { Patches } from './patches.ts';

/** What a picture tells of its beans; shares are from 0 to 1, and absent where they are not surely told. */
export interface Measure {
  /** CIE L* of the matt surface, median of the beans, and where it lies four times in five. */
  readonly medianL: number;
  readonly range: { readonly least: number; readonly most: number };
  /** How far beans differ, L*, standard deviation. */
  readonly spreadL?: number;
  readonly paleShare?: number;
  readonly scorchedShare?: number;
  /** How many beans were measured, of about how many that lie there. */
  readonly measured: number;
  readonly beans?: number;
}

/** Lighter than the middle by so much is pale, L*. */
export const PALE_BY = 9;
/** More than so many are not pale ones among the rest: the light falls in two, or two batches lie there. */
const MOST_PALE = 0.25;
/** Below it char and bean are one darkness, L*. */
const SCORCH_SEEN_FROM = 24;
/** So many beans tell how they differ. */
const ENOUGH = 28;
/** Where more lie there than twice those that were clear, nobody can say how many. */
const MOST_HIDDEN = 2;

/** What beans tell that were measured, at least two, of `about` so many that lie there, with the scorched patches seen. */
export function measureOf(beans: readonly BeanMeasured[], about: number | undefined, patches: Patches): Measure {
  const medianL = middleOf(beans.map(({ lightness }) => lightness)) as number;
  const scorched = patches.on.size + patches.besides.length;
  // Patches are looked for all over, also on beans that were not clear.
  const all = Math.max(beans.length + patches.besides.length, about ?? 0);
  const pale = beans.filter(({ lightness }) => lightness >= medianL + PALE_BY).length / beans.length;
  const half = halfRange(beans, medianL);
  const isEnough = beans.length >= ENOUGH;
  return {
    medianL,
    range: { least: Math.max(0, medianL - half), most: medianL + half },
    ...(isEnough && {
      spreadL: deviation(beans, ({ bestLit }) => bestLit) as number,
      ...(pale <= MOST_PALE && { paleShare: pale }),
    }),
    ...(isEnough && medianL >= SCORCH_SEEN_FROM && { scorchedShare: scorched / all }),
    measured: beans.length,
    ...(isEnough &&
      about !== undefined &&
      about < MOST_HIDDEN * beans.length && { beans: Math.max(beans.length, Math.round(about)) }),
  };
}

/** Half of the range that holds four of five: what light on curved beans leaves open, how far sheen may mislead, and few beans. L*. */
function halfRange(beans: readonly BeanMeasured[], medianL: number): number {
  const plain = middleOf(beans.map((bean) => bean.plain)) as number;
  const spread = deviation(beans, ({ lightness }) => lightness) as number;
  return Math.hypot(OPEN, SHEEN * (plain - medianL), (FEW * spread) / Math.sqrt(beans.length));
}
const OPEN = 3.1;
const SHEEN = 0.5;
const FEW = 1.8;
