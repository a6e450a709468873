import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo, useState } from 'react';
import { circumstancesOf, expectationFor, forecastFrom, knownOrExpected, type PastRoast } from '@/core/forecast';
import { controlsOf, initialValue, type Method, methodOf } from '@/core/gear';
import {
  type EntryDraft,
  isUnderWay,
  lastUndoable,
  liveEntries,
  milestonesOf,
  nextMilestone,
  questionsAbout,
  ribbonOf,
  stageOf,
} from '@/core/roast';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import type { NamedRoast } from '@/store/queries';
import { chargeRoast, logEntry, undoLast } from '@/store/roasting';
import { useRoastClock } from './useRoastClock';

/** Everything that the roast screen shows and does, derived from the record and the clock. */
export function useLiveRoast(named: NamedRoast) {
  const { roast, gear } = named;
  const clock = useRoastClock(roast);
  const method: Method = methodOf(gear?.method ?? 'other');
  const past = usePast(roast.id);
  const guide = useLiveQuery(
    async () => (roast.follows ? await database().roasts.get(roast.follows) : undefined),
    [roast.follows],
  );

  const live = liveEntries(roast.entries);
  const reached = milestonesOf(live);
  const nowS = clock.shownS ?? 0;
  const expectation = useExpectation(named, past);
  const forecasts = forecastFrom(expectation, reached, nowS);
  const charged = roast.chargedAt !== undefined;

  const log = (draft: EntryDraft) => logEntry(database(), roast.id, draft, clock.now() ?? 0);
  return {
    clock,
    nowS,
    method,
    live,
    reached,
    forecasts,
    fromRoasts: expectation.fromRoasts,
    underWay: isUnderWay(roast),
    charged,
    stage: stageOf(reached, charged),
    next: charged ? nextMilestone(reached) : undefined,
    questions: questionsAbout(live),
    undoable: lastUndoable(roast.entries),
    ribbon: ribbonOf(roast, nowS, knownOrExpected(reached, forecasts)),
    guide: guide && ribbonOf(guide),
    controls: controlsOf(gear ?? { method: 'other' }).map((control) => ({
      control,
      value: lastValue(control.id) ?? initialValue(control),
    })),
    log,
    charge: () => chargeRoast(database(), roast.id, Date.now()),
    undo: () => undoLast(database(), roast.id, clock.now() ?? 0),
  };

  function lastValue(control: string) {
    const last = live.findLast((entry) => entry.kind === 'move' && entry.control === control);
    return last?.kind === 'move' ? last.value : undefined;
  }
}

export type LiveRoastModel = ReturnType<typeof useLiveRoast>;

/** What the record says of this roast: worked out when the record was read, not at every second. */
function useExpectation({ roast, lot, gear }: NamedRoast, past: readonly PastRoast[]) {
  // biome-ignore lint/correctness/useExhaustiveDependencies: the facts of a roast under way are fixed; only its log grows
  return useMemo(
    () => expectationFor({ ...circumstancesOf(roast, lot, gear), rule: roast.pullRule }, past),
    [roast.id, past, gear, lot],
  );
}

/** Read once: earlier roasts do not change while this one is on the heat, and a live query would run at every press. */
function usePast(roastId: string): readonly PastRoast[] {
  const [past, setPast] = useState<readonly PastRoast[]>([]);
  useEffect(() => {
    let current = true;
    void roastHistory(database(), roastId).then((found) => current && setPast(found));
    return () => {
      current = false;
    };
  }, [roastId]);
  return past;
}
