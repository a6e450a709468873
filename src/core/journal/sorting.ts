/** Orders of the journal. On users' disks: never rename one alone. */
export const sortings = ['newest', 'oldest', 'best', 'longest', 'shortest', 'lossHigh', 'lossLow'] as const;
/** One of `sortings`. */
export type Sorting = (typeof sortings)[number];

/** How each is called on the screen. */
export const sortingNames = {
  newest: 'newest first',
  oldest: 'oldest first',
  best: 'best first',
  longest: 'longest first',
  shortest: 'shortest first',
  lossHigh: 'most loss first',
  lossLow: 'least loss first',
} as const satisfies Record<Sorting, string>;
