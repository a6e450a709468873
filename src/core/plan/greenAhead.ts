/** What the roasts ahead take of the larder. */
interface GreenAhead {
  readonly batches: number;
  readonly needGrams: number;
  /** What is missing, and the day of the first roast that it is missing for; undefined where there is enough. */
  readonly short: { readonly grams: number; readonly day: number } | undefined;
}

/**
 * Whether the green lasts for the roasts ahead, in their order.
 * @param batchGrams green of one batch
 * @param leftGrams green there is
 */
export function greenAhead(
  roasts: readonly { readonly day: number; readonly batches: number }[],
  batchGrams: number,
  leftGrams: number,
): GreenAhead {
  let batches = 0;
  let day: number | undefined;
  for (const roast of roasts) {
    batches += roast.batches;
    if (batches * batchGrams > leftGrams) day ??= roast.day;
  }
  const needGrams = batches * batchGrams;
  return { batches, needGrams, short: day === undefined ? undefined : { grams: needGrams - leftGrams, day } };
}
