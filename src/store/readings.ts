import { isSameReading, type ProbeLog, readingAt, trustedReadings } from '@/core/heat';
import { createId } from '@/core/ids';
import { clockBeganAt, draftFault, ENTRY_S, type Entry, isStreamed, liveEntries, milestonesOf } from '@/core/roast';
import type { GanderDatabase } from './database.ts';
import { secureRandom } from './random.ts';
import { changeRoast, gearRoasts } from './roasting.ts';

/**
 * Adds readings from a stream in one go, each with its own time, seconds from charge. One reading is one reading: what
 * another tab or an earlier page kept already is passed over. Where their clock began at `countedFrom`, UTC, and the roast's
 * has begun at another moment meanwhile (beans in, taken back, or put earlier), they are moved onto that.
 */
export async function logReadings(
  db: GanderDatabase,
  roastId: string,
  readings: readonly { readonly at: number; readonly celsius: number }[],
  source: 'probe' | 'simulator',
  countedFrom?: string,
): Promise<void> {
  const entries = readings.map(({ at, celsius }) => {
    const rounded = Math.round(at * 100) / 100;
    const id = createId('entry', secureRandom);
    return {
      kind: 'reading' as const,
      id,
      at: rounded,
      pressedAt: rounded,
      source,
      celsius: Math.round(celsius * 10) / 10,
    };
  });
  await changeRoast(db, roastId, (roast) => {
    // The charge was taken back meanwhile: nobody knows when these were.
    if (countedFrom === undefined && !roast.chargedAt) return roast;
    const kept = roast.entries.flatMap((entry) =>
      entry.kind === 'reading' && entry.source === source ? [entry.pressedAt] : [],
    );
    const shiftS = countedFrom ? (Date.parse(clockBeganAt(roast)) - Date.parse(countedFrom)) / 1000 : 0;
    const shifted = entries.map((entry) => ({ ...entry, at: entry.at - shiftS, pressedAt: entry.pressedAt - shiftS }));
    const fresh = shifted.filter((entry) => isSound(entry) && !kept.some((other) => isSameReading(entry.at, other)));
    return fresh.length === 0 ? roast : { ...roast, entries: [...roast.entries, ...fresh] };
  });
}

/** A reading that a file takes: a number that beans can have, at a time that a roast can have. */
const isSound = (entry: { readonly at: number; readonly celsius: number }) =>
  entry.at >= ENTRY_S.least &&
  entry.at <= ENTRY_S.most &&
  draftFault({ kind: 'reading', celsius: entry.celsius }) === undefined;

/** Takes streamed readings back, such as °F that came as °C. */
export async function takeReadingsBack(
  db: GanderDatabase,
  roastId: string,
  which: (celsius: number) => boolean,
): Promise<void> {
  await changeRoast(db, roastId, (roast) => {
    const undos = liveEntries(roast.entries).flatMap((entry): Entry[] =>
      entry.kind === 'reading' && isStreamed(entry) && which(entry.celsius)
        ? [
            {
              kind: 'undo',
              id: createId('entry', secureRandom),
              at: entry.at,
              pressedAt: entry.at,
              source: 'hand',
              target: entry.id,
            },
          ]
        : [],
    );
    return { ...roast, entries: [...roast.entries, ...undos] };
  });
}

/** More than the last ten are not asked for, since some have no reading there. */
const ROASTS_READ = 16;

/** What the gear's probe showed in its last roasts that cracked, newest first. */
export async function probeLogs(db: GanderDatabase, gearId: string, except: string): Promise<ProbeLog[]> {
  const roasts = await gearRoasts(db, gearId).limit(ROASTS_READ).toArray();
  return roasts.flatMap((roast) => {
    if (roast.id === except) return [];
    const live = liveEntries(roast.entries);
    const { yellow, firstCrack } = milestonesOf(live);
    const readings = firstCrack === undefined ? [] : trustedReadings(live);
    return firstCrack === undefined || readings.length === 0
      ? []
      : [{ readings, firstCrackS: firstCrack, yellowS: yellow }];
  });
}

/** What it read at first crack in them, °C. */
export async function firstCrackReadings(db: GanderDatabase, gearId: string, except: string): Promise<number[]> {
  return (await probeLogs(db, gearId, except)).flatMap((log) => readingAt(log.readings, log.firstCrackS) ?? []);
}
