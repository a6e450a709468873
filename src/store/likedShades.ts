import { partsOf } from '@/core/record';
import type { ShadeNumber } from '@/core/shade';
import {
  type Contender,
  type Flight,
  type FlightKey,
  likedShade,
  type ShadeLiking,
  type ShadeTasting,
  type ShadeWin,
} from '@/core/taste';
import type { GanderDatabase } from './database.ts';

/** The shade that the household liked best of a lot, by its cups and the flights that have ended; undefined while they say nothing. */
export async function shadeLikedOf(db: GanderDatabase, lotId: string): Promise<ShadeLiking | undefined> {
  const [ids, cups, flights] = await Promise.all([
    db.roasts.where('[lotId+createdAt+greenGrams]').between([lotId, '', 0], [lotId, '\uffff', 0]).primaryKeys(),
    db.cups.filter(({ sheet, roastId }) => roastId !== undefined && sheet.overall !== undefined).toArray(),
    db.flights.filter(({ endedAt, question }) => endedAt !== undefined && question !== 'triangle').toArray(),
  ]);
  const its = new Set<string>(ids);
  const tasted = cups.filter(({ roastId }) => its.has(roastId ?? ''));
  const flown = flights.filter(
    ({ contenders }) => contenders.filter(({ roastId }) => its.has(roastId ?? '')).length > 1,
  );
  if (tasted.length + flown.length === 0) return undefined;
  const named = [...tasted, ...flown.flatMap(({ contenders }) => contenders)];
  const wanted = [...new Set(named.flatMap(({ roastId }) => (its.has(roastId ?? '') ? [roastId as string] : [])))];
  const [roasts, keys] = await Promise.all([
    db.roasts.bulkGet(wanted),
    db.flightKeys.bulkGet(flown.map(({ id }) => id)),
  ]);
  const parts = new Map(roasts.flatMap((roast) => (roast ? [[roast.id as string, partsOf(roast)] as const] : [])));
  const shadeOf = ({ roastId, pullId }: Pick<Contender, 'roastId' | 'pullId'>): ShadeNumber | undefined => {
    const all = parts.get(roastId ?? '');
    return (all?.find(({ pull }) => pull.id === pullId) ?? all?.at(-1))?.shade;
  };
  const told = flown.map((flight, i) => flightTells(flight, keys[i], shadeOf));
  return likedShade(
    [...tasted.flatMap((cup) => tasting(shadeOf(cup), cup.sheet.overall)), ...told.flatMap(({ tastings }) => tastings)],
    told.flatMap(({ wins }) => wins),
  );
}

function tasting(shade: ShadeNumber | undefined, overall: number | undefined): ShadeTasting[] {
  return shade === undefined || overall === undefined ? [] : [{ shade, overall }];
}

/** What the sheets of a flight say of shades, sheet by sheet. */
function flightTells(
  { question, contenders, trials }: Flight,
  key: FlightKey | undefined,
  shadeOf: (contender: Contender) => ShadeNumber | undefined,
): { readonly tastings: ShadeTasting[]; readonly wins: ShadeWin[] } {
  const shades = contenders.map(shadeOf);
  const tastings: ShadeTasting[] = [];
  const wins: ShadeWin[] = [];
  trials.forEach(({ picked, scores }, i) => {
    const its = key?.trials[i] ?? {};
    for (const [code, overall] of Object.entries(scores ?? {}))
      tastings.push(...tasting(shades[its[code] ?? -1], overall));
    const at = question === 'preference' && picked !== undefined ? its[picked] : undefined;
    const [better, worse] = at === undefined ? [] : [shades[at], shades[1 - at]];
    if (better !== undefined && worse !== undefined) wins.push({ better, worse });
  });
  return { tastings, wins };
}
