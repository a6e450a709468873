import { BANDS, FRAMES_A_SECOND, SILENCE_DB } from './frames.ts';
import { RunningQuantiles } from './quantile.ts';

/** Bands taken together: low, middle and high. */
export const GROUPS = [
  [0, 4],
  [4, 8],
  [8, 12],
] as const;
/** From one band up to, not with, another. */
export type BandRange = readonly [number, number];
const ALL_BANDS: BandRange = [0, BANDS];
/** The levels just before lie so many frames back: the first that shares no sample with this one, and the two before. */
const BEFORE = [4, 5, 6] as const;
const KEPT = 128;

/** Levels by band of the last frames, what is usual here, and how far each frame rises above it; all in dB, in constant memory. */
export class Levels {
  /** What is usual over two and over twenty seconds, by band. */
  readonly short = { middle: quantiles(BANDS, 0.5, 2), loud: quantiles(BANDS, 0.9, 2) };
  readonly long = { quiet: quantiles(BANDS, 0.2, 20), loudest: quantiles(BANDS, 0.95, 20) };
  /** The same over twenty seconds, by group of bands. */
  readonly groupLong = {
    quiet: quantiles(GROUPS.length, 0.2, 20),
    middle: quantiles(GROUPS.length, 0.5, 20),
    loudest: quantiles(GROUPS.length, 0.95, 20),
  };
  readonly #bands = Array.from({ length: BANDS }, () => new Float32Array(KEPT).fill(SILENCE_DB));
  readonly #rises = Array.from({ length: BANDS }, () => new Float32Array(KEPT));
  readonly #sums = new Float32Array(KEPT);
  readonly #groups = new Float32Array(GROUPS.length);
  #frames = 0;

  /** Frames so far; the newest is one less. Any of the last 128 may be asked for. */
  get frames(): number {
    return this.#frames;
  }

  /** Takes the levels of the next frame, by band. */
  take(levels: Float32Array): void {
    const at = this.#frames % KEPT;
    const loud = this.short.loud.values;
    let sum = 0;
    for (let band = 0; band < BANDS; band++) {
      const own = this.#bands[band] as Float32Array;
      const level = levels[band] as number;
      own[at] = level;
      const usual = this.#frames === 0 ? level : (loud[band] as number);
      const rise = level - Math.max(usual, this.justBefore(band, this.#frames));
      (this.#rises[band] as Float32Array)[at] = rise;
      if (rise > 0) sum += rise;
    }
    for (const each of [this.short.middle, this.short.loud, this.long.quiet, this.long.loudest]) each.push(levels);
    GROUPS.forEach((group, g) => {
      this.#groups[g] = this.group(group, this.#frames);
    });
    for (const each of Object.values(this.groupLong)) each.push(this.#groups);
    this.#sums[at] = sum;
    this.#frames++;
  }

  band(band: number, frame: number): number {
    return (this.#bands[band] as Float32Array)[frame % KEPT] as number;
  }

  /** How far a band rises over what is usual and over what was just before; below 0 where it does not. */
  rise(band: number, frame: number): number {
    return (this.#rises[band] as Float32Array)[frame % KEPT] as number;
  }

  /** The rises of all bands together. */
  sum(frame: number): number {
    return this.#sums[frame % KEPT] as number;
  }

  /** The loudest of the frames just before. */
  justBefore(band: number, frame: number): number {
    let most = SILENCE_DB;
    for (const back of BEFORE) most = Math.max(most, this.band(band, frame - back + KEPT));
    return most;
  }

  /** How loud some bands are together; all of them where none are named. */
  group([from, to]: BandRange = ALL_BANDS, frame = this.#frames - 1): number {
    let power = 0;
    for (let band = from; band < to; band++) power += Math.exp(this.band(band, Math.max(0, frame)) * TO_POWER);
    return 10 * Math.log10(power);
  }

  /** How loud it usually is here, over all bands. */
  usual(): number {
    let power = 0;
    for (const level of this.groupLong.middle.values) power += Math.exp(level * TO_POWER);
    return 10 * Math.log10(power);
  }
}

const TO_POWER = Math.LN10 / 10;

/** Running quantiles of levels over so many seconds, dB. */
function quantiles(streams: number, share: number, seconds: number): RunningQuantiles {
  return new RunningQuantiles(streams, share, 20, seconds * FRAMES_A_SECOND);
}
