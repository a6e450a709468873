import type { Random } from '../chance/index.ts';
import type { Id } from '../ids/index.ts';
import { drawCodes, shuffled } from './codes.ts';
import type { Contender, Flight, FlightKey, Trial } from './cup.ts';
import { fewestScored, rankMeans, scoresVerdict } from './scores.ts';
import type { FlightManner, FlightQuestion } from './tasteKinds.ts';
import { preferenceVerdict, triangleVerdict, type Verdict } from './verdict.ts';

/** What a flight is set up from. */
export interface FlightAsked {
  readonly id: Id<'flight'>;
  readonly question: FlightQuestion;
  readonly contenders: readonly Contender[];
  /** One trial each, in order; a name may come more than once. */
  readonly tasters: readonly string[];
  readonly createdAt: string;
  readonly manner?: FlightManner;
}

/**
 * A flight with its key, before anybody tastes. Codes never repeat inside a flight; which is which is drawn for each trial.
 * Who tastes alone has an empty key until the end: the hand that shuffles the cups draws it, and `liftedKey` reads it off them.
 */
export function createFlight(asked: FlightAsked, random: Random): { readonly flight: Flight; readonly key: FlightKey } {
  const { id, question, contenders, tasters, createdAt, manner } = asked;
  if (contenders.length < 2 || contenders.length > 6)
    throw new RangeError(`contenders must be 2 to 6 cups, got ${contenders.length}`);
  if (question !== 'rank' && contenders.length !== 2)
    throw new RangeError(`contenders must be 2 cups for ${question}, got ${contenders.length}`);
  if (manner === 'open' && question === 'triangle')
    throw new RangeError('a triangle needs codes: who knows the names has nothing to find');
  const bare: Flight = {
    id,
    question,
    contenders: [...contenders],
    trials: [],
    createdAt,
    ...(manner && manner !== 'poured' ? { manner } : {}),
  };
  const { trials, keys } = drawSheets(bare, tasters, random);
  return { flight: { ...bare, trials }, key: { id, trials: keys } };
}

/** The most sheets that one flight has. */
export const MOST_SHEETS = 60;

/** As few sheets on so many cups as can show something, and for scores a mean of some worth. */
export function leastSheets(question: FlightQuestion, cups = 2): number {
  if (question === 'rank') return Math.max(3, fewestScored(cups));
  // One slip among the sheets must be allowed for in a triangle; a preference shows when six of six agree.
  return question === 'triangle' ? 5 : 6;
}

/**
 * One more round of sheets for everybody who tastes, with codes that the flight has not had. Throws RangeError for a
 * flight that has ended, whose key may have been seen, and above 60 sheets.
 */
export function withRound(
  flight: Flight,
  key: FlightKey,
  random: Random,
): { readonly flight: Flight; readonly key: FlightKey } {
  const tasters = [...new Set(flight.trials.map(({ taster }) => taster))];
  if (flight.endedAt !== undefined) throw new RangeError('a flight that has ended takes no more sheets');
  if (flight.trials.length + tasters.length > MOST_SHEETS)
    throw new RangeError(`trials must be ${MOST_SHEETS} at the most, got ${flight.trials.length + tasters.length}`);
  const { trials, keys } = drawSheets(flight, tasters, random);
  return {
    flight: { ...flight, trials: [...flight.trials, ...trials] },
    key: { ...key, trials: [...key.trials, ...keys] },
  };
}

/** New codes for the sheets that are not in yet, since their slips were lost or seen; what was tasted stays. */
export function drawnAnew(
  flight: Flight,
  key: FlightKey,
  random: Random,
): { readonly flight: Flight; readonly key: FlightKey } {
  if (flight.endedAt !== undefined) throw new RangeError('a flight that has ended takes no more sheets');
  const open = flight.trials.flatMap(({ answeredAt }, i) => (answeredAt === undefined ? [i] : []));
  const { trials, keys } = drawSheets(
    flight,
    open.map((i) => flight.trials[i]?.taster ?? ''),
    random,
  );
  const put = <T>(into: readonly T[], from: readonly T[]) =>
    into.map((each, i) => (open.includes(i) ? (from[open.indexOf(i)] as T) : each));
  return {
    flight: { ...flight, trials: put(flight.trials, trials) },
    key: { ...key, trials: put(key.trials, keys) },
  };
}

