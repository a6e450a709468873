import { type Counted, CountedCracks, KEPT_S, weightOf } from './counted.ts';

/** What was heard of the course of a roast, seconds from the start of the sound; null while it has not come. */
export interface CrackCourse {
  readonly firstCrack: number | null;
  readonly firstCrackEnd: number | null;
  readonly secondCrack: number | null;
}

/** Pops of first crack and snaps of second. */
export type CrackKind = 'first' | 'second';

/**
 * First crack rolls: so many pops within so long, so many of them at the last, one of them clear at least, and in so many stretches
 * of five seconds. A rush of clatter has no such spread, and what merely resembles pops has no clear one. Where most are clear, three
 * stretches are enough.
 */
const FIRST = { pops: 8, atLast: 4, clear: 1, withinS: 25, stretches: 4, stretchS: 5 };
const CLEAR_FIRST = { clear: 6, stretches: 3 };
/** It rolls with the third pop within so long; a gap parts a run from what came before. */
const ROLLING = { pops: 3, withinS: 10, gapS: 8 };
/** So much of the weight that it had at its thickest: what a kitchen lets through the whole time weighs less. */
const OF_THICKEST = { goesOn: 0.2, goesOnAgain: 0.5 };
/** It is over after so long without that; pops that are as thick as before within twice that belong to it. */
const OVER_S = 12;
/** Second crack rolls: so many snaps within so long, so long after the end of first crack, and so many times what snapped before. */
const SECOND = { snaps: 12, withinS: 8, afterS: 15, timesBefore: 2 };
/** Snaps before it are counted until so long before those, over so long at least. */
const BEFORE = { apartS: 2, leastS: 5 };
/** Log odds that weigh a half; chosen, as the figures above, on the scenes in docs/listening.md. */
const EVEN = { first: 2, second: 1 };
/** Log odds of a crack that nobody doubts. */
const SURE = 10;

/**
 * Tells the course of a roast from the cracks that were heard, each counted only once others confirm it, and dated back to
 * when it began. Constant memory: only the cracks of the last minute are kept.
 */
export class Course {
  readonly #firsts = new CountedCracks(EVEN.first);
  readonly #seconds = new CountedCracks(EVEN.second);
  #firstCrack: number | null = null;
  #firstCrackEnd: number | null = null;
  #secondCrack: number | null = null;
  #lastRolling = 0;
  #thickest = 0;
  /** Silence may end it: not after its end was taken back, until it has rolled again. */
  #mayEnd = true;

