import { mean } from 'd3-array';
import type { Flight, FlightKey, Verdict } from '../taste/index.ts';
import { flightResult, scoresIn, scoresVerdict, writtenP } from '../taste/index.ts';
import { comparesParts, type Experiment, type Outcome } from './experiment.ts';

/** How far an experiment is. */
export type ExperimentState = 'toRoast' | 'toTaste' | 'tasting' | 'answered';

/** Where an experiment stands; a flight that has ended waits for its answer to be taken. */
export function stateOf(experiment: Experiment, flight: Flight | undefined): ExperimentState {
  if (experiment.outcome) return 'answered';
  if (!experiment.bRoastId) return 'toRoast';
  return flight ? 'tasting' : 'toTaste';
}

/** What a finished flight says of the change: B is the roast with it. No outcome while it is too few sheets to tell; undefined where the flight asked something else. */
export function outcomeOf(
  experiment: Experiment,
  flight: Flight,
  key: FlightKey,
): { readonly outcome: Outcome | undefined; readonly sentence: string; readonly shown: boolean } | undefined {
  const of = (roastId: string | undefined, pullId: string | undefined) =>
    flight.contenders.findIndex(
      (each) =>
        each.roastId === roastId && (pullId === undefined || each.pullId === undefined || each.pullId === pullId),
    );
  const [a, b] = [of(experiment.aRoastId, experiment.aPullId), of(experiment.bRoastId, experiment.bPullId)];
  if (a === -1 || b === -1 || a === b) return undefined;
  if (flight.question === 'rank')
    return byScore(
      scoresIn(flight, key).map((row) => [row[a] as number, row[b] as number]),
      comparesParts(experiment) ? 'for the other part' : 'without it',
    );
  const { verdict } = flightResult(flight, key);
  switch (flight.question) {
    case 'preference': {
      const { preferred } = verdict;
      const outcome = preferred === undefined ? nothingShown(verdict) : preferred === b ? 'helped' : 'worse';
      return { outcome, sentence: verdict.sentence, shown: verdict.shown };
    }
    case 'triangle':
      // Told apart is not yet liked better: the answer is the person's.
      return !verdict.shown ? { outcome: nothingShown(verdict), sentence: verdict.sentence, shown: false } : undefined;
  }
}

/** What the scores of both cups say, a pair of each sheet; `against` names the first of them. */
function byScore(pairs: readonly (readonly [number, number])[], against: string): ReturnType<typeof outcomeOf> {
  if (pairs.length === 0) return undefined;
  const [before, after] = [0, 1].map((cup) => mean(pairs, (pair) => pair[cup])) as [number, number];
  const { p, shown } = scoresVerdict(pairs, ['', '']);
  return {
    outcome: !shown && Math.abs(after - before) < SAME_SCORE ? undefined : after > before ? 'helped' : 'worse',
    sentence: `Scored ${after.toFixed(1)} against ${before.toFixed(1)} ${against}; ${shown ? `unlikely to be chance, ${writtenP(p)}` : 'that may well be chance'}.`,
    shown,
  };
}

/** Nothing shown is no difference only where the sheets could have shown one. */
function nothingShown({ canTell }: Verdict): Outcome | undefined {
  return canTell ? 'noDifference' : undefined;
}

/** Means of scores closer than this tell nothing, unless that is shown. */
const SAME_SCORE = 0.5;

/** What a kind of change came to so far. */
export interface ChangeRecord {
  readonly helped: number;
  readonly worse: number;
  readonly noDifference: number;
}

/** The score of changes, by the question that was asked, the most helpful first. */
export function scoreOfChanges(
  experiments: readonly Experiment[],
): { readonly question: string; readonly record: ChangeRecord; readonly times: number }[] {
  const scores = new Map<string, Record<Outcome, number>>();
  for (const { question, outcome } of experiments) {
    if (!outcome) continue;
    const score = scores.get(question) ?? { helped: 0, worse: 0, noDifference: 0 };
    score[outcome]++;
    scores.set(question, score);
  }
  return [...scores]
    .map(([question, record]) => ({ question, record, times: record.helped + record.worse + record.noDifference }))
    .sort((x, y) => y.record.helped - y.record.worse - (x.record.helped - x.record.worse));
}
