import { pullsOf } from '@/core/roast';
import { type ScoredCup, scoredInFlight } from '@/core/taste';
import type { GanderDatabase } from './database.ts';

/** Every score of the household's coffee, from cups and from flights that have ended: the one answer to "how good was it?". */
export async function scoredCups(db: GanderDatabase): Promise<ScoredCup[]> {
  const [cups, flights] = await Promise.all([
    db.cups.filter(({ sheet, roastId }) => roastId !== undefined && sheet.overall !== undefined).toArray(),
    db.flights.filter(({ endedAt, question }) => endedAt !== undefined && question === 'rank').toArray(),
  ]);
  const keys = await db.flightKeys.bulkGet(flights.map(({ id }) => id));
  const scored = [
    ...cups.flatMap(({ roastId, pullId, sheet }) =>
      roastId === undefined || sheet.overall === undefined ? [] : [{ roastId, pullId, overall: sheet.overall }],
    ),
    ...flights.flatMap((flight, i) => scoredInFlight(flight, keys[i])),
  ];
  const roasts = await db.roasts.bulkGet([...new Set(scored.map(({ roastId }) => roastId))]);
  const staged = new Set(roasts.flatMap((roast) => (roast && pullsOf(roast).length > 1 ? [roast.id as string] : [])));
  // A roast that was pulled at once has one pull, whether its cups name it or not.
  return scored.map(({ roastId, pullId, overall }) => ({
    roastId,
    overall,
    ...(staged.has(roastId) ? { pullId } : {}),
  }));
}
