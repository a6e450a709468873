/** A slot of the envelope, seconds: finer than any spectrum, since it tells a crack from a click of metal. */
export const SLOT_S = 0.000_25;
/** Below and above it, Hz. */
const SPLIT_HZ = 4000;
const KEPT = 512;

/** The loudest sample of each quarter millisecond, below and above 4 kHz, for the last 128 ms; and how it goes through zero. */
export class Envelope {
  readonly low = new Float32Array(KEPT);
  readonly high = new Float32Array(KEPT);
  readonly crossings = new Uint8Array(KEPT);
  /** Slots so far; the newest whole one is `slots - 1`. */
  slots = 0;
  readonly #samplesASlot: number;
  readonly #keep: number;
  #smooth = 0;
  #smoother = 0;
  #last = 0;
  #due: number;
  #samples = 0;

  constructor(readonly sampleRate: number) {
    this.#samplesASlot = SLOT_S * sampleRate;
    this.#keep = 1 - Math.exp((-2 * Math.PI * Math.min(SPLIT_HZ, sampleRate * 0.3)) / sampleRate);
    this.#due = this.#samplesASlot;
  }

  push(sample: number): void {
    // Two first-order low-passes one after the other; what they leave is the upper half.
    this.#smooth += (sample - this.#smooth) * this.#keep;
    this.#smoother += (this.#smooth - this.#smoother) * this.#keep;
    const slot = this.slots % KEPT;
    const [low, high] = [Math.abs(this.#smoother), Math.abs(sample - this.#smoother)];
    if (low > (this.low[slot] as number)) this.low[slot] = low;
    if (high > (this.high[slot] as number)) this.high[slot] = high;
    if (sample * this.#last < 0) this.crossings[slot] = (this.crossings[slot] as number) + 1;
    if (sample !== 0) this.#last = sample;
    if (++this.#samples < this.#due) return;
    this.#due += this.#samplesASlot;
    this.slots++;
    const next = this.slots % KEPT;
    this.low[next] = 0;
    this.high[next] = 0;
    this.crossings[next] = 0;
  }

  /** A slot's place in the rings. */
  place(slot: number): number {
    return ((slot % KEPT) + KEPT) % KEPT;
  }
}
