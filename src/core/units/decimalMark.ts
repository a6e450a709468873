/** What stands before the decimals. */
export type DecimalMark = '.' | ',';

/** The mark before decimals where this device is at home. */
export const localDecimalMark: DecimalMark =
  new Intl.NumberFormat().formatToParts(1.5).find(({ type }) => type === 'decimal')?.value === ',' ? ',' : '.';
