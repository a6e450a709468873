import { middleOf } from '../chance/index.ts';
import { type Reading, readingAt } from './rateOfRise.ts';

/** A gear's own reading at first crack. Source: handbook, section 6: median of its last ten roasts. */
const LAST_ROASTS = 10;
/** Off by more than this, the probe moved or the crack was mis-marked. Source: as above. */
const MOVED_C = 8;
/** The middle of the bean-mass readings at first crack, for gear that has none of its own: 193 to 205. Source: as above. */
const USUAL_FIRST_CRACK_C = 199;
/** Fire danger lies so far past first crack: 245 against the middle of its range. Source: as above. */
export const DANGER_PAST_FIRST_CRACK_C = 46;

/** What a temperature is counted from: the reading at first crack, °C, and whose it is. */
export interface FirstCrackC {
  readonly celsius: number;
  readonly from: 'roast' | 'gear' | 'usual';
}

/**
 * The reading at first crack that this roast is judged by: its own where it is marked and was read, else the gear's own,
 * else the usual one. Alarms and pull rules ask here, so that they never count from two.
 */
export function firstCrackC(
  readings: readonly Reading[],
  firstCrackS: number | undefined,
  ownC: number | undefined,
): FirstCrackC {
  const own = firstCrackS === undefined ? undefined : readingAt(readings, firstCrackS);
  if (own !== undefined) return { celsius: own, from: 'roast' };
  return ownC === undefined ? { celsius: USUAL_FIRST_CRACK_C, from: 'usual' } : { celsius: ownC, from: 'gear' };
}

/** Median of the gear's readings at first crack since its probe was moved, newest first, °C; undefined without any. */
export function ownFirstCrackC(newestFirst: readonly number[]): number | undefined {
  return middleOf(newestFirst.slice(0, Math.min(LAST_ROASTS, sinceMoved(newestFirst))));
}

/** What the probe differs by from roast to roast explains a difference up to so many times as large. Ours. */
const MOVED_TIMES = 3;

/**
 * How many of the newest readings at first crack were taken where the probe sits now: the row is parted where both sides
 * agree best with themselves, if the sides then lie apart. All of them when it was not moved.
 */
export function sinceMoved(newestFirst: readonly number[]): number {
  const partings = newestFirst.slice(1).map((_, i) => {
    const [here, before] = [newestFirst.slice(0, i + 1), newestFirst.slice(i + 1)];
    const [now, then] = [middleOf(here) ?? 0, middleOf(before) ?? 0];
    const off = (all: readonly number[], middle: number) => all.reduce((sum, each) => sum + Math.abs(each - middle), 0);
    return { since: i + 1, by: Math.abs(now - then), apart: (off(here, now) + off(before, then)) / newestFirst.length };
  });
  const best = partings.reduce<(typeof partings)[number] | undefined>(
    (least, each) => (!least || each.apart < least.apart ? each : least),
    undefined,
  );
  return best && best.by > Math.max(MOVED_C, MOVED_TIMES * best.apart) ? best.since : newestFirst.length;
}

/** How far a reading at first crack is off the gear's own, °C, where that is far enough to ask; undefined else. */
export function probeMovedByC(readingC: number | undefined, ownC: number | undefined): number | undefined {
  if (readingC === undefined || ownC === undefined) return undefined;
  const by = readingC - ownC;
  return Math.abs(by) > MOVED_C ? by : undefined;
}
