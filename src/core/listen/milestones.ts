/** What was heard of the course of a roast, seconds from the start of the sound; null while it has not come. */
export interface CrackCourse {
  readonly firstCrack: number | null;
  readonly firstCrackEnd: number | null;
  readonly secondCrack: number | null;
}

/** Pops of first crack and snaps of second. */
export type CrackKind = 'first' | 'second';

/**
 * First crack rolls: so many pops within so long, one of them clear at least, and in so many stretches of five seconds. A rush of clatter
 * has no such spread, and what merely resembles pops has no clear one. Where most are clear, three stretches are enough.
 */
const FIRST = { pops: 8, clear: 1, withinS: 25, stretches: 4, stretchS: 5 };
const CLEAR_FIRST = { clear: 6, stretches: 3 };
/** It began with the third pop within so long of a run that no gap breaks. */
const ROLLING = { pops: 3, withinS: 10, gapS: 8 };
/** It is over after so long without three pops close together. */
const OVER_S = 12;
/** Second crack rolls: so many snaps within so long, so long after the end of first crack. */
const SECOND = { snaps: 12, withinS: 8, afterS: 15 };
const KEPT_S = 60;

/**
 * Tells the course of a roast from the cracks that were heard, each counted only once others confirm it, and dated back to
 * when it began. Constant memory: only the cracks of the last minute are kept.
 */
export class Course {
  #firsts: number[] = [];
  #clear: number[] = [];
  #seconds: number[] = [];
  #firstCrack: number | null = null;
  #firstCrackEnd: number | null = null;
  #secondCrack: number | null = null;
  #lastRolling = 0;

  get course(): CrackCourse {
    return { firstCrack: this.#firstCrack, firstCrackEnd: this.#firstCrackEnd, secondCrack: this.#secondCrack };
  }

  /** First crack rolls and nothing is told of its end yet. */
  get rolls(): boolean {
    return this.#firstCrack !== null && this.#firstCrackEnd === null;
  }

  /** Takes what was told back: the person says that it is not so. It is told again only after new cracks confirm it. */
  takeBack(milestone: keyof CrackCourse): void {
    if (milestone === 'firstCrack') [this.#firstCrack, this.#firstCrackEnd, this.#secondCrack] = [null, null, null];
    if (milestone === 'firstCrackEnd') [this.#firstCrackEnd, this.#secondCrack] = [null, null];
    if (milestone === 'secondCrack') this.#secondCrack = null;
    this.#firsts = [];
    this.#clear = [];
    this.#seconds = [];
  }

  /** The person marked it: then it is so, whatever was heard. */
  know(milestone: keyof CrackCourse, at: number): void {
    if (milestone === 'firstCrack') this.#firstCrack = at;
    else if (milestone === 'firstCrackEnd') this.#firstCrackEnd = at;
    else this.#secondCrack = at;
    this.#lastRolling = Math.max(this.#lastRolling, at);
  }

  /** A crack was heard; `isClear` where it was hardly anything else. */
  hear(kind: CrackKind, at: number, isClear = true): void {
    if (kind === 'first' && isClear) this.#clear.push(at);
    while ((this.#clear[0] ?? at) < at - KEPT_S) this.#clear.shift();
    const list = kind === 'first' ? this.#firsts : this.#seconds;
    list.push(at);
    while ((list[0] ?? at) < at - KEPT_S) list.shift();
    if (kind === 'first') this.#hearFirst(at);
    else this.#hearSecond(at);
  }

  /** Lets time pass: silence ends first crack. */
  pass(now: number): void {
    if (!this.rolls || now - this.#lastRolling < OVER_S) return;
    this.#firstCrackEnd = this.#lastRolling;
  }

  #hearFirst(at: number): void {
    if (this.#secondCrack !== null) return;
    if (isThirdOf(this.#firsts)) {
      // Pops that come again soon after a pause belong to the same first crack.
      if (this.#firstCrackEnd !== null && at - this.#firstCrackEnd < OVER_S * 2) this.#firstCrackEnd = null;
      if (this.#firstCrackEnd === null) this.#lastRolling = at;
    }
    if (this.#firstCrack !== null) return;
    const near = this.#firsts.filter((each) => each > at - FIRST.withinS);
    const stretches = new Set(near.map((each) => Math.floor((at - each) / FIRST.stretchS)));
    const clear = this.#clear.filter((each) => each > at - FIRST.withinS);
    const spread = clear.length >= CLEAR_FIRST.clear ? CLEAR_FIRST.stretches : FIRST.stretches;
    if (near.length < FIRST.pops || clear.length < FIRST.clear || stretches.size < spread) return;
    this.#firstCrack = beganAt(this.#firsts);
  }

  #hearSecond(at: number): void {
    if (this.#firstCrack === null || this.#secondCrack !== null) return;
    const from = (this.#firstCrackEnd ?? this.#lastRolling) + SECOND.afterS;
    const near = this.#seconds.filter((each) => each > at - SECOND.withinS && each >= from);
    if (near.length < SECOND.snaps) return;
    this.#secondCrack = beganAt(this.#seconds.filter((each) => each >= from));
    this.#firstCrackEnd ??= this.#lastRolling;
  }
}

/** The newest is at least the third within the time of rolling. */
function isThirdOf(all: readonly number[]): boolean {
  const third = all.at(-ROLLING.pops);
  return third !== undefined && (all.at(-1) as number) - third <= ROLLING.withinS;
}

/** When the newest run began to roll: its third within ten seconds; a gap parts it from what came before. */
function beganAt(all: readonly number[]): number {
  let start = all.length - 1;
  while (start > 0 && (all[start] as number) - (all[start - 1] as number) <= ROLLING.gapS) start--;
  for (let i = start + ROLLING.pops - 1; i < all.length; i++)
    if ((all[i] as number) - (all[i - ROLLING.pops + 1] as number) <= ROLLING.withinS) return all[i] as number;
  return all[start] as number;
}
