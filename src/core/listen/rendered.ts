import { type Random, seededRandom } from '../chance/index.ts';
import type { CrackKind } from './milestones.ts';

/** A crack of simulated beans: when, seconds into the second that is rendered. */
export interface RenderedCrack {
  readonly at: number;
  readonly kind: CrackKind;
}

// Source: handbook, section 7: first loud, a few milliseconds, below 5 kHz; second 10 to 20 dB quieter, shorter, mostly above 6 kHz.
const SOUND = {
  first: { hertz: 1800, dropS: 0.006, gain: 0.5 },
  second: { hertz: 8500, dropS: 0.002, gain: 0.16 },
} as const;
const HISS = 0.012;
const RATTLES_A_SECOND = 12;

/** Simulated beans made audible, second by second, with a blower and beans that rattle: what a microphone beside them would hear. */
export class RenderedBeans {
  readonly #random: Random;
  readonly #sampleRate: number;
  #low = 0;

  constructor(sampleRate: number, seed: number) {
    this.#sampleRate = sampleRate;
    this.#random = seededRandom(seed);
  }

  /** The next second. */
  second(cracks: readonly RenderedCrack[]): Float32Array {
    const out = new Float32Array(this.#sampleRate);
    for (let i = 0; i < out.length; i++) {
      // A blower: noise whose upper half is damped.
      this.#low += ((this.#random() - 0.5) * 2 - this.#low) * 0.25;
      out[i] = HISS * this.#low;
    }
    for (let i = 0; i < RATTLES_A_SECOND; i++)
      this.#addBurst(out, this.#random(), {
        hertz: 2500 + 3000 * this.#random(),
        dropS: 0.002,
        gain: 0.03 * this.#random(),
      });
    for (const { at, kind } of cracks) {
      const { hertz, dropS, gain } = SOUND[kind];
      const own = () => 0.7 + 0.6 * this.#random();
      this.#addBurst(out, at, { hertz: hertz * own(), dropS: dropS * own(), gain: gain * own() });
    }
    return out;
  }

  /** Noise around a pitch that dies away: a swing whose phase wanders. */
  #addBurst(
    out: Float32Array,
    atS: number,
    { hertz, dropS, gain }: { hertz: number; dropS: number; gain: number },
  ): void {
    const from = Math.round(atS * this.#sampleRate);
    const keep = Math.exp(-Math.LN10 / (dropS * this.#sampleRate));
    let [level, phase] = [gain, 6.3 * this.#random()];
    for (let i = from; i < out.length && level > 1e-4; i++, level *= keep) {
      phase += ((2 * Math.PI * hertz) / this.#sampleRate) * (0.3 + 1.4 * this.#random());
      out[i] = (out[i] as number) + level * Math.sin(phase) * Math.min(1, (i - from) / 8 + 0.2);
    }
  }
}
