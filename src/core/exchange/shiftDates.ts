import type { Notebook } from './notebook.ts';

const DAY_MS = 86_400_000;

/**
 * Moves every date of a notebook by whole days, so that the demo household stays four months old.
 * `days` may be negative; a broken number throws RangeError.
 */
export function shiftDates(notebook: Notebook, days: number): Notebook {
  if (!Number.isInteger(days)) throw new RangeError(`days must be a whole number, got ${days} days`);
  const moved = (iso: string) => new Date(Date.parse(iso) + days * DAY_MS).toISOString();
  const maybe = (iso: string | undefined) => (iso === undefined ? undefined : moved(iso));
  return {
    ...notebook,
    savedAt: moved(notebook.savedAt),
    lots: notebook.lots.map((lot) =>
      dropUndefined({ ...lot, createdAt: moved(lot.createdAt), removedAt: maybe(lot.removedAt) }),
    ),
    gear: notebook.gear.map((gear) =>
      dropUndefined({ ...gear, createdAt: moved(gear.createdAt), removedAt: maybe(gear.removedAt) }),
    ),
    roasts: notebook.roasts.map((roast) =>
      dropUndefined({
        ...roast,
        createdAt: moved(roast.createdAt),
        preheatedAt: maybe(roast.preheatedAt),
        chargedAt: maybe(roast.chargedAt),
      }),
    ),
  };
}

function dropUndefined<T extends object>(row: T): T {
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== undefined)) as T;
}
