import type { Milestones } from './milestones.ts';

/** How the three stretches are called. */
export const stretchNames = { drying: 'drying', browning: 'browning', afterCrack: 'after-crack' } as const;
/** A stretch of the roast, between milestones. */
export type StretchName = keyof typeof stretchNames;

/** One of the three stretches of a roast. */
export interface Stretch {
  readonly name: StretchName;
  readonly fromS: number;
  readonly toS: number;
  /** Its part of the whole roast, 0-1; absent until the pull. */
  readonly share: number | undefined;
}

/** A moment of the roast as it is shown: whole seconds that have passed. */
export const shownS = (atS: number): number => Math.max(0, Math.floor(atS));

/** So far two moments lie apart as they are shown, whole seconds: whoever subtracts what a page shows finds the same. */
export const shownApartS = (fromS: number, toS: number): number => Math.floor(toS) - Math.floor(fromS);

/** How long a stretch is as it is shown, so that the three add up to the pull; seconds. */
export const shownLengthS = ({ fromS, toS }: Pick<Stretch, 'fromS' | 'toS'>): number => shownApartS(fromS, toS);

/**
 * The stretches whose two ends are both marked and in order (handbook, section 3): charge to yellow, yellow to first
 * crack, first crack to pull. A stretch with an end missing is absent; nothing is guessed.
 */
export function stretchesOf(reached: Milestones): Stretch[] {
  const ends: [StretchName, number | undefined, number | undefined][] = [
    ['drying', 0, reached.yellow],
    ['browning', reached.yellow, reached.firstCrack],
    ['afterCrack', reached.firstCrack, reached.pull],
  ];
  return ends.flatMap(([name, fromS, toS]) => {
    if (fromS === undefined || toS === undefined || toS < fromS) return [];
    const share = reached.pull !== undefined && reached.pull > 0 ? (toS - fromS) / reached.pull : undefined;
    return [{ name, fromS, toS, share }];
  });
}
