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
  date: 'w-28',
  beans: 'w-36',
  gear: 'w-28',
  green: 'w-20',
  yellow: 'w-16',
  firstCrack: 'w-20',
  secondCrack: 'w-24',
  pull: 'w-16',
  roasted: 'w-20',
  shade: 'w-28',
  note: 'w-40',
} as const satisfies Record<PaperColumn, string>;
