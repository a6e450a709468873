import { middleOf } from '../chance/index.ts';
import { examine } from './examined.ts';
import type { Picture } from './light.ts';
import type { BeanMeasured } from './measured.ts';
import { type Refusal, refusalOf, SHADOW_FROM } from './refusal.ts';
import type { White } from './surface.ts';

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

/** A picture that was looked at: measured, or why not. */
export type Look =
  | { readonly kind: 'refused'; readonly refuse: Refusal }
  | {
      readonly kind: 'measured';
      readonly measure: Measure;
      /** White in its light, linear: with it the light is taken out. */
      readonly white: White;
      readonly beans: readonly SeenBean[];
      /** A shadow lies on the paper. */
      readonly shadow?: true;
    };

/** A bean of a picture as an ellipse: places and half axes as shares of the picture's width, radians. */
export interface SeenBean {
  readonly x: number;
  readonly y: number;
  readonly long: number;
  readonly broad: number;
  readonly angle: number;
  /** CIE L* of its matt surface. */
  readonly lightness: number;
  readonly is?: 'pale' | 'scorched';
}

/** Lighter than the middle by so much is pale, L*. */
export const PALE_BY = 9;
/** A bean is scorched from so much of its surface on. */
const SCORCHED_FROM = 0.08;
/** Below it char and bean are one darkness, L*. */
const SCORCH_SEEN_FROM = 24;
/** So many beans tell how they differ. */
const ENOUGH = 28;
/** Where more lie there than twice those that were clear, nobody can say how many. */
const MOST_HIDDEN = 2;

/** Measures the beans in a picture beside white paper. Heavy: a second or so; to be called in a worker. */
export function lookAt(picture: Picture): Look {
  const examined = examine(picture);
  const refuse = refusalOf(examined);
  const { beans = [], found, light, reference } = examined;
  if (refuse || !reference) return { kind: 'refused', refuse: refuse ?? 'noPaper' };
  const measure = measureOf(beans, found?.about);
  return {
    kind: 'measured',
    measure,
    white: reference.white,
    beans: beans.map((bean) => seenBean(bean, measure, light.width)),
    ...(reference.shaded > SHADOW_FROM && { shadow: true }),
  };
}

function seenBean({ bean, lightness, scorched }: BeanMeasured, measure: Measure, width: number): SeenBean {
  const { x, y, xx, xy, yy } = bean;
  const [middle, apart] = [(xx + yy) / 2, Math.hypot((xx - yy) / 2, xy)];
  // An ellipse's half axes are twice the spread along them.
  const half = (variance: number) => (2 * Math.sqrt(Math.max(0, variance))) / width;
  const is =
    measure.scorchedShare !== undefined && scorched >= SCORCHED_FROM
      ? ('scorched' as const)
      : measure.paleShare !== undefined && lightness >= measure.medianL + PALE_BY
        ? ('pale' as const)
        : undefined;
  return {
    x: (x + 0.5) / width,
    y: (y + 0.5) / width,
    long: half(middle + apart),
    broad: half(middle - apart),
    angle: 0.5 * Math.atan2(2 * xy, xx - yy),
    lightness,
    ...(is && { is }),
  };
}

function measureOf(beans: readonly BeanMeasured[], about: number | undefined): Measure {
  const share = (isOne: (bean: BeanMeasured) => boolean) => beans.filter(isOne).length / beans.length;
  const medianL = middleOf(beans.map(({ lightness }) => lightness)) as number;
  const half = halfRange(beans, medianL);
  const isEnough = beans.length >= ENOUGH;
  return {
    medianL,
    range: { least: Math.max(0, medianL - half), most: medianL + half },
    ...(isEnough && {
      spreadL: deviationOf(beans.map(({ bestLit }) => bestLit)),
      paleShare: share(({ lightness }) => lightness >= medianL + PALE_BY),
    }),
    ...(isEnough &&
      medianL >= SCORCH_SEEN_FROM && { scorchedShare: share(({ scorched }) => scorched >= SCORCHED_FROM) }),
    measured: beans.length,
    ...(isEnough &&
      about !== undefined &&
      about < MOST_HIDDEN * beans.length && { beans: Math.max(beans.length, Math.round(about)) }),
  };
}

/** Half of the range that holds four of five: what light on curved beans leaves open, how far sheen may mislead, and few beans. L*. */
function halfRange(beans: readonly BeanMeasured[], medianL: number): number {
  const plain = middleOf(beans.map((bean) => bean.plain)) as number;
  const spread = deviationOf(beans.map(({ lightness }) => lightness));
  return Math.hypot(OPEN, SHEEN * (plain - medianL), (FEW * spread) / Math.sqrt(beans.length));
}
const OPEN = 2.7;
const SHEEN = 0.5;
const FEW = 1.8;

function deviationOf(values: readonly number[]): number {
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
}
