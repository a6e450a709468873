/** How a jar is closed. On users' disks: never rename one alone. */
export const keepings = ['loose', 'valve', 'airtight'] as const;
/** One of `keepings`. */
export type JarKeeping = (typeof keepings)[number];
/** How each is called on the screen. */
export const keepingNames = {
  loose: 'loose lid',
  valve: 'one-way valve',
  airtight: 'airtight',
} as const satisfies Record<JarKeeping, string>;

/** What became of a batch that failed. On users' disks: never rename one alone. */
export const fates = ['thrown', 'coldBrew', 'blended'] as const;
/** One of `fates`. */
export type Fate = (typeof fates)[number];
/** How each is called on the screen. */
export const fateNames = {
  thrown: 'thrown away',
  coldBrew: 'kept for cold brew',
  blended: 'blended in',
} as const satisfies Record<Fate, string>;

/** How coffee stands on the shelf. */
export const shelfStates = ['resting', 'ready', 'best', 'fading', 'past'] as const;
/** One of `shelfStates`. */
export type ShelfState = (typeof shelfStates)[number];
/** How each is called on the screen. */
export const stateNames = {
  resting: 'resting',
  ready: 'ready',
  best: 'at its best',
  fading: 'fading',
  past: 'past',
} as const satisfies Record<ShelfState, string>;
