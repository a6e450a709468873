import { createId, type Id } from '@/core/ids';
import {
  answered,
  createFlight,
  drawnAnew,
  type Flight,
  type FlightAsked,
  type FlightKey,
  liftedKey,
  MOST_SHEETS,
  type Trial,
  withRound,
} from '@/core/taste';
import { applyChange, changeRow, inOneGo } from './change.ts';
import type { Change } from './changes.ts';
import { type GanderDatabase, requireWritable } from './database.ts';
import { secureRandom } from './random.ts';

/** Sets up a flight; its codes and key come from the browser's cryptographic source. Gives its id. */
export async function startFlight(
  db: GanderDatabase,
  asked: Omit<FlightAsked, 'id' | 'createdAt'>,
): Promise<Id<'flight'>> {
  const id = createId('flight', secureRandom);
  const { flight, key } = createFlight({ ...asked, id, createdAt: new Date().toISOString() }, secureRandom);
  await applyChange(db, [
    { table: 'flights', after: flight },
    { table: 'flightKeys', after: key },
  ]);
  return id;
}

/** Who tasted in the newest flight, each once; nobody where there was none. */
export async function lastTasters(db: GanderDatabase): Promise<string[]> {
  const [newest] = await db.flights.orderBy('createdAt').reverse().limit(1).toArray();
  return [...new Set(newest?.trials.map(({ taster }) => taster))];
}

/**
 * Keeps one taster's answer; the last one ends the flight, unless its cups must be lifted first. An answer that is in
 * already stays, whichever tab was first.
 */
export async function answerTrial(
  db: GanderDatabase,
  flightId: string,
  index: number,
  answer: Pick<Trial, 'picked' | 'scores'>,
): Promise<boolean> {
  await requireWritable(db);
  return db.transaction('rw', db.flights, async () => {
    const flight = await db.flights.get(flightId);
    const trial = flight?.trials[index];
    if (!flight || !trial || trial.answeredAt !== undefined || flight.endedAt !== undefined) return false;
    const now = new Date().toISOString();
    const trials = flight.trials.map((each, i) => (i === index ? { ...each, ...answer, answeredAt: now } : each));
    const done = { ...flight, trials };
    const over = answered(done) === trials.length && flight.manner !== 'alone';
    await db.flights.put(over ? { ...done, endedAt: now } : done);
    return true;
  });
}

/** Takes the sheet back that came in last, as long as the flight has not ended; gives the change, for undo. */
export function takeSheetBack(db: GanderDatabase, flight: Flight): Promise<Change> {
  return changeRow(db, 'flights', flight, (now) => {
    const last = now.trials.reduce<Trial | undefined>(
      (late, each) => (each.answeredAt && each.answeredAt >= (late?.answeredAt ?? '') ? each : late),
      undefined,
    );
    if (!last || now.endedAt !== undefined) return {};
    const { answeredAt: _, picked: __, scores: ___, ...open } = last;
    return { trials: now.trials.map((each) => (each === last ? open : each)) };
  });
}

/** One more round of sheets for everybody who tastes; nothing where the flight has ended or is full. Gives the change, for undo. */
export function addRound(db: GanderDatabase, flightId: string): Promise<Change> {
  return redraw(db, flightId, (flight, key) =>
    flight.trials.length >= MOST_SHEETS ? undefined : withRound(flight, key, secureRandom),
  );
}

/** New codes for the sheets that are not in yet; gives the change, for undo. */
export function drawAnew(db: GanderDatabase, flightId: string): Promise<Change> {
  return redraw(db, flightId, (flight, key) => drawnAnew(flight, key, secureRandom));
}

function redraw(
  db: GanderDatabase,
  flightId: string,
  next: (flight: Flight, key: FlightKey) => { readonly flight: Flight; readonly key: FlightKey } | undefined,
): Promise<Change> {
  return inOneGo(db, async () => {
    const [flight, key] = await Promise.all([db.flights.get(flightId), db.flightKeys.get(flightId)]);
    const more = flight && key && flight.endedAt === undefined ? next(flight, key) : undefined;
    if (!more) return [];
    return applyChange(db, [
      { table: 'flights', before: flight, after: more.flight },
      { table: 'flightKeys', before: key, after: more.key },
    ]);
  });
}

/** The cups stand there: their slips are put away, and no Back shows them again. */
export async function putSlipsAway(db: GanderDatabase, flight: Flight): Promise<void> {
  await changeRow(db, 'flights', flight, (now) => ({
    trials: now.trials.map((trial) => ({ ...trial, poured: true as const })),
  }));
}

/** Ends a flight before all sheets are in; what is in counts. */
export async function abortFlight(db: GanderDatabase, flight: Flight): Promise<void> {
  await changeRow(db, 'flights', flight, () => ({ endedAt: new Date().toISOString(), aborted: true as const }));
}

/** Ends a flight that one tasted alone, with what stood under the cups. Throws RangeError where those were not the cups. */
export function liftCups(
  db: GanderDatabase,
  flight: Flight,
  lifted: readonly Readonly<Record<string, number>>[],
): Promise<Change> {
  return inOneGo(db, async () => {
    const before = (await db.flights.get(flight.id)) ?? flight;
    const after = {
      ...before,
      endedAt: new Date().toISOString(),
      ...(answered(before) < before.trials.length ? { aborted: true as const } : {}),
    };
    return applyChange(db, [
      { table: 'flights', before, after },
      { table: 'flightKeys', before: await db.flightKeys.get(flight.id), after: liftedKey(before, lifted) },
    ]);
  });
}

/** The key of a flight that has ended or is tasted openly; undefined else, whoever asks. */
export async function keyOfEnded(db: GanderDatabase, flightId: string): Promise<FlightKey | undefined> {
  const flight = await db.flights.get(flightId);
  return flight?.endedAt === undefined && flight?.manner !== 'open' ? undefined : db.flightKeys.get(flightId);
}

/** The key for whoever pours, asked for on purpose; without the sheets whose slips were put away. */
export async function keyForPourer(db: GanderDatabase, flightId: string): Promise<FlightKey | undefined> {
  const [flight, key] = await Promise.all([db.flights.get(flightId), db.flightKeys.get(flightId)]);
  return key && { ...key, trials: key.trials.map((each, i) => (flight?.trials[i]?.poured ? {} : each)) };
}

/** Changes what people and coffees are called in a flight; gives the change, for undo. */
export function renameInFlight(
  db: GanderDatabase,
  flight: Flight,
  names: { readonly tasters: ReadonlyMap<string, string>; readonly contenders: readonly string[] },
): Promise<Change> {
  return changeRow(db, 'flights', flight, (now) => ({
    trials: now.trials.map((trial) => ({ ...trial, taster: names.tasters.get(trial.taster)?.trim() || trial.taster })),
    contenders: now.contenders.map((each, i) => ({ ...each, name: names.contenders[i]?.trim() || each.name })),
  }));
}

/** Deletes a flight with its key, and its place in the experiment that asked it; gives the change, for undo. */
export function removeFlight(db: GanderDatabase, flight: Flight): Promise<Change> {
  return inOneGo(db, async () => {
    const [key, asked] = await Promise.all([
      db.flightKeys.get(flight.id),
      db.experiments.filter(({ flightId }) => flightId === flight.id).toArray(),
    ]);
    return applyChange(db, [
      { table: 'flights', before: flight },
      ...(key ? [{ table: 'flightKeys' as const, before: key }] : []),
      ...asked.map(({ flightId, ...after }) => ({
        table: 'experiments' as const,
        before: { ...after, flightId },
        after,
      })),
    ]);
  });
}
