import type { LiveEntry } from './liveEntries.ts';

/** When cracks of one kind rolled, found from their times. */
export interface CrackOnsets {
  /** Rolling began: the first of the cracks that made it so. */
  readonly rollingS: number | undefined;
  /** Densest moment, over a window of 10 s. */
  readonly peakS: number | undefined;
  /** Rolling was over: after this no three (first) or five (second) came close together any more; only known once time has passed. */
  readonly endS: number | undefined;
}

interface Rule {
  readonly count: number;
  readonly withinS: number;
  readonly endCount: number;
  readonly endWithinS: number;
}

/** Source: handbook, section 3: third pop inside 10 s, no three inside 15 s any more; fifth snap inside 5 s. */
const crackRules = {
  first: { count: 3, withinS: 10, endCount: 3, endWithinS: 15 },
  second: { count: 5, withinS: 5, endCount: 5, endWithinS: 10 },
} as const satisfies Record<'first' | 'second', Rule>;

/**
 * When a person tapped cracks of a kind. What a microphone heard is weighed where it is heard, with how sure that is, and
 * becomes a mark when it is taken: alone it moves no forecast and no pull.
 */
export const tappedCracks = (live: readonly LiveEntry[], crack: 'first' | 'second'): number[] =>
  live.flatMap((entry) =>
    entry.kind === 'crack' && entry.crack === crack && entry.source !== 'microphone' ? [entry.at] : [],
  );

/** A crack is doubtful where a microphone thought it as likely as not something else. */
export const isDoubtful = (entry: LiveEntry): boolean => entry.kind === 'crack' && (entry.likely ?? 1) < EVEN;
const EVEN = 0.5;

const PEAK_WINDOW_S = 10;

/**
 * Start, peak and end of rolling cracks from their times in seconds, in any order. The start is the moment of the crack
 * that completes the rule, as the handbook has it: lone early ones never do. The end is found once `nowS` lies far enough
 * behind the last cluster; undefined before.
 */
export function crackOnsets(crack: 'first' | 'second', timesS: readonly number[], nowS: number): CrackOnsets {
  const rule: Rule = crackRules[crack];
  const times = [...timesS].filter((at) => at <= nowS).sort((a, b) => a - b);
  const completes = times.findIndex(
    (at, i) => i >= rule.count - 1 && at - (times[i - rule.count + 1] as number) <= rule.withinS,
  );
  if (completes === -1) return { rollingS: undefined, peakS: undefined, endS: undefined };
  const rolling = times.slice(completes - rule.count + 1);
  return { rollingS: times[completes], peakS: peakOf(rolling), endS: endOf(rolling, rule, nowS) };
}

function peakOf(times: readonly number[]): number | undefined {
  let best = { count: 0, at: times[0] };
  let first = 0;
  times.forEach((at, i) => {
    while (at - (times[first] as number) > PEAK_WINDOW_S) first++;
    if (i - first + 1 > best.count) best = { count: i - first + 1, at: (at + (times[first] as number)) / 2 };
  });
  return best.at;
}

function endOf(times: readonly number[], rule: Rule, nowS: number): number | undefined {
  const last = times.findLast(
    (at, i) => i >= rule.endCount - 1 && at - (times[i - rule.endCount + 1] as number) <= rule.endWithinS,
  );
  return last === undefined || nowS - last < rule.endWithinS ? undefined : last;
}

/** Cracks a minute over the last `windowS` seconds before `nowS`. */
export function crackRate(timesS: readonly number[], nowS: number, windowS = 15): number {
  return (timesS.filter((at) => at > nowS - windowS && at <= nowS).length * 60) / windowS;
}
