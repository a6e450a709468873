import type { Lot } from '@/core/bean';
import type { CaseFacts } from '@/core/diagnose';
import { type PastRoast, pastRoastsOf, toldBy } from '@/core/forecast';
import type { Gear } from '@/core/gear';
import { ownFirstCrackC, readingAt, readingsOf } from '@/core/heat';
import type { WrittenAs } from '@/core/household';
import { liveEntries, milestonesOf, type Roast } from '@/core/roast';
import type { Cup } from '@/core/taste';
import type { GanderDatabase } from './database.ts';
import { getHousehold } from './settings.ts';

/** Everything that roasts are judged by, read once. Roasts newest first. */
export interface LearningData {
  readonly roasts: readonly Roast[];
  readonly past: readonly PastRoast[];
  readonly lots: ReadonlyMap<string, Lot>;
  readonly gear: ReadonlyMap<string, Gear>;
  readonly cups: ReadonlyMap<string, readonly Cup[]>;
  /** Roasts of which a jar was frozen. */
  readonly frozen: ReadonlySet<string>;
  readonly units: WrittenAs;
}

/** So many earlier roasts say what is usual; the forecast learns from fewer. */
const EARLIER = 250;
/** Gear that was pulled longer ago than this is cold, minutes. */
const LONG_AGO_MIN = 360;
/** As many roasts with a reading at first crack as the gear's own is the median of, with some that have none. */
const WITH_READINGS = 16;

/** Reads the roasts up to one, or all of them. */
export async function learningData(db: GanderDatabase, upTo?: Roast): Promise<LearningData> {
  const [roasts, lots, gear, cups, jars, units] = await Promise.all([
    upTo
      ? db.roasts.where('createdAt').belowOrEqual(upTo.createdAt).reverse().limit(EARLIER).toArray()
      : db.roasts.orderBy('createdAt').reverse().toArray(),
    db.lots.toArray(),
    db.gear.toArray(),
    upTo ? db.cups.where('roastId').equals(upTo.id).toArray() : db.cups.toArray(),
    upTo ? db.jars.where('roastId').equals(upTo.id).toArray() : db.jars.toArray(),
    getHousehold(db),
  ]);
  const lotOf = new Map(lots.map((lot) => [lot.id as string, lot]));
  const gearOf = new Map(gear.map((each) => [each.id as string, each]));
  const cupsOf = new Map<string, Cup[]>();
  for (const cup of cups) if (cup.roastId) cupsOf.set(cup.roastId, [...(cupsOf.get(cup.roastId) ?? []), cup]);
  return {
    roasts,
    past: pastRoastsOf(roasts.map(toldBy), lotOf, gearOf),
    lots: lotOf,
    gear: gearOf,
    units,
    cups: cupsOf,
    frozen: new Set(
      jars.filter(({ events }) => events.some(({ kind }) => kind === 'freeze')).map(({ roastId }) => roastId),
    ),
  };
}

/** What a diagnosis of one of the roasts is made from. */
export function caseFactsIn(data: LearningData, index: number): CaseFacts {
  const roast = data.roasts[index];
  if (!roast) throw new RangeError(`index must be below ${data.roasts.length} roasts, got ${index}`);
  const earlier = data.roasts.slice(index + 1, index + 1 + EARLIER);
  const onGear = earlier.filter((each) => each.gearId === roast.gearId);
  const read = liveEntries(roast.entries).some((entry) => entry.kind === 'reading');
  return {
    roast,
    lot: data.lots.get(roast.lotId),
    gear: data.gear.get(roast.gearId),
    past: data.past.slice(index + 1, index + 1 + EARLIER),
    cups: data.cups.get(roast.id) ?? [],
    frozen: data.frozen.has(roast.id),
    units: data.units,
    sinceLastMin: recently(data.past[index]?.sinceMin),
    ownFirstCrackC: read ? ownFirstCrackC(onGear.slice(0, WITH_READINGS).flatMap(readingAtFirstCrack)) : undefined,
  };
}

/** What a diagnosis of one roast is made from; undefined when it is gone or still on the heat. */
export async function caseFactsOf(db: GanderDatabase, roastId: string): Promise<CaseFacts | undefined> {
  const roast = await db.roasts.get(roastId);
  if (!roast) return undefined;
  const data = await learningData(db, roast);
  const index = data.roasts.findIndex(({ id }) => id === roastId);
  return index === -1 ? undefined : caseFactsIn(data, index);
}

const recently = (minutes: number | undefined) =>
  minutes !== undefined && minutes <= LONG_AGO_MIN ? minutes : undefined;

function readingAtFirstCrack(roast: Roast): number[] {
  const live = liveEntries(roast.entries);
  const { firstCrack } = milestonesOf(live);
  const celsius = firstCrack === undefined ? undefined : readingAt(readingsOf(live), firstCrack);
  return celsius === undefined ? [] : [celsius];
}
