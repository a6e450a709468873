import { examine } from './examined.ts';
import type { Picture } from './light.ts';
import { type Measure, measureOf, PALE_BY, SCORCHED_FROM } from './measure.ts';
import type { BeanMeasured } from './measured.ts';
import { axesOf } from './moments.ts';
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
  const { long, broad, angle } = axesOf(bean);
  const is =
    measure.scorchedShare !== undefined && scorched >= SCORCHED_FROM
      ? ('scorched' as const)
      : measure.paleShare !== undefined && lightness >= measure.medianL + PALE_BY
        ? ('pale' as const)
        : undefined;
  return {
    x: (bean.x + 0.5) / width,
    y: (bean.y + 0.5) / width,
    long: long / width,
    broad: broad / width,
    angle,
    lightness,
    ...(is && { is }),
  };
}
