import FFT from 'fft.js';

/** What a running spectrum is made with, in samples: `size` is a power of two and at least the window's `length`. */
interface SpectrumSizes {
  readonly length: number;
  readonly size: number;
  readonly hop: number;
}

/** The spectrum of the last samples, anew after each hop, through a raised-cosine window. Memory is constant. */
export class RunningSpectrum {
  readonly #window: Float64Array;
  readonly #recent: Float32Array;
  readonly #fft: FFT;
  readonly #input: Float64Array;
  readonly #parts: Float64Array;
  readonly #hop: number;
  #at = 0;
  #untilNext: number;

  constructor({ length, size, hop }: SpectrumSizes) {
    this.#window = Float64Array.from({ length }, (_, i) => Math.sin((Math.PI * (i + 0.5)) / length) ** 2);
    this.#recent = new Float32Array(length);
    this.#fft = new FFT(size);
    this.#input = new Float64Array(size);
    this.#parts = new Float64Array(2 * size);
    this.#hop = hop;
    this.#untilNext = hop;
  }

  /** Takes a sample; whether a new spectrum can be asked for. */
  push(sample: number): boolean {
    const { length } = this.#recent;
    this.#recent[this.#at] = sample;
    this.#at = (this.#at + 1) % length;
    if (--this.#untilNext > 0) return false;
    this.#untilNext = this.#hop;
    for (let i = 0; i < length; i++)
      this.#input[i] = (this.#recent[(this.#at + i) % length] as number) * (this.#window[i] as number);
    this.#fft.realTransform(this.#parts, this.#input);
    return true;
  }

  /** The power in a bin of the newest spectrum, in the square of the samples' unit. */
  power(bin: number): number {
    return (this.#parts[2 * bin] as number) ** 2 + (this.#parts[2 * bin + 1] as number) ** 2;
  }
}
