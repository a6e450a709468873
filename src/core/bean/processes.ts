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

/** How the beans were sorted by size. On users' disks: never rename one alone. */
export const gradings = ['graded', 'mixed', 'peaberry'] as const;
export type Grading = (typeof gradings)[number];

export const gradingNames = {
  graded: 'graded by size',
  mixed: 'mixed sizes',
  peaberry: 'peaberry',
} as const satisfies Record<Grading, string>;
