import { luminance } from '../shade/index.ts';
import { areaOf, type Corner, hullOf, straightened } from './hull.ts';
import type { Light } from './light.ts';
import { quantileAt } from './quantileAt.ts';

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
  const y = Float32Array.from(light.g, (g, i) => luminance(light.r[i] as number, g, light.b[i] as number));
  const steep = gradients(y, width, height);
  const brightest = quantileAt(Float32Array.from(y).sort(), 0.995) as number;
  let best: Paper | undefined;
  for (let level = 0; level < LEVELS; level++) {
    // From nearly the brightest down, each a fifth darker than the one before.
    const least = brightest * 0.93 * 0.83 ** level;
    for (const part of partsOf(y, steep, width, least)) {
      const paper = judged(part, { width, height, y, brightest });
      if (paper && paper.score > (best?.score ?? LEAST_SCORE)) best = paper;
    }
  }
  return best;
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

/** The connected parts that are brighter than `least` and smooth, as lists of pixels. */
function partsOf(y: Float32Array, steep: Float32Array, width: number, least: number): Int32Array[] {
  const isIn = (i: number) => (y[i] as number) > least && (steep[i] as number) < MOST_GRADIENT;
  const seen = new Uint8Array(y.length);
  const stack = new Int32Array(y.length);
  const parts: Int32Array[] = [];
  for (let start = 0; start < y.length; start++) {
    if (seen[start] || !isIn(start)) continue;
    let end = 1;
    stack[0] = start;
    seen[start] = 1;
    for (let k = 0; k < end; k++) {
      const i = stack[k] as number;
      // The outermost row and column are never in, so that no neighbour is on the far side.
      for (const next of [i - 1, i + 1, i - width, i + width])
        if (!seen[next] && isIn(next)) {
          seen[next] = 1;
          stack[end++] = next;
        }
    }
    if (end >= LEAST_SHARE * y.length && end <= MOST_SHARE * y.length) parts.push(stack.slice(0, end));
  }
  return parts;
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
  const bright = middle(part, y) / brightest;
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

function middle(part: Int32Array, y: Float32Array): number {
  return quantileAt(Float32Array.from(part, (i) => y[i] as number).sort(), 0.5) as number;
}
