import { partsOf } from '@/core/record';
import type { ShadeNumber } from '@/core/shade';
import { type Flight, type FlightKey, likedShade, type ShadeLiking, type ShadeWin } from '@/core/taste';
import type { GanderDatabase } from './database.ts';
import { scoredCups } from './scoredCups.ts';

/** The shade that the household liked best of a lot, by its cups and the flights that have ended; undefined while they say nothing. */
export async function shadeLikedOf(db: GanderDatabase, lotId: string): Promise<ShadeLiking | undefined> {
  const [ids, scored, flights] = await Promise.all([
    db.roasts.where('[lotId+createdAt+greenGrams]').between([lotId, '', 0], [lotId, '\uffff', 0]).primaryKeys(),
    scoredCups(db),
    db.flights
      .filter(
        ({ endedAt, question, manner }) => endedAt !== undefined && question === 'preference' && manner !== 'open',
      )
      .toArray(),
  ]);
  const its = new Set<string>(ids);
  const tasted = scored.filter(({ roastId }) => its.has(roastId));
  const flown = flights.filter(({ contenders }) => contenders.every(({ roastId }) => its.has(roastId ?? '')));
  if (tasted.length + flown.length === 0) return undefined;
  const named = [...tasted, ...flown.flatMap(({ contenders }) => contenders)];
  const wanted = [...new Set(named.flatMap(({ roastId }) => roastId ?? []))];
  const [roasts, keys] = await Promise.all([
    db.roasts.bulkGet(wanted),
    db.flightKeys.bulkGet(flown.map(({ id }) => id)),
  ]);
  const parts = new Map(roasts.flatMap((roast) => (roast ? [[roast.id as string, partsOf(roast)] as const] : [])));
  const shadeOf = ({ roastId, pullId }: { roastId?: string | undefined; pullId?: string | undefined }) => {
    const all = parts.get(roastId ?? '');
    return (all?.find(({ pull }) => pull.id === pullId) ?? all?.at(-1))?.shade;
  };
  const tastings = tasted.flatMap((cup) => {
    const shade = shadeOf(cup);
    return shade === undefined ? [] : [{ shade, overall: cup.overall }];
  });
  return likedShade(
    tastings,
    flown.flatMap((flight, i) => winsIn(flight, keys[i], flight.contenders.map(shadeOf))),
  );
}

/** The shade of a roast to come for which nobody chose one: what was liked best of these beans, else what is usual here. */
export async function proposedShade(db: GanderDatabase, lotId: string, usual: ShadeNumber): Promise<ShadeNumber> {
  return (await shadeLikedOf(db, lotId))?.shade ?? usual;
}

/** Which shade was preferred to which, sheet by sheet. */
function winsIn(
  { trials }: Flight,
  key: FlightKey | undefined,
  shades: readonly (ShadeNumber | undefined)[],
): ShadeWin[] {
  return trials.flatMap(({ picked }, i) => {
    const at = picked === undefined ? undefined : key?.trials[i]?.[picked];
    const [better, worse] = at === undefined ? [] : [shades[at], shades[1 - at]];
    return better !== undefined && worse !== undefined ? [{ better, worse }] : [];
  });
}
