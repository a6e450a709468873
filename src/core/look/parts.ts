import { type Moments, momentsOf, SUMS } from './moments.ts';

/** A part of a plane as a threshold left it: its moments, and how to find it again. */
export interface Part extends Moments {
  /** A pixel within it. */
  readonly seed: number;
  /** It is joined of pixels up to this level. */
  readonly level: number;
}

/** The plane that is swept: levels, 0 to `levels` - 1, a byte a pixel. */
export interface Levels {
  readonly levels: number;
  readonly levelOf: Uint8Array;
}

/** What a sweep asks of a part. */
export interface Wanted {
  readonly leastArea: number;
  readonly mostArea: number;
  readonly isWanted: (moments: Moments) => boolean;
}

/**
 * Finds the parts that thresholds make of planes of one size. One pass a sweep: pixels are joined in order of their level
 * (union-find), and each part carries its moments. Source of the order: pixels by level as in D. Nistér & H. Stewénius 2008.
 */
export class Sweeper {
  readonly #width: number;
  readonly #height: number;
  readonly #isOut: Uint8Array;
  /** To which part each pixel was given; parts are numbered as they begin, so that their sums lie close together. */
  readonly #partOf: Int32Array;
  readonly #parent: Int32Array;
  readonly #seed: Int32Array;
  readonly #stamp: Uint8Array;
  readonly #sums: Float64Array;
  readonly #turns: Int32Array;
  readonly #found: Int32Array;
  #parts = 0;
  #turn = 0;

  /** `isOut` is 1 where nothing is joined. */
  constructor(width: number, height: number, isOut: Uint8Array) {
    const size = width * height;
    this.#width = width;
    this.#height = height;
    this.#isOut = isOut;
    this.#partOf = new Int32Array(size);
    // No two neighbours begin a part each, so that there are at most half as many parts as pixels.
    const most = (size >> 1) + 1;
    this.#parent = new Int32Array(most);
    this.#seed = new Int32Array(most);
    this.#stamp = new Uint8Array(most);
    this.#sums = new Float64Array(SUMS * most);
    this.#turns = new Int32Array(size);
    this.#found = new Int32Array(size);
  }

  /** Every part that a threshold, raised level by level, makes of a plane, where it is wanted. */
  parts(plane: Levels, { leastArea, mostArea, isWanted }: Wanted): Part[] {
    const order = byLevel(plane, this.#isOut);
    const sums = this.#sums;
    this.#partOf.fill(NOT_YET);
    this.#parts = 0;
    const found: Part[] = [];
    let from = 0;
    for (let level = 0; level < plane.levels; level++) {
      const to = order.ends[level] as number;
      for (let k = from; k < to; k++) this.#add(order.pixels[k] as number);
      for (let k = from; k < to; k++) {
        const part = this.#rootOf(this.#partOf[order.pixels[k] as number] as number);
        if (this.#stamp[part] === level) continue;
        this.#stamp[part] = level;
        const area = sums[SUMS * part] as number;
        if (area < leastArea || area > mostArea) continue;
        const moments = momentsOf(sums, SUMS * part);
        if (isWanted(moments)) found.push({ ...moments, seed: this.#seed[part] as number, level });
      }
      from = to;
    }
    return found;
  }

  #add(pixel: number): void {
    const width = this.#width;
    const partOf = this.#partOf;
    const y = (pixel / width) | 0;
    const x = pixel - y * width;
    let part = NOT_YET;
    if (x > 0) part = this.#join(part, partOf[pixel - 1] as number);
    if (x < width - 1) part = this.#join(part, partOf[pixel + 1] as number);
    if (y > 0) part = this.#join(part, partOf[pixel - width] as number);
    if (y < this.#height - 1) part = this.#join(part, partOf[pixel + width] as number);
    if (part === NOT_YET) part = this.#begin(pixel);
    partOf[pixel] = part;
    const sums = this.#sums;
    const offset = SUMS * part;
    sums[offset] = (sums[offset] as number) + 1;
    sums[offset + 1] = (sums[offset + 1] as number) + x;
    sums[offset + 2] = (sums[offset + 2] as number) + y;
    sums[offset + 3] = (sums[offset + 3] as number) + x * x;
    sums[offset + 4] = (sums[offset + 4] as number) + x * y;
    sums[offset + 5] = (sums[offset + 5] as number) + y * y;
  }

  #begin(pixel: number): number {
    const part = this.#parts++;
    this.#parent[part] = part;
    this.#seed[part] = pixel;
    this.#stamp[part] = 255;
    this.#sums.fill(0, SUMS * part, SUMS * part + SUMS);
    return part;
  }

  #rootOf(part: number): number {
    const parent = this.#parent;
    let here = part;
    let above = parent[here] as number;
    while (above !== here) {
      const next = parent[above] as number;
      parent[here] = next;
      here = next;
      above = parent[here] as number;
    }
    return here;
  }

  /** The part that `a`, a root or none, makes with the neighbour's part, if it has one. */
  #join(a: number, neighbour: number): number {
    if (neighbour === NOT_YET) return a;
    const b = this.#rootOf(neighbour);
    if (a === b || a === NOT_YET) return b;
    const sums = this.#sums;
    const isLarger = (sums[SUMS * a] as number) >= (sums[SUMS * b] as number);
    const keeps = isLarger ? a : b;
    const goes = isLarger ? b : a;
    this.#parent[goes] = keeps;
    for (let k = 0; k < SUMS; k++)
      sums[SUMS * keeps + k] = (sums[SUMS * keeps + k] as number) + (sums[SUMS * goes + k] as number);
    return keeps;
  }

  /** The pixels of a part, found again from its seed. */
  pixelsOf({ levelOf }: Levels, { seed, level }: Part): Int32Array {
    const [width, seen, found, turn] = [this.#width, this.#turns, this.#found, ++this.#turn];
    let end = 1;
    found[0] = seed;
    seen[seed] = turn;
    const visit = (pixel: number) => {
      if ((levelOf[pixel] as number) > level || seen[pixel] === turn || this.#isOut[pixel]) return;
      seen[pixel] = turn;
      found[end++] = pixel;
    };
    for (let k = 0; k < end; k++) {
      const pixel = found[k] as number;
      const x = pixel % width;
      if (x > 0) visit(pixel - 1);
      if (x < width - 1) visit(pixel + 1);
      if (pixel >= width) visit(pixel - width);
      if (pixel < levelOf.length - width) visit(pixel + width);
    }
    return found.slice(0, end);
  }
}

const NOT_YET = -1;

/** Pixels in order of their level, and where each level ends. */
function byLevel(
  { levelOf, levels }: Levels,
  isOut: Uint8Array,
): { readonly pixels: Int32Array; readonly ends: Int32Array } {
  const ends = new Int32Array(levels);
  for (let i = 0; i < levelOf.length; i++)
    if (!isOut[i]) ends[levelOf[i] as number] = (ends[levelOf[i] as number] as number) + 1;
  const next = new Int32Array(levels);
  for (let level = 1; level < levels; level++) {
    next[level] = ends[level - 1] as number;
    ends[level] = (ends[level] as number) + (next[level] as number);
  }
  const pixels = new Int32Array(ends[levels - 1] as number);
  for (let i = 0; i < levelOf.length; i++) {
    if (isOut[i]) continue;
    const level = levelOf[i] as number;
    const place = next[level] as number;
    pixels[place] = i;
    next[level] = place + 1;
  }
  return { pixels, ends };
}
