/** A temperature as it was read, by hand or from a probe; seconds from charge and °C. */
export interface Reading {
  readonly at: number;
  readonly celsius: number;
  /** Streamed readings come about once a second, typed ones every half minute. */
  readonly streamed: boolean;
}

// Source: handbook, section 6: a local linear fit over the last 30 s of a stream, wide enough for three readings when
// typed by hand, one outlier rejected, nothing where the data do not bear it. The other limits are ours.
const STREAM_WINDOW_S = 30;
const HAND_WINDOW_S = 150;
const HAND_READINGS = 4;
const LEAST_READINGS = 3;
/** Below this rate before the pull it bakes, °C a minute. Handbook, section 6: near zero; the figure is ours. */
export const STALL_PER_MIN = 1;
const LEAST_SPAN_S = { streamed: 8, hand: 20 } as const;
const STALE_S = { streamed: 12, hand: 75 } as const;

/** Whether a reading still speaks of now: a streamed one for 12 s, a typed one for 75. */
export function isFresh({ at, streamed }: Reading, nowS: number): boolean {
  return nowS - at <= STALE_S[streamed ? 'streamed' : 'hand'];
}

/** One reading this far off the line of the others, and this many times their scatter, is thrown out; °C. */
const OUTLIER_C = 2.5;
const OUTLIER_TIMES = 4;

/**
 * Rate of rise at `nowS`, °C a minute; undefined where the readings do not bear it: fewer than three, too close together,
 * too old, or broken by a gap. Readings may come in any order; those after `nowS` are left out.
 */
export function rateOfRise(readings: readonly Reading[], nowS: number): number | undefined {
  const sorted = readings
    .filter(({ at, celsius }) => at <= nowS && Number.isFinite(celsius))
    .sort((a, b) => a.at - b.at);
  const last = sorted.at(-1);
  if (!last) return undefined;
  const kind = last.streamed ? 'streamed' : 'hand';
  if (!isFresh(last, nowS)) return undefined;
  const window = last.streamed
    ? sorted.filter(({ at }) => at >= last.at - STREAM_WINDOW_S)
    : sorted.filter(({ at }) => at >= last.at - HAND_WINDOW_S).slice(-HAND_READINGS);
  if (window.length < LEAST_READINGS) return undefined;
  const kept = withoutOutlier(window);
  const [first, end] = [kept[0], kept.at(-1)];
  if (!first || !end || kept.length < LEAST_READINGS || end.at - first.at < LEAST_SPAN_S[kind]) return undefined;
  return line(kept).slope * 60;
}

/** Drops the one reading without which the others lie best on a line, if it lies far off that line. */
function withoutOutlier(readings: readonly Reading[]): readonly Reading[] {
  if (readings.length <= LEAST_READINGS) return readings;
  const [best] = readings
    .map((reading) => {
      const rest = readings.filter((each) => each !== reading);
      const { slope, intercept, scatter } = line(rest);
      return { rest, scatter, off: Math.abs(reading.celsius - (intercept + slope * reading.at)) };
    })
    .sort((a, b) => a.scatter - b.scatter);
  return best && best.off > Math.max(OUTLIER_C, OUTLIER_TIMES * best.scatter) ? best.rest : readings;
}

/** Least squares through the readings: slope in °C a second, and the root mean square of what is left over. */
function line(readings: readonly Reading[]) {
  const n = readings.length;
  const meanAt = readings.reduce((sum, { at }) => sum + at, 0) / n;
  const meanC = readings.reduce((sum, { celsius }) => sum + celsius, 0) / n;
  let [top, bottom] = [0, 0];
  for (const { at, celsius } of readings) {
    top += (at - meanAt) * (celsius - meanC);
    bottom += (at - meanAt) ** 2;
  }
  const slope = bottom > 0 ? top / bottom : 0;
  const intercept = meanC - slope * meanAt;
  const squares = readings.reduce((sum, { at, celsius }) => sum + (celsius - intercept - slope * at) ** 2, 0);
  return { slope, intercept, scatter: Math.sqrt(squares / n) };
}

/** The reading at a moment, between the two around it where they lie close enough together, °C; undefined elsewhere. */
export function readingAt(readings: readonly Reading[], atS: number): number | undefined {
  const before = readings.filter(({ at }) => at <= atS).sort((a, b) => b.at - a.at)[0];
  const after = readings.filter(({ at }) => at >= atS).sort((a, b) => a.at - b.at)[0];
  const near = (reading: Reading | undefined) => reading !== undefined && Math.abs(reading.at - atS) <= NEAR_S;
  if (before && after && near(before) && near(after)) {
    if (after.at === before.at) return before.celsius;
    return before.celsius + ((after.celsius - before.celsius) * (atS - before.at)) / (after.at - before.at);
  }
  return near(before) ? before?.celsius : near(after) ? after?.celsius : undefined;
}
const NEAR_S = 40;
