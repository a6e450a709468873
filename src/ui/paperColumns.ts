import type { PaperColumn } from '@/core/paper';

/** What each column is called. */
export const COLUMN_NAMES = {
  date: 'Date',
  beans: 'Beans',
  gear: 'Gear',
  green: 'Green',
  yellow: 'Yellow',
  firstCrack: 'First crack',
  secondCrack: 'Second crack',
  pull: 'Pull',
  roasted: 'Roasted',
  shade: 'Shade',
  note: 'Note',
} as const satisfies Record<PaperColumn, string>;

/** How wide it is, as a class. */
export const WIDTHS = {
  date: 'w-40',
  beans: 'w-36',
  gear: 'w-32',
  green: 'w-20',
  yellow: 'w-16',
  firstCrack: 'w-20',
  secondCrack: 'w-20',
  pull: 'w-16',
  roasted: 'w-20',
  shade: 'w-24',
  note: 'w-32',
} as const satisfies Record<PaperColumn, string>;
