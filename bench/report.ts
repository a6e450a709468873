/** One measured figure beside what it may be at the most. */
export interface Figure {
  readonly what: string;
  readonly value: number;
  readonly most: number;
  readonly unit: string;
}

/** The value that `share` of the numbers do not exceed (nearest rank). */
export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)] ?? Number.NaN;
}

/** Prints the figures as a table, each with its part of the limit. */
export function printFigures(title: string, figures: readonly Figure[]): void {
  console.log(`\n${title}`);
  for (const { what, value, most, unit } of figures) {
    const ratio = value / most;
    console.log(
      `  ${what.padEnd(58)} ${value.toFixed(1).padStart(8)} ${unit.padEnd(3)}  of ${String(most).padStart(4)}  ratio ${ratio.toFixed(2)}${ratio > 1 ? '  OVER' : ''}`,
    );
  }
}
