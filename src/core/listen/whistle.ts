import { RunningQuantiles } from './quantile.ts';
import { RunningSpectrum } from './spectrum.ts';
import { type Tone, type Whistled, WhistleRuns } from './whistleRuns.ts';

/** A spectrum over so long, in so many overlapping steps: long enough to part tones, short against a whistle. */
const WINDOW_S = 0.043;
const OVERLAP = 4;
/** All that may sound beside a whistle lies in here, and the whistle itself, Hz. */
const BAND_HZ = [450, 7000] as const;
const WHISTLE_HZ = [780, 3200] as const;
/** A tone fills so many bins to either side of its peak. */
const TONE_BINS = 3;
/** It rises so far out of what is usual here, as a ratio of power. */
const RISE = 25;
/** Nothing else counts that rises less than this: noise does so by itself. */
const OTHER_RISE = 9;
/** So much of all that rises is the one tone. */
const PURE = 0.85;
/** A voice and a string have overtones; a whistle has hardly any, as a ratio of power. */
const OVERTONES = 0.03;
/** What is usual is learnt over so long, quickly in the first second: a tone that goes on must not become usual while it may be a whistle. */
const USUAL_S = 12;

/**
 * Hears whistles: a short, steady, pure tone that rises out of everything else. Takes samples in blocks of any size, in constant
 * memory. Talk has overtones, metal dies away, a kettle goes on, music does not stop at one note; each fails one of the rules.
 */
export class Whistles {
  readonly #sampleRate: number;
  readonly #size: number;
  readonly #spectrum: RunningSpectrum;
  readonly #bins: readonly [number, number];
  readonly #levels: Float64Array;
  readonly #usual: RunningQuantiles;
  readonly #runs = new WhistleRuns();
  #samples = 0;

  constructor(sampleRate: number) {
    this.#sampleRate = sampleRate;
    this.#size = 2 ** Math.round(Math.log2(sampleRate * WINDOW_S));
    const hop = this.#size / OVERLAP;
    this.#spectrum = new RunningSpectrum({ length: this.#size, size: this.#size, hop });
    this.#bins = [this.#binOf(BAND_HZ[0]), Math.min(this.#size / 2 - 1, this.#binOf(BAND_HZ[1]))];
    this.#levels = new Float64Array(this.#bins[1] - this.#bins[0]);
    const perSecond = sampleRate / hop;
    this.#usual = new RunningQuantiles(this.#levels.length, 0.5, 20, USUAL_S * perSecond, perSecond);
  }

  /** What was whistled within these samples, told once it is plain that no more of it follows. */
  push(samples: ArrayLike<number>): Whistled[] {
    const heard: Whistled[] = [];
    for (let i = 0; i < samples.length; i++) {
      const sample = samples[i] as number;
      this.#samples++;
      const isDue = this.#spectrum.push(Number.isFinite(sample) ? sample : 0);
      if (!isDue || this.#samples < this.#size) continue;
      const at = (this.#samples - this.#size / 2) / this.#sampleRate;
      const whistled = this.#runs.take(at, this.#tone());
      if (whistled) heard.push(whistled);
    }
    return heard;
  }

  #binOf(hertz: number): number {
    return Math.round((hertz * this.#size) / this.#sampleRate);
  }

  /** The one clear tone of this moment, if there is one. */
  #tone(): Tone | undefined {
    const [from, to] = this.#bins;
    const [low, high] = [this.#binOf(WHISTLE_HZ[0]) - from, this.#binOf(WHISTLE_HZ[1]) - from];
    let peak = low;
    for (let k = 0; k < to - from; k++) {
      const power = this.#spectrum.power(from + k) + 1e-12;
      this.#levels[k] = power;
      if (k >= low && k <= high && power > (this.#levels[peak] as number)) peak = k;
    }
    const tone = this.#pure(peak) ? { hertz: this.#between(peak), power: this.#levels[peak] as number } : undefined;
    this.#usual.push(this.#levels.map(toDb));
    return tone;
  }

  #pure(peak: number): boolean {
    const usual = this.#usual.values;
    const over = (k: number, rise: number) => {
      const power = this.#levels[k] as number;
      return power > rise * 10 ** ((usual[k] as number) / 10) ? power : 0;
    };
    if (over(peak, RISE) === 0) return false;
    let [own, other] = [0, 0];
    for (let k = 0; k < this.#levels.length; k++) {
      if (Math.abs(k - peak) <= TONE_BINS) own += this.#levels[k] as number;
      else other += over(k, OTHER_RISE);
    }
    let overtones = 0;
    for (const times of [2, 3])
      for (let k = (this.#bins[0] + peak) * times - this.#bins[0] - TONE_BINS, n = 0; n <= 2 * TONE_BINS; k++, n++)
        if (k < this.#levels.length) overtones += over(k, OTHER_RISE);
    return own >= PURE * (own + other) && overtones <= OVERTONES * own;
  }

  /** The tone's pitch, Hz, finer than the bins: a parabola through the levels around its peak. */
  #between(peak: number): number {
    const [left, middle, right] = [peak - 1, peak, peak + 1].map((k) => toDb(this.#levels[k] ?? 1e-12)) as [
      number,
      number,
      number,
    ];
    const bend = left - 2 * middle + right;
    const off = bend === 0 ? 0 : (0.5 * (left - right)) / bend;
    return ((this.#bins[0] + peak + off) * this.#sampleRate) / this.#size;
  }
}

const toDb = (power: number) => 10 * Math.log10(power);
