/**
 * How surely something must sound like a crack to count, as log odds. It settles above what this kitchen exceeds about eight
 * times a minute (fewer would let stray pops deafen it): down where it is quiet, up where things clatter. It looks back past the
 * time in which first crack confirms itself, so that the first pops do not raise it, and once first crack rolls it stays.
 */
export class AdaptiveThreshold {
  readonly #range: ThresholdRange;
  readonly #history: number[] = [];
  #now: number;
  #atS = 0;
  #frozen: number | undefined;
  #least: number;

  constructor(range: ThresholdRange) {
    this.#range = range;
    this.#now = range.start;
    this.#least = range.least;
  }

  get value(): number {
    const settled = this.#history.length < LOOK_BACK_S ? this.#now : (this.#history[0] as number);
    return this.#frozen ?? Math.min(this.#range.most, Math.max(this.#least, settled));
  }

  /** Whether this place has raised it: above so much, and above the least that it asks for anyway. */
  isRaisedAbove(logOdds: number): boolean {
    return this.value > Math.max(logOdds, this.#least);
  }

  /** Something with these log odds was heard. */
  hear(logOdds: number): void {
    if (logOdds > this.#now) this.#now = Math.min(this.#range.most, this.#now + RISE);
  }

  /** Lets time pass, to so many seconds of sound. */
  pass(now: number): void {
    while (this.#atS + 1 <= now) {
      this.#atS++;
      this.#history.push(this.#now);
      if (this.#history.length > LOOK_BACK_S) this.#history.shift();
      this.#now = Math.max(this.#least, this.#now - (RISE * A_MINUTE) / 60);
    }
  }

  /** On this gear cracks are known to sound clearer than this: it never asks for less. */
  atLeast(logOdds: number): void {
    this.#least = Math.min(this.#range.most, Math.max(this.#least, logOdds));
    this.#now = Math.max(this.#now, this.#least);
  }

  freeze(): void {
    this.#frozen ??= this.value;
  }

  /** It moves again, from where this kitchen has it by now; what was asked for besides is forgotten. */
  thaw(): void {
    this.#frozen = undefined;
    this.#least = this.#range.least;
  }

  /** Told wrongly: from now on it takes more, and never less again. */
  stricter(): void {
    this.#least = Math.min(this.#range.most, this.value + STRICTER);
    this.#frozen = undefined;
    this.#history.length = 0;
    this.#now = this.#least;
  }
}

/** Log odds: where it starts, and between what it moves. */
export interface ThresholdRange {
  readonly start: number;
  readonly least: number;
  readonly most: number;
}

const A_MINUTE = 8;
const RISE = 0.3;
const LOOK_BACK_S = 25;
const STRICTER = 1.5;
