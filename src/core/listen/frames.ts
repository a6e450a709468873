import { RunningSpectrum } from './spectrum.ts';

/** Edges of the bands, Hz: log-spaced from 0.3 to 20 kHz. Cracks lie in all of them, hum and rumble below. */
const LOWEST_HZ = 300;
const HIGHEST_HZ = 20_000;
/** So many bands. */
export const BANDS = 12;
/** Frames a second, whatever the sample rate: 64 samples at 48 kHz. */
export const FRAMES_A_SECOND = 750;
/** A window of 256 samples at 48 kHz: a crack is over in a few milliseconds. */
const WINDOW_S = 256 / 48_000;
/** Silence, dB of full scale; a band that a sample rate does not reach stays there. */
export const SILENCE_DB = -100;

/** The lower edge of a band, Hz; `BANDS` gives the upper edge of the last. */
export const edgeHz = (band: number): number => LOWEST_HZ * (HIGHEST_HZ / LOWEST_HZ) ** (band / BANDS);

/** Samples in, levels by band out: a short spectrum every 1⅓ ms. Memory is constant, and how the samples come does not matter. */
export class Frames {
  readonly hop: number;
  readonly #length: number;
  readonly #spectrum: RunningSpectrum;
  readonly #firstBin: Int32Array;
  readonly #levels = new Float32Array(BANDS);

  constructor(sampleRate: number) {
    this.hop = Math.round(sampleRate / FRAMES_A_SECOND);
    this.#length = Math.round(sampleRate * WINDOW_S);
    const size = 2 ** Math.ceil(Math.log2(this.#length));
    this.#spectrum = new RunningSpectrum({ length: this.#length, size, hop: this.hop });
    this.#firstBin = Int32Array.from({ length: BANDS + 1 }, (_, band) =>
      Math.min(size / 2, Math.round((edgeHz(band) * size) / sampleRate)),
    );
  }

  /** Takes a sample; the levels by band, dB of full scale, when a frame is full. They are overwritten by the next frame. */
  push(sample: number): Float32Array | undefined {
    if (!this.#spectrum.push(sample)) return undefined;
    for (let band = 0; band < BANDS; band++) {
      const [from, to] = [this.#firstBin[band] as number, this.#firstBin[band + 1] as number];
      let power = 0;
      for (let bin = from; bin < to; bin++) power += this.#spectrum.power(bin);
      const level = 10 * Math.log10((power * 16) / this.#length ** 2 + 1e-10);
      this.#levels[band] = to > from ? Math.max(SILENCE_DB, level) : SILENCE_DB;
    }
    return this.#levels;
  }
}
