/** One measured figure beside what it may be at the most, or must be at the least; or told beside another. */
export type Figure = {
  readonly what: string;
  readonly value: number;
  readonly unit: string;
} & ({ readonly most: number } | { readonly least: number } | { readonly beside: string });

/** The value that `share` of the numbers do not exceed (nearest rank). */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)] ?? Number.NaN;
}

/** Prints the figures as a table, each with its part of the limit. */
export function printFigures(title: string, figures: readonly Figure[]): void {
  console.log(`\n${title}`);
  for (const figure of figures) {
    const { what, value, unit } = figure;
    const start = `  ${what.padEnd(58)} ${value.toFixed(1).padStart(8)} ${unit.padEnd(3)}`;
    if ('beside' in figure) {
      console.log(`${start}  ${figure.beside}`);
      continue;
    }
    const limit = 'most' in figure ? figure.most : figure.least;
    const ratio = value / limit;
    const missed = 'most' in figure ? ratio > 1 : ratio < 1;
    if (missed) process.exitCode = 1;
    console.log(
      `${start}  of ${String(limit).padStart(4)}  ${limit === 0 ? '' : `ratio ${ratio.toFixed(2)}`}${missed ? '  MISSED' : ''}`,
    );
  }
}
