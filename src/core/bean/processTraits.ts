import type { Process } from './beanKinds.ts';

/** What the way a lot was processed does to its roast; the one place that hints, forecast, simulation and findings read. */
export interface ProcessTraits {
  /** It colours early, cracks quietly and scorches easily. */
  readonly gentle?: { readonly plural: string };
  /** It colours unevenly by nature. */
  readonly uneven: boolean;
  /** It shows oil late. */
  readonly oilLate?: true;
  /** How much longer than washed beans it takes, as the log of the ratio: belief and its sd. Absent where it is not known to differ. */
  readonly time?: { readonly mean: number; readonly sd: number };
  /** How far its beans differ from each other, and how many of its cracks are heard, against washed ones. */
  readonly spread: number;
  readonly heard: number;
}

// Source: handbook, sections 4 (directions), 10 and 15 (unevenness, cracks); the sizes are ours, by common roasting knowledge.
// biome-ignore format: a table
const processTraits = {
  washed: { uneven: false, spread: 1, heard: 1 },
  natural: { uneven: true, spread: 1.45, heard: 0.6, gentle: { plural: 'Naturals' }, time: { mean: -0.01, sd: 0.03 } },
  honey: { uneven: true, spread: 1.15, heard: 0.9, time: { mean: 0, sd: 0.03 } },
  wetHulled: { uneven: true, spread: 1.35, heard: 0.8, oilLate: true, time: { mean: 0, sd: 0.03 } },
  decaf: { uneven: true, spread: 1.4, heard: 0.35, gentle: { plural: 'Decafs' }, time: { mean: -0.02, sd: 0.03 } },
  other: { uneven: false, spread: 1.2, heard: 0.8 },
} as const satisfies Record<Process, ProcessTraits>;

/** The traits of a process. */
export const traitsOf = (process: Process): ProcessTraits => processTraits[process];
