import { deviation, mean, sum } from 'd3-array';
import { GaussianFit, packRows } from '../forecast/index.ts';
import { type StretchName, stretchesOf } from '../roast/index.ts';
import { defined } from '../row/index.ts';
import type { RoastFigures } from './figures.ts';

/** What may make repeats of one recipe differ. */
export const causes = ['grams', 'ambient', 'hot'] as const;
/** One of `causes`. */
export type RepeatCause = (typeof causes)[number];
/** How each is called on the screen. */
export const causeNames = {
  grams: 'batch weight',
  ambient: 'the air around the gear',
  hot: 'hot gear',
} as const satisfies Record<RepeatCause, string>;

/** How alike the roasts of one recipe are. */
export interface Repeatability {
  readonly roasts: number;
  /** Standard deviation of each stretch as a share of its mean, where at least three roasts have it. */
  readonly spread: Readonly<Partial<Record<StretchName | 'total', number>>>;
  /** Standard deviation of the loss, points, and of the shade, steps. */
  readonly lossSd: number | undefined;
  readonly shadeSd: number | undefined;
  /** Shares of the variance of the total time that each cause explains, and what is left; undefined with fewer than six. */
  readonly shares: (Readonly<Record<RepeatCause, number>> & { readonly left: number }) | undefined;
  /** Spread of the newer half against the older half, below 1 steadier; undefined with fewer than eight. */
  readonly newerAgainstOlder: number | undefined;
}

const LEAST = 3;
const LEAST_FOR_CAUSES = 6;
const LEAST_FOR_TREND = 8;

/** How alike roasts are, oldest first. Throws RangeError for fewer than three. */
export function repeatabilityOf(figures: readonly RoastFigures[]): Repeatability {
  if (figures.length < LEAST) throw new RangeError(`figures must hold at least ${LEAST} roasts, got ${figures.length}`);
  const of = (read: (each: RoastFigures) => number | undefined) =>
    figures.flatMap((each) => {
      const value = read(each);
      return value === undefined ? [] : [value];
    });
  const stretch = (name: StretchName) =>
    of(({ reached }) => {
      const found = stretchesOf(reached).find((each) => each.name === name);
      return found && found.toS - found.fromS;
    });
  const share = (values: readonly number[]) =>
    values.length < LEAST ? undefined : sd(values) / (mean(values) as number);
  const totals = figures.filter(({ reached }) => reached.pull !== undefined);
  const logs = totals.map(({ reached }) => Math.log(reached.pull as number));
  const half = Math.floor(logs.length / 2);
  const losses = of(({ lossPercent }) => lossPercent);
  const shades = of(({ shade }) => shade);
  return {
    roasts: figures.length,
    spread: defined({
      drying: share(stretch('drying')),
      browning: share(stretch('browning')),
      afterCrack: share(stretch('afterCrack')),
      total: share(of(({ reached }) => reached.pull)),
    }),
    lossSd: losses.length < LEAST ? undefined : sd(losses),
    shadeSd: shades.length < LEAST ? undefined : sd(shades),
    shares: logs.length < LEAST_FOR_CAUSES ? undefined : sharesOf(totals, logs),
    newerAgainstOlder:
      logs.length < LEAST_FOR_TREND || sd(logs.slice(0, half)) === 0
        ? undefined
        : sd(logs.slice(half)) / sd(logs.slice(0, half)),
  };
}

/**
 * Parts of the variance of the log of the time: a line on the causes, shrunk towards no effect so that a few roasts do
 * not explain everything, and the covariance of each cause's part with the whole (they add up to what the line explains).
 */
function sharesOf(totals: readonly RoastFigures[], logs: readonly number[]) {
  const read = {
    grams: (each: RoastFigures) => Math.log(each.greenGrams),
    ambient: (each: RoastFigures) => (each.ambientC ?? Number.NaN) / 10,
    hot: (each: RoastFigures) => Number(each.gearHot),
  } satisfies Record<RepeatCause, (each: RoastFigures) => number>;
  const columns = causes.map((cause) => centred(totals.map(read[cause])));
  const values = centred(logs);
  const rows = packRows(
    values.map((value, i) => ({ features: columns.map((column, k) => [k, column[i] as number] as const), value })),
  );
  const prior = {
    mean: new Float64Array(causes.length),
    sd: Float64Array.of(0.5, 0.1, 0.15),
    noiseSd: Math.max(sd(values), 0.005),
    noiseWorth: 2,
  };
  const fit = new GaussianFit(prior, rows);
  const squares = Math.max(
    sum(centred(values), (off) => off ** 2),
    1e-12,
  );
  const parts = columns.map((column, k) => {
    const products = sum(column, (x, i) => x * (values[i] as number));
    return Math.max(0, (fit.coefficient(k) * products) / squares);
  });
  const whole = Math.max(1, sum(parts));
  const [grams = 0, ambient = 0, hot = 0] = parts.map((each) => each / whole);
  return { grams, ambient, hot, left: Math.max(0, 1 - grams - ambient - hot) };
}

/** Off its mean; what nobody noted counts as the mean. */
function centred(values: readonly number[]): number[] {
  const known = values.filter(Number.isFinite);
  const middle = mean(known) ?? 0;
  return values.map((value) => (Number.isFinite(value) ? value - middle : 0));
}

/** Standard deviation of a sample, n − 1; 0 of fewer than two. */
const sd = (values: readonly number[]) => deviation(values) ?? 0;
