import { createId, type Id } from '@/core/ids';
import {
  answered,
  type Brew,
  bestRoasts,
  type Contender,
  type Cup,
  createFlight,
  type Flight,
  type FlightKey,
  type FlightQuestion,
  MOST_SHEETS,
  type RoastLiking,
  type Trial,
  withRound,
} from '@/core/taste';
import { applyChange, changeRow } from './change.ts';
import type { Change } from './changes.ts';
import { type GanderDatabase, requireWritable } from './database.ts';
import { secureRandom } from './random.ts';

/** Adds a cup and gives the change, for undo. */
export function addCup(db: GanderDatabase, cup: Omit<Cup, 'id'>): Promise<Change> {
  return applyChange(db, [{ table: 'cups', after: { ...cup, id: createId('cup', secureRandom) } }]);
}

/** Deletes a cup; gives the change, for undo. */
export function removeCup(db: GanderDatabase, cup: Cup): Promise<Change> {
  return applyChange(db, [{ table: 'cups', before: cup }]);
}

/** How the last cup was brewed; undefined while none is noted. */
export async function lastBrew(db: GanderDatabase): Promise<Brew | undefined> {
  const cups = (await db.cups.toArray()).filter(({ brew }) => brew);
  return cups.reduce<Cup | undefined>((last, cup) => (last && last.at >= cup.at ? last : cup), undefined)?.brew;
}

/** Sets up a blind flight; its codes and key come from the browser's cryptographic source. Gives its id. */
export async function startFlight(
  db: GanderDatabase,
  asked: { question: FlightQuestion; contenders: readonly Contender[]; tasters: readonly string[] },
): Promise<Id<'flight'>> {
  const id = createId('flight', secureRandom);
  const { flight, key } = createFlight({ ...asked, id, createdAt: new Date().toISOString() }, secureRandom);
  await applyChange(db, [
    { table: 'flights', after: flight },
    { table: 'flightKeys', after: key },
  ]);
  return id;
}

/** Keeps one taster's answer; the last one ends the flight. An answer that is in already stays, whichever tab was first. */
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
    await db.flights.put(answered(done) === trials.length ? { ...done, endedAt: now } : done);
    return true;
  });
}

/** One more round of sheets for everybody who tastes; nothing where the flight has ended or is full. */
export async function addRound(db: GanderDatabase, flightId: string): Promise<void> {
  await requireWritable(db);
  await db.transaction('rw', db.flights, db.flightKeys, async () => {
    const [flight, key] = await Promise.all([db.flights.get(flightId), db.flightKeys.get(flightId)]);
    if (!flight || !key || flight.endedAt !== undefined || flight.trials.length >= MOST_SHEETS) return;
    const more = withRound(flight, key, secureRandom);
    await Promise.all([db.flights.put(more.flight), db.flightKeys.put(more.key)]);
  });
}

/** Ends a flight before all sheets are in; what is in counts. */
export async function abortFlight(db: GanderDatabase, flight: Flight): Promise<void> {
  await changeRow(db, 'flights', flight, () => ({ endedAt: new Date().toISOString(), aborted: true as const }));
}

/** The key of a flight; undefined until it has ended, whoever asks. */
export async function keyOfEnded(db: GanderDatabase, flightId: string): Promise<FlightKey | undefined> {
  const flight = await db.flights.get(flightId);
  return flight?.endedAt === undefined ? undefined : db.flightKeys.get(flightId);
}

/** The key for whoever pours: asked for on purpose, on the pourer's slips alone. */
export function keyForPourer(db: GanderDatabase, flightId: string): Promise<FlightKey | undefined> {
  return db.flightKeys.get(flightId);
}

/** The best-liked roasts of a lot, best first. */
export async function bestOfLot(db: GanderDatabase, lotId: string, most = 3): Promise<RoastLiking[]> {
  const ids = await db.roasts
    .where('[lotId+createdAt+greenGrams]')
    .between([lotId, '', 0], [lotId, '\uffff', 0])
    .primaryKeys();
  const cups = await db.cups.where('roastId').anyOf(ids).toArray();
  return bestRoasts(cups, most);
}
