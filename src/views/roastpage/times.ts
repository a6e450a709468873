/** The times that an entry may have (core/roast/entry.ts). */
const LEAST_S = -14_400;
const MOST_S = 86_400;

/** What to say of a time that no entry can have; empty where it can. */
export function outOfRange(atS: number): string {
  return atS < LEAST_S || atS > MOST_S
    ? 'A roast’s times lie between 4 hours before the beans went in and a day after.'
    : '';
}
