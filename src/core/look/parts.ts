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

/** A byte holds as many levels, and one value for what was seen already or is out. */
export const MOST_LEVELS = 255;
const SEEN = 255;
const NONE = -1;

/**
 * Finds the parts that thresholds make of planes of one size. One pass a sweep, in the order in which water would fill the plane:
 * it runs down to the lowest place that it can reach and rises there, so that the parts that are not yet full lie on a pile, the
 * deepest on top, and all that is touched lies close together. Source: D. Nistér & H. Stewénius, Linear time maximally stable
 * extremal regions, 2008.
 */
export class Sweeper {
  readonly #width: number;
  readonly #height: number;
  readonly #isOut: Uint8Array;
  /** The level of what was not seen yet. */
  readonly #dry: Uint8Array;
  /** The shore: of each level the pixel that waits last, and of each pixel the one before it. */
  readonly #waits = new Int32Array(MOST_LEVELS);
  readonly #before: Int32Array;
  /** The pile of parts: each lies lower than the one under it, so that there are no more than levels. */
  readonly #sums = new Float64Array(SUMS * MOST_LEVELS);
  readonly #seed = new Int32Array(MOST_LEVELS);
  readonly #level = new Int32Array(MOST_LEVELS);
  #top = NONE;
  readonly #turns: Int32Array;
  readonly #found: Int32Array;
  #turn = 0;

  /** `isOut` is 1 where nothing is joined. */
  constructor(width: number, height: number, isOut: Uint8Array) {
    const size = width * height;
    this.#width = width;
    this.#height = height;
    this.#isOut = isOut;
    this.#dry = new Uint8Array(size);
    this.#before = new Int32Array(size);
    this.#turns = new Int32Array(size);
    this.#found = new Int32Array(size);
  }

  /** Every part that a threshold, raised level by level, makes of a plane, where it is wanted. */
  parts(plane: Levels, wanted: Wanted): Part[] {
    const found: Part[] = [];
    const dry = this.#dry;
    dry.set(plane.levelOf);
    for (let pixel = 0; pixel < dry.length; pixel++) if (this.#isOut[pixel]) dry[pixel] = SEEN;
    this.#waits.fill(NONE);
    for (let pixel = 0; pixel < dry.length; pixel++) if (dry[pixel] !== SEEN) this.#fill(pixel, plane, wanted, found);
    return found;
  }

  /** Fills all that can be reached from a pixel. */
  #fill(from: number, { levelOf, levels }: Levels, wanted: Wanted, found: Part[]): void {
    const [width, waits, before, sums] = [this.#width, this.#waits, this.#before, this.#sums];
    const perWidth = 1 / width;
    let pixel = from;
    let level = levelOf[from] as number;
    this.#dry[from] = SEEN;
    this.#begin(from, level);
    for (;;) {
      const y = ((pixel + 0.5) * perWidth) | 0;
      const x = pixel - y * width;
      const lower = this.#lowerBeside(pixel, x, y, level);
      if (lower !== NONE) {
        before[pixel] = waits[level] as number;
        waits[level] = pixel;
        pixel = lower;
        level = levelOf[pixel] as number;
        this.#begin(pixel, level);
        continue;
      }
      const at = SUMS * this.#top;
      sums[at] = (sums[at] as number) + 1;
      sums[at + 1] = (sums[at + 1] as number) + x;
      sums[at + 2] = (sums[at + 2] as number) + y;
      sums[at + 3] = (sums[at + 3] as number) + x * x;
      sums[at + 4] = (sums[at + 4] as number) + x * y;
      sums[at + 5] = (sums[at + 5] as number) + y * y;
      let next = level;
      while (next < levels && waits[next] === NONE) next++;
      if (next > level) this.#rise(next, wanted, found);
      if (next === levels) break;
      level = next;
      pixel = waits[level] as number;
      waits[level] = before[pixel] as number;
    }
    this.#top = NONE;
  }

  /** Looks at what lies beside a pixel: gives the first that lies lower; what lies as high or higher waits. */
  #lowerBeside(pixel: number, x: number, y: number, level: number): number {
    const width = this.#width;
    if (x < width - 1 && this.#isLower(pixel + 1, level)) return pixel + 1;
    if (y < this.#height - 1 && this.#isLower(pixel + width, level)) return pixel + width;
    if (x > 0 && this.#isLower(pixel - 1, level)) return pixel - 1;
    if (y > 0 && this.#isLower(pixel - width, level)) return pixel - width;
    return NONE;
  }

  #isLower(pixel: number, than: number): boolean {
    const level = this.#dry[pixel] as number;
    if (level === SEEN) return false;
    this.#dry[pixel] = SEEN;
    if (level < than) return true;
    this.#before[pixel] = this.#waits[level] as number;
    this.#waits[level] = pixel;
    return false;
  }

  #begin(pixel: number, level: number): void {
    const top = ++this.#top;
    this.#seed[top] = pixel;
    this.#level[top] = level;
    this.#sums.fill(0, SUMS * top, SUMS * top + SUMS);
  }

  /** The part on top is full: it is told, and joins the one under it or rises, until it lies at a level. */
  #rise(to: number, wanted: Wanted, found: Part[]): void {
    const level = this.#level;
    while ((level[this.#top] as number) < to) {
      this.#tell(wanted, found);
      const under = this.#top - 1;
      if (under < 0 || (level[under] as number) > to) level[this.#top] = to;
      else this.#joinUnder(under);
    }
  }

  #tell({ leastArea, mostArea, isWanted }: Wanted, found: Part[]): void {
    const top = this.#top;
    const area = this.#sums[SUMS * top] as number;
    if (area < leastArea || area > mostArea) return;
    const moments = momentsOf(this.#sums, SUMS * top);
    if (isWanted(moments))
      found.push({ ...moments, seed: this.#seed[top] as number, level: this.#level[top] as number });
  }

  #joinUnder(under: number): void {
    const sums = this.#sums;
    const [from, to] = [SUMS * this.#top, SUMS * under];
    // The larger one says where both are found.
    if ((sums[from] as number) > (sums[to] as number)) this.#seed[under] = this.#seed[this.#top] as number;
    for (let k = 0; k < SUMS; k++) sums[to + k] = (sums[to + k] as number) + (sums[from + k] as number);
    this.#top = under;
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
