import type { Random } from '../chance/index.ts';
import type { Id } from '../ids/index.ts';
import { drawCodes, shuffled } from './codes.ts';
import type { Contender, Flight, FlightKey } from './cup.ts';
import type { FlightQuestion } from './tasteKinds.ts';
import { preferenceVerdict, rankMeans, triangleVerdict, type Verdict } from './verdict.ts';

/** A flight with its key, before anybody tastes. Codes never repeat inside a flight; which is which is drawn for each trial. */
export function createFlight(
  asked: {
    readonly id: Id<'flight'>;
    readonly question: FlightQuestion;
    readonly contenders: readonly Contender[];
    /** One trial each, in order; a name may come more than once. */
    readonly tasters: readonly string[];
    readonly createdAt: string;
  },
  random: Random,
): { readonly flight: Flight; readonly key: FlightKey } {
  const { question, contenders, tasters } = asked;
  if (contenders.length < 2 || contenders.length > 6)
    throw new RangeError(`contenders must be 2 to 6 cups, got ${contenders.length}`);
  if (question !== 'rank' && contenders.length !== 2)
    throw new RangeError(`contenders must be 2 cups for ${question}, got ${contenders.length}`);
  const keys = drawKeys(question, contenders.length, tasters.length, new Set(), random);
  return {
    flight: {
      id: asked.id,
      question,
      contenders: [...contenders],
      trials: trialsOf(tasters, keys),
      createdAt: asked.createdAt,
    },
    key: { id: asked.id, trials: keys },
  };
}

/** The most sheets that one flight has. */
export const MOST_SHEETS = 60;

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
  const used = new Set(flight.trials.flatMap(({ codes }) => codes));
  const keys = drawKeys(flight.question, flight.contenders.length, tasters.length, used, random);
  return {
    flight: { ...flight, trials: [...flight.trials, ...trialsOf(tasters, keys)] },
    key: { ...key, trials: [...key.trials, ...keys] },
  };
}

/** Which code is which cup, for so many sheets; no code comes twice, nor one of those `used`. */
function drawKeys(
  question: FlightQuestion,
  contenders: number,
  sheets: number,
  used: ReadonlySet<string>,
  random: Random,
): Record<string, number>[] {
  const each = question === 'triangle' ? 3 : contenders;
  const codes = drawCodes(used.size + each * sheets, random).filter((code) => !used.has(code));
  return Array.from({ length: sheets }, (_, i) => {
    const odd = Math.floor(random() * 2);
    const cups = question === 'triangle' ? [odd, 1 - odd, 1 - odd] : Array.from({ length: contenders }, (__, at) => at);
    const mine = codes.slice(i * each, (i + 1) * each);
    return Object.fromEntries(shuffled(cups, random).map((cup, at) => [mine[at] as string, cup]));
  });
}

/** Sheets with their codes sorted by number, so that the order on the sheet says nothing. */
function trialsOf(tasters: readonly string[], keys: readonly Record<string, number>[]): Flight['trials'] {
  return tasters.map((taster, i) => ({ taster, codes: Object.keys(keys[i] ?? {}).sort() }));
}

/** Trials that are answered. */
export function answered(flight: Flight): number {
  return flight.trials.filter((trial) => trial.answeredAt !== undefined).length;
}

/** What a flight came to. */
export interface FlightResult {
  readonly verdict: Verdict | undefined;
  /** For rank and score: by contender. */
  readonly means: readonly { readonly score: number; readonly rank: number }[];
}

/** Opens the answers with the key. Only trials that are answered count. */
export function flightResult(flight: Flight, key: FlightKey): FlightResult {
  const trials = flight.trials.flatMap((trial, i) =>
    trial.answeredAt === undefined ? [] : [{ trial, key: key.trials[i] ?? {} }],
  );
  const [a, b] = flight.contenders;
  switch (flight.question) {
    case 'triangle': {
      const right = trials.filter(({ trial, key: its }) => isOdd(its, trial.picked)).length;
      return { verdict: triangleVerdict(trials.length, right), means: [] };
    }
    case 'preference': {
      const forA = trials.filter(({ trial, key: its }) => trial.picked !== undefined && its[trial.picked] === 0).length;
      return { verdict: preferenceVerdict(trials.length, forA, a?.name ?? '', b?.name ?? ''), means: [] };
    }
    case 'rank': {
      // A sheet on which a cup was left without a score ranks nothing.
      const scores = trials.flatMap(({ trial, key: its }) => {
        const row = flight.contenders.flatMap(
          (_, cup) => trial.scores?.[Object.keys(its).find((code) => its[code] === cup) ?? ''] ?? [],
        );
        return row.length === flight.contenders.length ? [row] : [];
      });
      return { verdict: undefined, means: scores.length > 0 ? rankMeans(scores) : [] };
    }
  }
}

function isOdd(key: Readonly<Record<string, number>>, picked: string | undefined): boolean {
  if (picked === undefined) return false;
  return Object.values(key).filter((cup) => cup === key[picked]).length === 1;
}
