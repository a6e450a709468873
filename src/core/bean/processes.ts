/** How the fruit was taken off the seed. On users' disks: never rename one alone. */
export const processes = ['washed', 'natural', 'honey', 'wetHulled', 'decaf', 'other'] as const;
export type Process = (typeof processes)[number];

/** What people call each process. */
export const processNames = {
  washed: 'washed',
  natural: 'natural',
  honey: 'honey',
  wetHulled: 'wet-hulled',
  decaf: 'decaf',
  other: 'another way',
} as const satisfies Record<Process, string>;
