import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { type Expectation, expectationFor, type Forecast, forecastFrom, type PastRoast } from '@/core/forecast';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import type { Planned } from './usePlanned';

/** What the household's record says of the roast that is planned. */
export interface Foreseen {
  /** The household's earlier roasts, newest first. */
  readonly past: readonly PastRoast[];
  readonly expectation: Expectation;
  readonly forecasts: readonly Forecast[];
}

/** Learns from the journal what this roast will be like; undefined until it was read. */
export function useForeseen({ question }: Planned): Foreseen | undefined {
  const past = useLiveQuery(() => roastHistory(database()), []);
  const asked = JSON.stringify(question);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the question is made anew each time, and says the same
  return useMemo(() => {
    if (!past) return undefined;
    const expectation = expectationFor(question, past);
    return { past, expectation, forecasts: forecastFrom(expectation, {}, 0) };
  }, [past, asked]);
}
