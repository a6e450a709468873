import { mean, median, sum } from 'd3-array';
import {
  type LearnedProbe,
  ownFirstCrackC,
  type ProbeLog,
  probeMovedByC,
  type Reading,
  rateOfRise,
  readingAt,
  sinceMoved,
} from '../heat/index.ts';

/** Degrees before first crack at which earlier roasts are looked at: nearer ones matter more and change faster. */
const DEPTHS_C = [60, 50, 40, 32, 25, 19, 14, 10, 7, 4] as const;
const DEEPEST_C = DEPTHS_C[0];
/** Without yellow nothing yet says that it sits where it did: then only nearer, where the beans are brown. */
const DEEPEST_UNMARKED_C = 50;
const SHALLOWEST_C = DEPTHS_C[DEPTHS_C.length - 1] as number;
/** With fewer logs nobody knows how far it misses. */
const LEAST_LOGS = 3;
/** How the time left goes with the rate of rise at the same depth: not at all, half, in proportion. The misses choose. */
const POWERS = [0, 0.5, 1] as const;
/** Belief in the spread of its misses before there are any, as a log, and how many misses it is worth. Ours. */
const BELIEVED_SD = 0.3;
const BELIEF_WORTH = 3;
const LEAST_RATE_PER_MIN = 1;
const LOOKS_BACK = 40;

/** The way to first crack in one log: at each depth the log of the seconds left and of the rate, where it was read. */
interface Way {
  readonly crackC: number;
  /** Its readings up to first crack, in order of time. */
  readonly before: readonly Reading[];
  readonly firstCrackS: number;
  readonly yellowC: number | undefined;
  readonly byDepth: readonly (Point | undefined)[];
}
interface Point {
  readonly left: number;
  readonly rate: number;
}

/**
 * Learns what a gear's own probe says of the time left to first crack. At the same number of degrees below its usual
 * reading at first crack, earlier roasts had so long to go, the shorter the faster they rose; how far that misses is what
 * it missed in each of them, told by the others. Undefined below three logs, since a spread must come from misses.
 * @param logs newest first
 */
export function learnProbe(logs: readonly ProbeLog[]): LearnedProbe | undefined {
  const all = logs.flatMap((log) => wayOf(log) ?? []);
  const ways = all.slice(0, sinceMoved(all.map(({ crackC }) => crackC)));
  if (ways.length < LEAST_LOGS) return undefined;
  const fits = POWERS.map((power) => ({ power, misses: missesOf(ways, power) }));
  const squares = (misses: readonly number[][]) => mean(misses.flat().map((miss) => miss ** 2)) ?? Infinity;
  const best = fits.reduce((a, b) => (squares(b.misses) < squares(a.misses) ? b : a));
  const ownC = ownFirstCrackC(ways.map(({ crackC }) => crackC)) as number;
  const yellowC = median(ways.flatMap((way) => way.yellowC ?? []));
  return {
    opinion: (readings, nowS, yellowS) => {
      const readC = yellowS === undefined ? undefined : readingAt(readings, yellowS);
      // It sits elsewhere than in the roasts that would speak for it.
      if (probeMovedByC(readC, yellowC) !== undefined) return undefined;
      const rate = rateOfRise(readings, nowS);
      const last = lastBefore(readings, nowS);
      if (rate === undefined || rate < LEAST_RATE_PER_MIN || !last) return undefined;
      const depthC = ownC - last.celsius;
      if (depthC > (yellowS === undefined ? DEEPEST_UNMARKED_C : DEEPEST_C) || depthC < 0) return undefined;
      const told = leftAt(ways, Math.max(depthC, SHALLOWEST_C), Math.log(rate), best.power);
      if (told === undefined) return undefined;
      // The reading is some seconds old, and the last degrees are not drawn out further than the shallowest depth.
      const nearer = Math.min(1, Math.max(depthC, 1) / SHALLOWEST_C);
      const leftS = Math.max(2, Math.exp(told) * nearer - (nowS - last.at));
      return { mean: Math.log(leftS), sd: spreadAt(best.misses, depthC), freedom: ways.length };
    },
  };
}

