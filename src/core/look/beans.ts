import { type Candidate, candidatesIn } from './candidates.ts';
import { closed } from './closing.ts';
import { likeBeans } from './likeness.ts';
import { ellipseArea, type Moments } from './moments.ts';
import { Sweeper } from './parts.ts';
import { type Surface, warmth } from './surface.ts';

/** A bean as it lies in a picture. */
export interface Bean extends Moments {
  readonly pixels: Int32Array;
  /** How like an ellipse it is, 0 to 1. */
  readonly like: number;
}

/** Coffee is brown: below it a thing is a pebble or a hole in a tray. */
const LEAST_WARMTH = 0.1;
/** So many are needed to learn from what beans look like here. */
const LEAST_TO_LEARN = 4;
/** A part is a bean from so much likeness to an ellipse on, and one to learn from from so much. */
const LEAST_LIKE = 0.84;
const GOOD_LIKE = 0.9;

/** What was found in a picture. */
export interface Found {
  readonly beans: readonly Bean[];
  /** Things shaped and sized as beans are, but grey. */
  readonly grey: number;
  /** About so many beans lie there, by how much is coloured as they are; undefined where that cannot be told. */
  readonly about?: number;
  /** How much likelier each pixel is a bean's than not, above 0 where it is; undefined where too few beans are clear to say. */
  readonly like?: Float32Array;
}

/** The beans of a picture, none upon another, of one size; `isOut` is 1 where none can be. */
export function findBeans(surface: Surface, isOut: Uint8Array): Found {
  const sweeper = new Sweeper(surface.width, surface.height, isOut);
  const candidates = (values: Float32Array, step: number, signs?: readonly (1 | -1)[]) =>
    candidatesIn(sweeper, values, surface, step, signs);
  const found = [
    ...candidates(surface.l, 1.5),
    ...candidates(surface.matt, 1),
    ...candidates(edges(surface), 0.7, [1]),
  ];
  const { beans: first, grey } = apart(found, sweeper, surface);
  const clear = first.filter(({ like }) => like > GOOD_LIKE);
  if (clear.length < LEAST_TO_LEARN) return { beans: first, grey };
  // What the clearest look like, against what is around, shows the others.
  const like = likeBeans(surface, clear, isOut);
  const radius = Math.max(1, Math.round(0.07 * Math.sqrt(usualArea(clear) as number)));
  const more = [...candidates(like, 1, [-1]), ...candidates(closed(surface.l, surface, radius), 1, [1])];
  const beans = apart([...found, ...more], sweeper, surface).beans.filter(({ pixels }) => meanOf(pixels, like) > 0);
  let alike = 0;
  for (const value of like) if (value > 0) alike++;
  const area = usualArea(beans.filter((bean) => bean.like > GOOD_LIKE));
  return { beans, grey, like, ...(area !== undefined && { about: alike / area }) };
}

/** The best of what overlaps, best first, of one size. */
function apart(candidates: readonly Candidate[], sweeper: Sweeper, surface: Surface): Found {
  const sorted = [...candidates].sort((a, b) => b.score - a.score);
  const likeness = new Map<Candidate, number>();
  const { beans, grey } = pass(sorted, likeness, sweeper, surface);
  const size = usualArea(beans.filter(({ like }) => like > GOOD_LIKE)) ?? usualArea(beans);
  if (size === undefined) return { beans: [], grey };
  const sized = sorted.filter(({ area }) => area > size / SMALLER && area < size * LARGER);
  return { beans: pass(sized, likeness, sweeper, surface).beans, grey };
}
const SMALLER = 2;
const LARGER = 1.9;
/** Two may share so much of the later one's area. */
const MOST_SHARED = 0.1;

function pass(
  sorted: readonly Candidate[],
  likeness: Map<Candidate, number>,
  sweeper: Sweeper,
  surface: Surface,
): Found {
  const { width, height } = surface;
  const taken = new Uint8Array(width * height);
  const beans: Bean[] = [];
  let grey = 0;
  for (const each of sorted) {
    if (taken[Math.round(each.y) * width + Math.round(each.x)] || (likeness.get(each) ?? 1) < LEAST_LIKE) continue;
    const pixels = sweeper.pixelsOf(each.plane, each);
    if (sumOver(pixels, taken) > MOST_SHARED * pixels.length) continue;
    const like = likeness.get(each) ?? likeEllipse(each, pixels, width);
    likeness.set(each, like);
    if (like < LEAST_LIKE) continue;
    for (const i of pixels) taken[i] = 1;
    // Left out before the size is judged: the holes of a tray are many, and all of one size.
    if (isWarm(pixels, surface)) beans.push({ ...each, pixels, like });
    else grey++;
  }
  return { beans, grey };
}

/** How steep lightness and colour are, steps of L* a pixel, twice. */
function edges({ l, brown, width }: Surface): Float32Array {
  const out = new Float32Array(l.length);
  for (let i = width; i < l.length - width; i++) out[i] = Math.max(steepAt(l, i, width), steepAt(brown, i, width));
  return out;
}

function steepAt(values: Float32Array, i: number, width: number): number {
  const dx = (values[i + 1] as number) - (values[i - 1] as number);
  const dy = (values[i + width] as number) - (values[i - width] as number);
  return Math.sqrt(dx * dx + dy * dy);
}

/** How much of a part and its ellipse is common to both, as a share of what either has: 1 where the part is an ellipse. */
function likeEllipse(moments: Moments, pixels: Int32Array, width: number): number {
  const { x, y, xx, xy, yy, area } = moments;
  const det = Math.max(1e-9, xx * yy - xy * xy);
  let within = 0;
  for (const i of pixels) {
    const row = Math.floor(i / width);
    const [dx, dy] = [i - row * width - x, row - y];
    if ((yy * dx * dx - 2 * xy * dx * dy + xx * dy * dy) / det <= 4) within++;
  }
  return within / (area + ellipseArea(moments) - within);
}

function isWarm(pixels: Int32Array, { r, g, b }: Surface): boolean {
  return warmth(meanOf(pixels, r), meanOf(pixels, g), meanOf(pixels, b)) > LEAST_WARMTH;
}

const meanOf = (pixels: Int32Array, values: Float32Array): number => sumOver(pixels, values) / pixels.length;

function sumOver(pixels: Int32Array, values: Float32Array | Uint8Array): number {
  let sum = 0;
  for (const i of pixels) sum += values[i] as number;
  return sum;
}

/** The area around which most of what was found lies, by area; undefined where nothing was found. */
function usualArea(beans: readonly Moments[]): number | undefined {
  if (beans.length === 0) return undefined;
  let [best, most] = [0, 0];
  for (const { area: middle } of beans) {
    let weight = 0;
    for (const { area } of beans) if (Math.abs(Math.log(area / middle)) < 0.35) weight += area;
    if (weight > most) [best, most] = [middle, weight];
  }
  return best;
}
