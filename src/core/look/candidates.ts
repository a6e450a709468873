import type { Size } from './light.ts';
import { axesOf, ellipseFill, type Moments } from './moments.ts';
import { type Levels, MOST_LEVELS, type Part, type Sweeper } from './parts.ts';

/** A part of a plane that may be a bean. */
export interface Candidate extends Part {
  readonly plane: Levels;
  readonly fill: number;
  readonly contrast: number;
  /** How good a bean it makes: filled, and standing out all around. */
  readonly score: number;
}

/** As shares of the picture: beans are neither grains nor plums. */
const LEAST_SHARE = 0.0002;
const MOST_SHARE = 0.025;
const LEAST_FILL = 0.88;
const MOST_ASPECT = 2.3;
const MOST_CONTRAST = 12;
/** Of the way around. */
const LEAST_AROUND = 0.6;

/** Longest over shortest axis. */
function aspectOf(moments: Moments): number {
  const { long, broad } = axesOf(moments);
  return long / broad;
}

/** Every part of a plane, swept up and down by `step`, that is shaped like a bean and stands out from what is around it. */
export function candidatesIn(
  sweeper: Sweeper,
  values: Float32Array,
  size: Size,
  step: number,
  signs: readonly (1 | -1)[] = [1, -1],
): Candidate[] {
  const pixels = size.width * size.height;
  const wanted = {
    leastArea: LEAST_SHARE * pixels,
    mostArea: MOST_SHARE * pixels,
    isWanted: (moments: Moments) => ellipseFill(moments) >= LEAST_FILL && aspectOf(moments) <= MOST_ASPECT,
  };
  const ends = endsOf(values);
  return signs.flatMap((sign) => {
    const plane = levelsOf(values, ends, sign * step);
    return sweeper.parts(plane, wanted).flatMap((part): Candidate[] => {
      const { contrast, around } = standsOut(values, size, part, { sign: -sign, least: step });
      if (contrast < step || around < LEAST_AROUND) return [];
      const fill = Math.min(1, ellipseFill(part));
      const score = ((fill - 0.86) / 0.14) ** 1.5 * Math.sqrt(Math.min(contrast, MOST_CONTRAST)) * around;
      return [{ ...part, plane, fill, contrast, score }];
    });
  });
}

interface Ends {
  readonly least: number;
  readonly most: number;
}

function endsOf(values: Float32Array): Ends {
  let [least, most] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (let i = 0; i < values.length; i++) {
    const value = values[i] as number;
    if (value < least) least = value;
    if (value > most) most = value;
  }
  return { least, most };
}

function levelsOf(values: Float32Array, { least, most }: Ends, step: number): Levels {
  const from = step > 0 ? least : most;
  const levels = Math.min(MOST_LEVELS, Math.floor((most - least) / Math.abs(step)) + 1);
  const perStep = 1 / step;
  const levelOf = new Uint8Array(values.length);
  for (let i = 0; i < values.length; i++)
    levelOf[i] = Math.min(levels - 1, (((values[i] as number) - from) * perStep) | 0);
  return { levels, levelOf };
}

const DIRECTIONS = Array.from({ length: 24 }, (_, k) => ({
  cos: Math.cos((k * Math.PI) / 12),
  sin: Math.sin((k * Math.PI) / 12),
}));
/** Looked at within and without, in radii of the ellipse. */
const INSIDE = 0.85;
const OUTSIDE = 1.2;

/** How far the inside of an outline lies above (`sign` 1) or below (-1) what is around it: in the middle, and in how much of its round by `least`. */
function standsOut(
  values: Float32Array,
  size: Size,
  moments: Moments,
  { sign, least }: { readonly sign: number; readonly least: number },
) {
  const steps: number[] = [];
  let over = 0;
  for (const direction of DIRECTIONS) {
    const inside = valueAt(values, size, onEllipse(moments, direction, INSIDE));
    const outside = valueAt(values, size, onEllipse(moments, direction, OUTSIDE));
    if (inside === undefined || outside === undefined) continue;
    const step = sign * (inside - outside);
    steps.push(step);
    if (step > least) over++;
  }
  if (steps.length < DIRECTIONS.length / 2) return { contrast: 0, around: 0 };
  steps.sort((a, b) => a - b);
  return { contrast: steps[steps.length >> 1] as number, around: over / steps.length };
}

/** In how much of the way around an ellipse, at so many of its radii, a pixel passes; beyond the picture none does. */
export function shareAround(
  moments: Moments,
  radii: number,
  { width, height }: Size,
  passes: (pixel: number) => boolean,
): number {
  let passed = 0;
  for (const direction of DIRECTIONS) {
    const { x, y } = onEllipse(moments, direction, radii);
    const [column, row] = [Math.round(x), Math.round(y)];
    if (column >= 0 && row >= 0 && column < width && row < height && passes(row * width + column)) passed++;
  }
  return passed / DIRECTIONS.length;
}

/** A point at so many radii of the ellipse in a direction; the ellipse's radius is twice its spread. */
function onEllipse({ x, y, xx, xy, yy }: Moments, { cos, sin }: { cos: number; sin: number }, radii: number) {
  // The Cholesky root of the covariance takes the unit circle to the ellipse.
  const p = Math.sqrt(xx);
  const q = xy / p;
  const s = Math.sqrt(Math.max(1e-9, yy - q * q));
  return { x: x + 2 * radii * p * cos, y: y + 2 * radii * (q * cos + s * sin) };
}

function valueAt(values: Float32Array, { width, height }: Size, { x, y }: { x: number; y: number }) {
  const [column, row] = [Math.round(x), Math.round(y)];
  if (column < 0 || row < 0 || column >= width || row >= height) return undefined;
  return values[row * width + column];
}
