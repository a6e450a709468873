import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { expectationFor, forecastFrom, knownOrExpected } from '@/core/forecast';
import { controlsOf, initialValue, type Method, methodOf } from '@/core/gear';
import {
  type EntryDraft,
  isUnderWay,
  lastUndoable,
  liveEntries,
  type Milestones,
  milestonesOf,
  nextMilestone,
  questionsAbout,
  ribbonOf,
  stageOf,
} from '@/core/roast';
import { database } from '@/store/current';
import type { NamedRoast } from '@/store/queries';
import { chargeRoast, logEntry, pastMilestones, undoLast } from '@/store/roasting';
import { useRoastClock } from './useRoastClock';

/** Everything that the roast screen shows and does, derived from the record and the clock. */
export function useLiveRoast({ roast, gear }: NamedRoast) {
  const clock = useRoastClock(roast);
  const method: Method = methodOf(gear?.method ?? 'other');
  const past = usePast(roast.gearId, roast.id);
  const guide = useLiveQuery(
    async () => (roast.follows ? await database().roasts.get(roast.follows) : undefined),
    [roast.follows],
  );

  const live = liveEntries(roast.entries);
  const reached = milestonesOf(live);
  const nowS = clock.shownS ?? 0;
  const expectation = expectationFor(method, roast.wantedShade, past, {
    rule: roast.pullRule,
    ambientC: roast.ambientC,
    wind: roast.wind,
    gearHot: roast.gearHot,
  });
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

/** Read once: earlier roasts do not change while this one is on the heat, and a live query would run at every press. */
function usePast(gearId: string, roastId: string): readonly Milestones[] {
  const [past, setPast] = useState<readonly Milestones[]>([]);
  useEffect(() => {
    let current = true;
    void pastMilestones(database(), gearId, roastId).then((found) => current && setPast(found));
    return () => {
      current = false;
    };
  }, [gearId, roastId]);
  return past;
}