function lastBefore(readings: readonly Reading[], nowS: number): Reading | undefined {
  return readings.reduce<Reading | undefined>((a, b) => (b.at <= nowS && (!a || b.at > a.at) ? b : a), undefined);
}

function wayOf(log: ProbeLog): Way | undefined {
  const { readings, firstCrackS, yellowS } = log;
  const crackC = readingAt(readings, firstCrackS);
  if (crackC === undefined) return undefined;
  const before = readings.filter(({ at }) => at <= firstCrackS).sort((a, b) => a.at - b.at);
  const yellowC = yellowS === undefined ? undefined : readingAt(readings, yellowS);
  const way = { before, firstCrackS, yellowC };
  return { crackC, ...way, byDepth: DEPTHS_C.map((depthC) => pointAt(way, crackC - depthC)) };
}

/** When a log last rose through a temperature before first crack, and how fast. */
function pointAt({ before, firstCrackS }: Pick<Way, 'before' | 'firstCrackS'>, celsius: number): Point | undefined {
  const under = before.findLastIndex((each) => each.celsius < celsius);
  const [low, high] = [before[under], before[under + 1]];
  if (!low || !high || high.celsius < celsius) return undefined;
  const atS = low.at + ((celsius - low.celsius) / (high.celsius - low.celsius)) * (high.at - low.at);
  // A rate looks back a few readings only; the whole log is long.
  const rate = rateOfRise(before.slice(Math.max(0, under - LOOKS_BACK), under + 2), high.at);
  const leftS = firstCrackS - atS;
  if (rate === undefined || rate < LEAST_RATE_PER_MIN || leftS < 1) return undefined;
  return { left: Math.log(leftS), rate: Math.log(rate) };
}

/** The log of the seconds left at a depth and a rate, by these ways. */
function leftAt(ways: readonly Way[], depthC: number, rate: number, power: number): number | undefined {
  return mean(
    ways.flatMap(({ byDepth }) => {
      const point = between(byDepth, depthC);
      return point ? [point.left + power * (point.rate - rate)] : [];
    }),
  );
}

/** A way at any depth, between the two that were looked at. */
function between(points: Way['byDepth'], depthC: number): Point | undefined {
  const next = DEPTHS_C.findIndex((each) => each <= depthC);
  const [deep, shallow] = [points[Math.max(0, next - 1)], points[next]];
  if (!shallow || !deep || next === 0) return shallow ?? deep;
  const [a, b] = [DEPTHS_C[next - 1] as number, DEPTHS_C[next] as number];
  const share = (a - depthC) / (a - b);
  const mix = (x: number, y: number) => x + (y - x) * share;
  return { left: mix(deep.left, shallow.left), rate: mix(deep.rate, shallow.rate) };
}

/** By how much each log would have been missed at each depth, told by the others. */
function missesOf(ways: readonly Way[], power: number): number[][] {
  return DEPTHS_C.map((depthC) =>
    ways.flatMap((own) => {
      const others = ways.filter((each) => each !== own);
      const ownC = ownFirstCrackC(others.map(({ crackC }) => crackC)) as number;
      const truth = pointAt(own, ownC - depthC);
      const told = truth && leftAt(others, depthC, truth.rate, power);
      return truth && told !== undefined ? [told - truth.left] : [];
    }),
  );
}

/** The spread of the misses around a depth, drawn towards the belief while there are few. */
function spreadAt(misses: readonly (readonly number[])[], depthC: number): number {
  const nearest = DEPTHS_C.reduce(
    (best, each, i) => (Math.abs(each - depthC) < Math.abs((DEPTHS_C[best] as number) - depthC) ? i : best),
    0,
  );
  const around = [nearest - 1, nearest, nearest + 1].flatMap((i) => misses[i] ?? []);
  // Neighbouring depths of one log miss alike: they are one miss, not three.
  const count = around.length / 3;
  const squares = sum(around, (miss) => miss ** 2) / 3;
  return Math.sqrt((squares + BELIEF_WORTH * BELIEVED_SD ** 2) / (count + BELIEF_WORTH));
}
