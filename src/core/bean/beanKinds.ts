/** How the fruit was taken off the seed. On users' disks: never rename one alone. */
export const processes = ['washed', 'natural', 'honey', 'wetHulled', 'decaf', 'other'] as const;
/** One of `processes`. */
export type Process = (typeof processes)[number];

/** What people call each process. */
export const processNames = {
  washed: 'washed',
  natural: 'natural',
  honey: 'honey',
  wetHulled: 'wet-hulled',
  decaf: 'decaf',
  other: 'not known, or another way',
} as const satisfies Record<Process, string>;

/** How the beans were sorted by size. On users' disks: never rename one alone. */
export const gradings = ['graded', 'mixed', 'peaberry'] as const;
/** One of `gradings`. */
export type Grading = (typeof gradings)[number];

/** How each is called on the screen. */
export const gradingNames = {
  graded: 'graded by size',
  mixed: 'mixed sizes',
  peaberry: 'peaberry',
} as const satisfies Record<Grading, string>;

/** How heavy the beans are for their size. On users' disks: never rename one alone. */
export const densityClasses = ['light', 'medium', 'dense'] as const;
/** One of `densityClasses`. */
export type DensityClass = (typeof densityClasses)[number];

/** How each is called on the screen. */
export const densityNames = {
  light: 'light, soft',
  medium: 'medium',
  dense: 'dense, hard',
} as const satisfies Record<DensityClass, string>;

/** How green is kept. On users' disks: never rename one alone. */
export const storages = ['warmCupboard', 'coolDarkDry', 'sealedCold'] as const;
/** One of `storages`. */
export type Storage = (typeof storages)[number];

/** For how long green keeps, months: past `freshMonths` it should be used soon, past `keepsMonths` it is old. */
export interface Keeping {
  readonly name: string;
  readonly freshMonths: number;
  readonly keepsMonths: number;
}

/**
 * For how long green keeps, by how it is stored. Source: handbook, section 2: 6-12 months cool, dark and dry; several years sealed
 * and cold. The warm cupboard is not there; half the time of a cool one is common roasting knowledge.
 */
export const keeping = {
  warmCupboard: { name: 'in the kitchen, warm or light', freshMonths: 3, keepsMonths: 6 },
  coolDarkDry: { name: 'cool, dark and dry', freshMonths: 6, keepsMonths: 12 },
  sealedCold: { name: 'sealed and cold', freshMonths: 24, keepsMonths: 48 },
} as const satisfies Record<Storage, Keeping>;
