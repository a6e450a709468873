import type { JournalRow } from './row.ts';

/** Times that hold a row when it is moved so that a moment of it lies at zero, seconds. */
export interface TimeSpan {
  readonly fromS: number;
  readonly toS: number;
}

/** Longer roasts were left open; they would press all others together. */
const LONGEST_S = 2700;

/** The spans that hold every row, lined up by each of the three moments. */
export function journalSpans(
  rows: readonly JournalRow[],
): Readonly<Record<'charge' | 'firstCrack' | 'pull', TimeSpan>> {
  const spans = {
    charge: { fromS: 0, toS: 60 },
    firstCrack: { fromS: 0, toS: 60 },
    pull: { fromS: 0, toS: 60 },
  };
  for (const { pullS, firstCrackS } of rows) {
    if (pullS === undefined || pullS > LONGEST_S) continue;
    spans.charge.toS = Math.max(spans.charge.toS, pullS);
    spans.pull.fromS = Math.min(spans.pull.fromS, -pullS);
    if (firstCrackS === undefined) continue;
    spans.firstCrack.fromS = Math.min(spans.firstCrack.fromS, -firstCrackS);
    spans.firstCrack.toS = Math.max(spans.firstCrack.toS, pullS - firstCrackS);
  }
  return spans;
}
