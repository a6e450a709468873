import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo, useState } from 'react';
import { circumstancesOf, expectationFor, forecastFrom, knownOrExpected, type PastRoast } from '@/core/forecast';
import { type Control, controlsOf, initialValue, type Method, methodOf } from '@/core/gear';
import {
  crackProposal,
  cuesFor,
  kindOfCrack,
  ownFirstCrackC,
  probeOpinion,
  rateOfRise,
  USUAL_FIRST_CRACK_C,
} from '@/core/heat';
import {
  type EntryDraft,
  isUnderWay,
  lastUndoable,
  liveEntries,
  milestonesOf,
  nextMilestone,
  type PlannedMove,
  questionsAbout,
  type Roast,
  ribbonOf,
  stageOf,
} from '@/core/roast';
import { chargeRoast, logEntry, undoLast } from '@/store/atTheHeat';
import { database } from '@/store/current';
import { roastHistory } from '@/store/history';
import type { NamedRoast } from '@/store/queries';
import { firstCrackReadings, readingsOf } from '@/store/readings';
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
  const readings = readingsOf(live);
  const ownC = useOwnFirstCrack(roast);
  const ratePerMin = rateOfRise(readings, nowS);
  const forecasts = forecastFrom(
    expectation,
    reached,
    nowS,
    reached.firstCrack === undefined ? probeOpinion(readings, ownC, nowS) : undefined,
  );
  const last = readings.at(-1);
  const pastFirstCrackC =
    last && nowS - last.at < FRESH_READING_S ? last.celsius - (ownC ?? USUAL_FIRST_CRACK_C) : undefined;
  const controls = controlsOf(gear ?? { method: 'other' });
  const moves = (roast.plannedMoves ?? []).map((move) => ({
    move,
    words: moveName(controls, move),
    done: live.some((entry) => entry.kind === 'move' && entry.control === move.control && entry.value === move.value),
  }));
  const charged = roast.chargedAt !== undefined;

  const log = (draft: EntryDraft, source?: 'hand' | 'tap') =>
    logEntry(database(), roast.id, draft, clock.now() ?? 0, source);
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
    expectedPullS: expectation.at.pull.medianS,
    readings,
    ownC,
    ratePerMin,
    pastFirstCrackC,
    moves,
    proposal: crackProposal(live, reached, nowS),
    cues: cuesFor({
      nowS,
      reached,
      forecasts,
      shade: roast.wantedShade,
      moves,
      reminders: gear?.reminders ?? [],
      ratePerMin,
      pastFirstCrackC,
    }),
    undoable: lastUndoable(roast.entries),
    ribbon: ribbonOf(roast, nowS, knownOrExpected(reached, forecasts)),
    guide: guide && ribbonOf(guide),
    controls: controls.map((control) => ({
      control,
      value: lastValue(control.id) ?? initialValue(control),
    })),
    log,
    /** For what happened at another moment than now. */
    logAt: (draft: EntryDraft, atS: number) => logEntry(database(), roast.id, draft, atS),
    tapCrack: () => log({ kind: 'crack', crack: kindOfCrack(live, reached, clock.now() ?? 0) }, 'tap'),
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

/** An older reading says nothing of now, seconds. */
const FRESH_READING_S = 75;

/** The gear's own reading at first crack, from its earlier roasts; read once. */
function useOwnFirstCrack(roast: Roast): number | undefined {
  const [ownC, setOwnC] = useState<number>();
  useEffect(() => {
    let current = true;
    void firstCrackReadings(database(), roast.gearId, roast.id).then((all) => current && setOwnC(ownFirstCrackC(all)));
    return () => {
      current = false;
    };
  }, [roast.gearId, roast.id]);
  return ownC;
}

/** A planned move as it is told: "flame 3", "stir". */
function moveName(controls: readonly Control[], { control, value }: PlannedMove): string {
  const label = controls.find(({ id }) => id === control)?.label.toLowerCase() ?? control;
  return value === undefined ? label : `${label} ${value}`;
}