/** Sheets for these tasters and which code is which cup; no code comes twice in a flight. */
function drawSheets(flight: Flight, tasters: readonly string[], random: Random) {
  const { question, contenders, manner } = flight;
  const used = new Set(flight.trials.flatMap(({ codes }) => codes));
  const each = question === 'triangle' ? 3 : contenders.length;
  const codes = drawCodes(used.size + each * tasters.length, random).filter((code) => !used.has(code));
  const keys = tasters.map((_, i) => {
    const odd = Math.floor(random() * 2);
    const cups =
      question === 'triangle' ? [odd, 1 - odd, 1 - odd] : Array.from({ length: contenders.length }, (__, i) => i);
    const mine = codes.slice(i * each, (i + 1) * each);
    return Object.fromEntries(shuffled(cups, random).map((cup, i) => [mine[i] as string, cup]));
  });
  // Codes sorted by number, so that the order on the sheet says nothing.
  const trials = tasters.map((taster, i) => {
    const key = keys[i] ?? {};
    const pours = Object.values(key).sort();
    return { taster, codes: Object.keys(key).sort(), ...(manner === 'alone' ? { pours } : {}) };
  });
  return { trials, keys: manner === 'alone' ? keys.map(() => ({})) : keys };
}

/** Whether the cups that were lifted on a sheet are those that were poured for it; which number had which is theirs. */
export function areThePoured({ codes, pours }: Trial, lifted: Readonly<Record<string, number>>): boolean {
  const cups = codes.flatMap((code) => lifted[code] ?? []).sort();
  return cups.join() === pours?.join();
}

/**
 * The key that somebody who tasted alone reads off the cups: for each sheet, which cup stood on which code. Throws
 * RangeError where the cups of an answered sheet are not those that were poured; sheets that are not in need none.
 */
export function liftedKey(flight: Flight, lifted: readonly Readonly<Record<string, number>>[]): FlightKey {
  const trials = flight.trials.map((trial, i) => {
    if (trial.answeredAt === undefined) return {};
    const its = lifted[i] ?? {};
    if (!areThePoured(trial, its))
      throw new RangeError(`lifted[${i}] must hold the cups ${trial.pours?.join()}, got ${Object.values(its).join()}`);
    return Object.fromEntries(trial.codes.map((code) => [code, its[code] as number]));
  });
  return { id: flight.id, trials };
}

/** Trials that are answered. */
export function answered(flight: Flight): number {
  return flight.trials.filter((trial) => trial.answeredAt !== undefined).length;
}

/** What a flight came to. */
export interface FlightResult {
  readonly verdict: Verdict;
  /** For rank and score: by contender; empty while no sheet is in. */
  readonly means: readonly { readonly score: number; readonly rank: number }[];
}

/** Opens the answers with the key. Only trials that are answered count. */
export function flightResult(flight: Flight, key: FlightKey): FlightResult {
  const trials = openedTrials(flight, key);
  const names = flight.contenders.map(({ name }) => name);
  switch (flight.question) {
    case 'triangle': {
      const right = trials.filter(({ trial, its }) => isOdd(its, trial.picked)).length;
      return { verdict: triangleVerdict(trials.length, right), means: [] };
    }
    case 'preference': {
      const forA = trials.filter(({ trial, its }) => trial.picked !== undefined && its[trial.picked] === 0).length;
      return { verdict: preferenceVerdict(trials.length, forA, names[0] ?? '', names[1] ?? ''), means: [] };
    }
    case 'rank': {
      const scores = scoresIn(flight, key);
      return { verdict: scoresVerdict(scores, names), means: rankMeans(scores) };
    }
  }
}

/** The scores of each sheet, by contender. A sheet on which a cup was left without a score ranks nothing. */
export function scoresIn(flight: Flight, key: FlightKey): number[][] {
  return openedTrials(flight, key).flatMap(({ trial, its }) => {
    const row = flight.contenders.flatMap(
      (_, cup) => trial.scores?.[Object.keys(its).find((code) => its[code] === cup) ?? ''] ?? [],
    );
    return row.length === flight.contenders.length ? [row] : [];
  });
}

/** The sheets that are in, each with which code was which cup. */
function openedTrials(flight: Flight, key: FlightKey) {
  return flight.trials.flatMap((trial, i) =>
    trial.answeredAt === undefined ? [] : [{ trial, its: key.trials[i] ?? {} }],
  );
}

/** Whether the odd cup of three was found on a sheet; undefined where there was none to find, or the sheet is not in. */
export function foundOdd(flight: Flight, key: FlightKey, index: number): boolean | undefined {
  const trial = flight.trials[index];
  if (flight.question !== 'triangle' || trial?.answeredAt === undefined) return undefined;
  return isOdd(key.trials[index] ?? {}, trial.picked);
}

function isOdd(key: Readonly<Record<string, number>>, picked: string | undefined): boolean {
  if (picked === undefined) return false;
  return Object.values(key).filter((cup) => cup === key[picked]).length === 1;
}
