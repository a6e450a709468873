import { luminance } from '../shade/index.ts';
import { areaOf, type Corner, hullOf, straightened } from './hull.ts';
import type { Light } from './light.ts';
import { Sweeper } from './parts.ts';
import { quantileAmong, valuesAt } from './quantiles.ts';

/** A sheet of white paper in a picture. */
export interface Paper {
  /** Its corners, in pixels of the light it was found in. */
  readonly outline: readonly Corner[];
  /** How surely it is one, 0 to 1. */
  readonly score: number;
}

/** It is looked for in so many pixels: a sheet is large. */
export const PAPER_PIXELS = 90_000;
/** Between neighbours two apart, as a share of the brightness: beyond, a surface is no plain paper. */
const MOST_GRADIENT = 0.07;
const LEVELS = 14;
/** Of the picture. */
const LEAST_SHARE = 0.012;
const MOST_SHARE = 0.75;
/** A side counts as long from so much of the outline on. */
const LONG_SIDE = 0.09;
/** Below it nothing is taken for paper. */
const LEAST_SCORE = 0.4;

/** The likeliest sheet of paper in `light` (about `PAPER_PIXELS` large); undefined where there is none. */
export function findPaper(light: Light): Paper | undefined {
  const { width, height } = light;
  const y = light.g.map((g, i) => luminance(light.r[i] as number, g, light.b[i] as number));
  const steep = gradients(y, width, height);
  const brightest = quantileAmong(y.slice(), 0.995) as number;
  const { plane, isOut } = darkening(y, steep, brightest);
  const sweeper = new Sweeper(width, height, isOut);
  const wanted = { leastArea: LEAST_SHARE * y.length, mostArea: MOST_SHARE * y.length, isWanted: () => true };
  let best: Paper | undefined;
  for (const part of sweeper.parts(plane, wanted)) {
    const paper = judged(sweeper.pixelsOf(plane, part), { width, height, y, brightest });
    if (paper && paper.score > (best?.score ?? LEAST_SCORE)) best = paper;
  }
  return best;
}

/** Levels from nearly the brightest down, each a sixth darker than the one before; what is darker or no plain surface is out. */
function darkening(y: Float32Array, steep: Float32Array, brightest: number) {
  const levelOf = new Uint8Array(y.length);
  const isOut = new Uint8Array(y.length);
  for (let i = 0; i < y.length; i++) {
    const level = Math.max(0, Math.ceil(Math.log((y[i] as number) / (brightest * 0.93)) / Math.log(0.83)));
    if ((steep[i] as number) < MOST_GRADIENT && level < LEVELS) levelOf[i] = level;
    else isOut[i] = 1;
  }
  return { plane: { levels: LEVELS, levelOf }, isOut };
}

/** Steepness at each pixel as a share of its brightness. */
function gradients(y: Float32Array, width: number, height: number): Float32Array {
  const out = new Float32Array(y.length).fill(1);
  for (let row = 1; row < height - 1; row++)
    for (let i = row * width + 1; i < (row + 1) * width - 1; i++) {
      const dx = (y[i + 1] as number) - (y[i - 1] as number);
      const dy = (y[i + width] as number) - (y[i - width] as number);
      out[i] = Math.hypot(dx, dy) / Math.max(1e-4, y[i] as number);
    }
  return out;
}

interface Scene {
  readonly width: number;
  readonly height: number;
  readonly y: Float32Array;
  readonly brightest: number;
}

function judged(part: Int32Array, { width, height, y, brightest }: Scene): Paper | undefined {
  const hull = hullOf(rowEnds(part, width));
  const area = areaOf(hull);
  const fill = Math.min(1, part.length / area);
  if (fill < 0.8) return undefined;
  const outline = straightened(hull, 0.012 * Math.sqrt(area) + 0.7);
  const straight = straightShare(outline, width, height);
  const bright = (quantileAmong(valuesAt(y, part), 0.5) as number) / brightest;
  const score = ((fill - 0.8) / 0.2) ** 0.5 * straight * Math.min(1, bright) ** 0.5;
  return { outline, score };
}

function rowEnds(part: Int32Array, width: number): Corner[] {
  const ends = new Map<number, { least: number; most: number }>();
  for (const i of part) {
    const row = Math.floor(i / width);
    const x = i - row * width;
    const end = ends.get(row);
    if (!end) ends.set(row, { least: x, most: x });
    else if (x < end.least) end.least = x;
    else if (x > end.most) end.most = x;
  }
  return [...ends].flatMap(([row, { least, most }]) => [
    { x: least - 0.5, y: row - 0.5 },
    { x: most + 0.5, y: row - 0.5 },
    { x: least - 0.5, y: row + 0.5 },
    { x: most + 0.5, y: row + 0.5 },
  ]);
}

/** How much of the outline, without what the picture's own edge cuts, lies in long straight sides that meet squarely. */
function straightShare(outline: readonly Corner[], width: number, height: number): number {
  const sides = outline.map((corner, i) => {
    const next = outline[(i + 1) % outline.length] as Corner;
    return { corner, next, length: Math.hypot(next.x - corner.x, next.y - corner.y) };
  });
  const whole = sides.reduce((sum, { length }) => sum + length, 0);
  const own = sides.filter(({ corner, next }) => !isCut(corner, next, width, height));
  const seen = own.reduce((sum, { length }) => sum + length, 0);
  if (seen < 0.15 * whole) return 0;
  const long = own.filter(({ length }) => length > LONG_SIDE * whole);
  return long.reduce((sum, { length }) => sum + length, 0) / seen;
}

/** Whether a side runs along the edge of the picture. */
function isCut(a: Corner, b: Corner, width: number, height: number): boolean {
  const near = 2.5;
  const both = (left: number, right: number, edge: number) =>
    Math.abs(left - edge) < near && Math.abs(right - edge) < near;
  return both(a.x, b.x, 0) || both(a.x, b.x, width) || both(a.y, b.y, 0) || both(a.y, b.y, height);
}
