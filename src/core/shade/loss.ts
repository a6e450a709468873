/** Loss of weight, per cent of green. Throws RangeError unless `greenGrams` is above zero. */
export function lossPercent(greenGrams: number, roastedGrams: number): number {
  if (!(greenGrams > 0)) throw new RangeError(`greenGrams must be above 0 g, got ${greenGrams} g`);
  return (100 * (greenGrams - roastedGrams)) / greenGrams;
}

/** What a loss says beside the shade: as usual, odd, or impossible. */
export type LossVerdict = 'usual' | 'low' | 'high' | 'gained' | 'absurd';

const ODD_AT_SD = 2;
/** No roast that can be drunk loses so much: a part was not weighed, or the weight is a slip. */
const ABSURD_PERCENT = 40;

/**
 * The loss, per cent, where a roast can have it; undefined where nothing was weighed or a weight is a slip: that is shown
 * and asked about, and nothing is learned or guessed from it.
 */
export function believableLoss(greenGrams: number, roastedGrams: number | undefined): number | undefined {
  const percent = roastedGrams === undefined ? Number.NaN : lossPercent(greenGrams, roastedGrams);
  return percent >= 0 && percent <= ABSURD_PERCENT ? percent : undefined;
}

/** Judges a loss, per cent, against what was to be expected: odd beyond two standard deviations. */
export function judgeLoss(
  percent: number,
  { meanPercent, sdPercent }: { readonly meanPercent: number; readonly sdPercent: number },
): LossVerdict {
  if (percent < 0) return 'gained';
  if (percent > ABSURD_PERCENT) return 'absurd';
  if (percent < meanPercent - ODD_AT_SD * sdPercent) return 'low';
  return percent > meanPercent + ODD_AT_SD * sdPercent ? 'high' : 'usual';
}
