import type { Flight, FlightKey } from './cup.ts';

/** One score of coffee of the household's, from a cup or from a sheet of a flight. */
export interface ScoredCup {
  readonly roastId: string;
  /** Of which part, where the roast was pulled in parts. */
  readonly pullId?: string | undefined;
  /** 0 to 10 */
  readonly overall: number;
}

/** A score or a mean of scores as it is told: “7.5 of 10”, “8 of 10”. */
export const scoreWords = (score: number): string => `${Number(score.toFixed(1))} of 10`;

/** The scores that a flight gave to roasts of the household; none while its key is not known. */
export function scoredInFlight({ contenders, trials }: Flight, key: FlightKey | undefined): ScoredCup[] {
  return trials.flatMap(({ scores }, i) =>
    Object.entries(scores ?? {}).flatMap(([code, overall]) => {
      const { roastId, pullId } = contenders[key?.trials[i]?.[code] ?? -1] ?? {};
      return roastId === undefined ? [] : [{ roastId, ...(pullId === undefined ? {} : { pullId }), overall }];
    }),
  );
}
