import { examine } from './examined.ts';
import type { Picture } from './light.ts';
import { type Measure, measureOf, PALE_BY } from './measure.ts';
import type { BeanMeasured } from './measured.ts';
import { axesOf, type Moments } from './moments.ts';
import { type Refusal, refusalOf, SHADOW_FROM } from './refusal.ts';
import type { White } from './surface.ts';

/** A picture that was looked at: measured, or why not. */
export type Look =
  | { readonly kind: 'refused'; readonly refuse: Refusal }
  | {
      readonly kind: 'measured';
      readonly measure: Measure;
      /** White in its light, linear: with it the light is taken out. */
      readonly white: White;
      readonly beans: readonly SeenBean[];
      /** Scorched patches of beans that were not clear enough to be measured. */
      readonly patches: readonly SeenEllipse[];
      /** A shadow lies on the paper. */
      readonly shadow?: true;
    };

/** An ellipse in a picture: places and half axes as shares of its width, radians. */
export interface SeenEllipse {
  readonly x: number;
  readonly y: number;
  readonly long: number;
  readonly broad: number;
  readonly angle: number;
}

/** A bean of a picture. */
export interface SeenBean extends SeenEllipse {
  /** CIE L* of its matt surface. */
  readonly lightness: number;
  readonly is?: 'pale' | 'scorched';
}

/** Measures the beans in a picture beside white paper. Heavy: a second or so; to be called in a worker. */
export function lookAt(picture: Picture): Look {
  const examined = examine(picture);
  const refuse = refusalOf(examined);
  const { beans = [], found, light, patches = { on: new Set(), besides: [] }, reference } = examined;
  if (refuse || !reference) return { kind: 'refused', refuse: refuse ?? 'noPaper' };
  const measure = measureOf(beans, found?.about, patches);
  const isTold = measure.scorchedShare !== undefined;
  const isOf = ({ bean, lightness }: BeanMeasured): Pick<SeenBean, 'is'> => {
    if (isTold && patches.on.has(bean)) return { is: 'scorched' };
    return measure.paleShare !== undefined && lightness >= measure.medianL + PALE_BY ? { is: 'pale' } : {};
  };
  return {
    kind: 'measured',
    measure,
    white: reference.white,
    beans: beans.map((each) => ({
      ...ellipseIn(each.bean, light.width),
      lightness: each.lightness,
      ...isOf(each),
    })),
    patches: isTold ? patches.besides.map((each) => ellipseIn(each, light.width)) : [],
    ...(reference.shaded > SHADOW_FROM && { shadow: true }),
  };
}

function ellipseIn(moments: Moments, width: number): SeenEllipse {
  const { long, broad, angle } = axesOf(moments);
  return {
    x: (moments.x + 0.5) / width,
    y: (moments.y + 0.5) / width,
    long: long / width,
    broad: broad / width,
    angle,
  };
}
