/** A crack that counts: when, and how likely it is one, 0 to 1. */
export interface Counted {
  readonly at: number;
  readonly weight: number;
  /** It was hardly anything else. */
  readonly isClear: boolean;
}

/** From these log odds on a crack is clear: fifteen times as likely one as anything else. */
const CLEAR = 2.7;
/** So long a crack is remembered. */
export const KEPT_S = 60;

/** The cracks of one kind in the last minute. `even`: the log odds that weigh a half. */
export class CountedCracks {
  readonly #even: number;
  #all: Counted[] = [];

  constructor(even: number) {
    this.#even = even;
  }

  get all(): readonly Counted[] {
    return this.#all;
  }

  /** Takes a crack with its log odds against anything else. */
  hear(at: number, logOdds: number): void {
    this.#all.push({ at, weight: 1 / (1 + Math.exp(this.#even - logOdds)), isClear: logOdds >= CLEAR });
    while ((this.#all[0] as Counted).at < at - KEPT_S) this.#all.shift();
  }

  forget(): void {
    this.#all = [];
  }

  /** Those after one moment and up to another. */
  between(afterS: number, upToS: number): readonly Counted[] {
    return this.#all.filter(({ at }) => at > afterS && at <= upToS);
  }
}

/** How much cracks weigh together. */
export const weightOf = (cracks: readonly Counted[]): number => cracks.reduce((sum, { weight }) => sum + weight, 0);
