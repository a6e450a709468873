import { Envelope } from './envelope.ts';
import { AHEAD, featuresAt, peakAt } from './features.ts';
import { Frames } from './frames.ts';
import { Levels } from './levels.ts';

/** Something sudden: when it began, seconds from the start of the sound, how loud it got, dB of full scale, and what it looks like. */
export interface Onset {
  readonly at: number;
  readonly peakDb: number;
  readonly features: Float32Array;
}

/** Nothing else within so many frames to either side. */
const ALONE = 8;
/** Rises summed over all bands, dB: low, since what is no onset is lost. */
const LEAST_RISE_DB = 8;
/** Before so many frames nothing is known of what is usual. */
const FIRST_FRAME = 32;
/** Onsets before this one that are remembered. */
const REMEMBERED = 64;

/** Watches levels band by band for sudden rises above what is usual here. */
export class Onsets {
  readonly #frames: Frames;
  readonly #envelope: Envelope;
  readonly #sampleRate: number;
  readonly #levels = new Levels();
  readonly #earlier: number[] = [];
  #samples = 0;

  constructor(sampleRate: number) {
    this.#sampleRate = sampleRate;
    this.#frames = new Frames(sampleRate);
    this.#envelope = new Envelope(sampleRate);
  }

  /** Seconds of sound so far. */
  get now(): number {
    return this.#samples / this.#sampleRate;
  }

  /** How loud it is now, and usually, dB of full scale over all bands. */
  level(): { readonly now: number; readonly usual: number } {
    return { now: this.#levels.group(), usual: this.#levels.usual() };
  }

  push(sample: number): Onset | undefined {
    this.#samples++;
    this.#envelope.push(sample);
    const levels = this.#frames.push(sample);
    if (!levels) return undefined;
    this.#levels.take(levels);
    return this.#onsetAt(this.#levels.frames - 1 - AHEAD);
  }

  #onsetAt(frame: number): Onset | undefined {
    if (frame < FIRST_FRAME) return undefined;
    const levels = this.#levels;
    const sum = levels.sum(frame);
    if (sum < LEAST_RISE_DB) return undefined;
    for (let i = 1; i <= ALONE; i++) if (levels.sum(frame - i) >= sum || levels.sum(frame + i) > sum) return undefined;
    const at = (frame * this.#frames.hop) / this.#sampleRate;
    const features = featuresAt({ frame, at, earlier: this.#earlier }, levels, this.#envelope);
    this.#earlier.push(at);
    if (this.#earlier.length > REMEMBERED) this.#earlier.shift();
    return { at, peakDb: peakAt(frame, levels), features };
  }
}
