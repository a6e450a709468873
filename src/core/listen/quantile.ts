/**
 * Running quantiles of several streams side by side, in constant memory: each goes up by a share of its step where a value lies
 * above it, down by the rest where one lies below, and so settles where both balance. Source: stochastic approximation,
 * Robbins & Monro, 1951.
 */
export class RunningQuantiles {
  readonly values: Float64Array;
  readonly #up: number;
  readonly #down: number;
  #seen = 0;

  /** `share` of the values lie below; a quantile crosses `span`, in the unit of the values, within about `steps` values. */
  constructor(streams: number, share: number, span: number, steps: number) {
    this.values = new Float64Array(streams);
    this.#up = (span / steps) * share * 4;
    this.#down = (span / steps) * (1 - share) * 4;
  }

  /** Takes the next value of every stream. */
  push(next: ArrayLike<number>): void {
    // Quick at first, since nothing is known yet.
    const haste = this.#seen < HASTY ? 1 + (HASTY - this.#seen) / HASTE : 1;
    const [up, down] = [this.#up * haste, this.#down * haste];
    for (let i = 0; i < this.values.length; i++) {
      const value = next[i] as number;
      const own = this.values[i] as number;
      this.values[i] = this.#seen === 0 ? value : value > own ? own + up : own - down;
    }
    this.#seen++;
  }
}

/** Values at the beginning through which it hurries: one second of frames. */
const HASTY = 750;
const HASTE = 75;
