import { useEffect, useState } from 'react';
import type { Roast } from '@/core/roast';
import type { Cup } from '@/core/taste';
import { database } from '@/store/current';
import { answerOf, journalWorker } from '@/workers/journal/client';
import type { RoastReading } from '@/workers/journal/contract';

/** How far the reading of a roast is. */
export type ReadingState =
  | { readonly status: 'reading' }
  | { readonly status: 'read'; readonly reading: RoastReading }
  | { readonly status: 'failed' };

/** What stands out in a roast, read in the worker, and again whenever the roast or its cups change. */
export function useReading(roast: Roast, cups: readonly Cup[] | undefined): ReadingState {
  const [state, setState] = useState<ReadingState>({ status: 'reading' });
  useEffect(() => {
    if (!cups) return;
    let current = true;
    answerOf(journalWorker().read(database().name, roast.id))
      .then((reading) => {
        if (current) setState(reading ? { status: 'read', reading } : { status: 'failed' });
      })
      .catch(() => current && setState({ status: 'failed' }));
    return () => {
      current = false;
    };
  }, [roast, cups]);
  return state;
}
