import { median, quantile } from 'd3-array';
import { learntShade, pullsOf, type Roast, roastedGrams } from '../roast/index.ts';
import { believableLoss, type ShadeNumber, shadeNumbers } from '../shade/index.ts';

/** The middle of some roasts and where four of five of them lie. */
export interface Spread {
  readonly median: number;
  /** The tenth and the ninetieth of a hundred; the ends where there are fewer than five. */
  readonly low: number;
  readonly high: number;
  readonly count: number;
}

/** What roasts that came out in one shade lost, per cent of green. */
export interface LossOfShade {
  readonly shade: ShadeNumber;
  readonly percent: Spread;
}

const ENOUGH_FOR_QUANTILES = 5;

/** The middle and the spread; undefined without any value. */
export function spreadOf(values: readonly number[]): Spread | undefined {
  const middle = median(values);
  if (middle === undefined) return undefined;
  const few = values.length < ENOUGH_FOR_QUANTILES;
  return {
    median: middle,
    low: quantile(values, few ? 0 : 0.1) ?? middle,
    high: quantile(values, few ? 1 : 0.9) ?? middle,
    count: values.length,
  };
}

/** Weight lost by the shade as it turned out; staged pulls and slips of the scale are left out. */
export function lossesByShade(roasts: readonly Roast[]): LossOfShade[] {
  return shadeNumbers.flatMap((shade) => {
    const percents = roasts.flatMap((roast) => {
      const loss = believableLoss(roast.greenGrams, roastedGrams(roast));
      return loss !== undefined && pullsOf(roast).length === 1 && learntShade(roast) === shade ? [loss] : [];
    });
    const percent = spreadOf(percents);
    return percent ? [{ shade, percent }] : [];
  });
}