  get course(): CrackCourse {
    return { firstCrack: this.#firstCrack, firstCrackEnd: this.#firstCrackEnd, secondCrack: this.#secondCrack };
  }

  /** First crack rolls and nothing is told of its end yet. */
  get rolls(): boolean {
    return this.#firstCrack !== null && this.#firstCrackEnd === null;
  }

  /** Takes what was told back: the person says that it is not so. It is told again only after new cracks confirm it. */
  takeBack(milestone: keyof CrackCourse): void {
    if (milestone === 'firstCrack') {
      [this.#firstCrack, this.#firstCrackEnd, this.#secondCrack] = [null, null, null];
      this.#thickest = 0;
      this.#mayEnd = true;
    }
    if (milestone === 'firstCrackEnd') {
      [this.#firstCrackEnd, this.#secondCrack] = [null, null];
      this.#mayEnd = false;
    }
    if (milestone === 'secondCrack') this.#secondCrack = null;
    this.#firsts.forget();
    this.#seconds.forget();
  }

  /** The person marked it: then it is so, whatever was heard. */
  know(milestone: keyof CrackCourse, at: number): void {
    if (milestone === 'firstCrack') this.#firstCrack = at;
    else if (milestone === 'firstCrackEnd') this.#firstCrackEnd = at;
    else this.#secondCrack = at;
    this.#lastRolling = Math.max(this.#lastRolling, at);
  }

  /** A crack was heard, with the log odds that it is one; nobody doubts it where none are given. */
  hear(kind: CrackKind, at: number, logOdds = SURE): void {
    (kind === 'first' ? this.#firsts : this.#seconds).hear(at, logOdds);
    if (kind === 'first') this.#hearFirst(at);
    else this.#hearSecond(at);
  }

  /** Lets time pass: silence ends first crack. */
  pass(now: number): void {
    if (!this.rolls || !this.#mayEnd || now - this.#lastRolling < OVER_S) return;
    this.#firstCrackEnd = this.#lastRolling;
  }

  #hearFirst(at: number): void {
    if (this.#secondCrack !== null) return;
    if (this.#firstCrack !== null) this.#goOn(at);
    else this.#begin(at);
  }

  #goOn(at: number): void {
    const rolling = this.#firsts.between(at - ROLLING.withinS, at);
    const weight = weightOf(rolling);
    this.#thickest = Math.max(this.#thickest, weight);
    if (rolling.length < ROLLING.pops || weight < OF_THICKEST.goesOn * this.#thickest) return;
    const end = this.#firstCrackEnd;
    if (end !== null && (at - end >= OVER_S * 2 || weight < OF_THICKEST.goesOnAgain * this.#thickest)) return;
    this.#firstCrackEnd = null;
    this.#lastRolling = at;
    this.#mayEnd = true;
  }

  #begin(at: number): void {
    const near = this.#firsts.between(at - FIRST.withinS, at);
    const stretches = new Set(near.map((each) => Math.floor((at - each.at) / FIRST.stretchS)));
    const clear = near.filter(({ isClear }) => isClear).length;
    const spread = clear >= CLEAR_FIRST.clear ? CLEAR_FIRST.stretches : FIRST.stretches;
    const atLast = this.#firsts.between(at - ROLLING.withinS, at);
    if (near.length < FIRST.pops || atLast.length < FIRST.atLast) return;
    if (clear < FIRST.clear || stretches.size < spread) return;
    this.#thickest = weightOf(atLast);
    this.#firstCrack = beganAt(this.#firsts.all);
    this.#lastRolling = at;
  }

  #hearSecond(at: number): void {
    if (this.#firstCrack === null || this.#secondCrack !== null) return;
    const fromS = (this.#firstCrackEnd ?? this.#lastRolling) + SECOND.afterS;
    const run = this.#seconds.all.filter((each) => each.at >= fromS);
    const near = run.filter((each) => each.at > at - SECOND.withinS);
    if (near.length < SECOND.snaps) return;
    const usual = this.#snappedBefore(at) * SECOND.withinS;
    if (weightOf(near) < SECOND.timesBefore * usual) return;
    // Where something snaps the whole time, it began as it grew thicker.
    this.#secondCrack = usual > 1 ? (near[0] as Counted).at : beganAt(run);
    this.#firstCrackEnd ??= this.#lastRolling;
  }

  /** What snapped each second since first crack began, by weight, until it may be second: the kitchen, or the roaster. */
  #snappedBefore(at: number): number {
    const fromS = Math.max(this.#firstCrack as number, at - KEPT_S);
    const upToS = at - SECOND.withinS - BEFORE.apartS;
    return weightOf(this.#seconds.between(fromS, upToS)) / Math.max(BEFORE.leastS, upToS - fromS);
  }
}

/** When the newest run began to roll: its third within ten seconds; a gap parts it from what came before. */
function beganAt(all: readonly Counted[]): number {
  const atOf = (i: number) => (all[i] as Counted).at;
  let start = all.length - 1;
  while (start > 0 && atOf(start) - atOf(start - 1) <= ROLLING.gapS) start--;
  for (let i = start + ROLLING.pops - 1; i < all.length; i++)
    if (atOf(i) - atOf(i - ROLLING.pops + 1) <= ROLLING.withinS) return atOf(i);
  return atOf(start);
}
