/** One step of Gander, as somebody who uses it would tell it. */
export interface Changed {
  /** The day, and what tells one step from another. */
  readonly on: string;
  readonly says: readonly string[];
}

/** What changed for those who use Gander, newest first: shown when a newer Gander is offered. Add to the top. */
export const changes: readonly Changed[] = [
  {
    on: '2026-11-27',
    says: ['A newer Gander asks before it takes over, and says what changed.'],
  },
];

/** What a newer Gander has that this one has not told; all of it where nothing is known of the older one. */
export function newerThan(theirs: readonly Changed[], mine: readonly Changed[]): readonly Changed[] {
  const known = new Set(mine.map(({ on }) => on));
  return theirs.filter(({ on }) => !known.has(on));
}
