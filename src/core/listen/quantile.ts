/**
 * Running quantiles of several streams side by side, in constant memory: each goes up by a share of its step where a value lies
 * above it, down by the rest where one lies below, and so settles where both balance. Source: stochastic approximation,
 * Robbins & Monro, 1951.
 */
export class RunningQuantiles {
  readonly values: Float64Array;
  readonly #up: number;
  readonly #down: number;
  readonly #hasty: number;
  #seen = 0;

  /**
   * `share` of the values lie below; a quantile crosses `span`, in the unit of the values, within about `steps` values. Through
   * the first `hasty` values it hurries, since nothing is known yet.
   */
  constructor(streams: number, share: number, span: number, steps: number, hasty = A_SECOND) {
    this.#hasty = hasty;
    this.values = new Float64Array(streams);
    this.#up = (span / steps) * share * 4;
    this.#down = (span / steps) * (1 - share) * 4;
  }

  /** Takes the next value of every stream. */
  push(next: ArrayLike<number>): void {
    const haste = this.#seen < this.#hasty ? 1 + (HASTE * (this.#hasty - this.#seen)) / this.#hasty : 1;
    const [up, down] = [this.#up * haste, this.#down * haste];
    for (let i = 0; i < this.values.length; i++) {
      const value = next[i] as number;
      const own = this.values[i] as number;
      this.values[i] = this.#seen === 0 ? value : value > own ? own + up : own - down;
    }
    this.#seen++;
  }
}

/** One second of frames. */
const A_SECOND = 750;
/** So many times as fast it goes at first. */
const HASTE = 10;
