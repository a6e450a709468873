import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo, useState } from 'react';
import { circumstancesOf, expectationFor, type PastRoast } from '@/core/forecast';
import { coolDownMinOf, type Gear } from '@/core/gear';
import {
  dayReasons,
  HANDLING_S,
  type Job,
  type Reason,
  type RoastDay,
  type Schedule,
  type Slot,
  type Standing,
  scheduleInOrder,
  USUAL_START,
} from '@/core/plan';
import { elapsedS, momentMs } from '@/core/roast';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import type { BatchRow } from '@/store/days';
import { roastHistory } from '@/store/history';
import type { LotStock } from '@/store/larder';
import { searchBestOrder } from '@/workers/planner/client';

export interface DayData {
  readonly day: RoastDay | undefined;
  readonly rows: readonly BatchRow[];
  readonly gear: readonly Gear[];
  readonly lots: readonly LotStock[];
}

/** One line of the day: done, on the heat, or to come with its times. */
export interface DayLine {
  readonly row: BatchRow;
  readonly state: 'done' | 'onTheHeat' | 'toCome';
  /** Wall-clock milliseconds; as they were, or as they are expected. */
  readonly startMs: number;
  readonly pullMs: number;
  readonly reason: Reason | undefined;
}

export interface DayPlan {
  readonly lines: readonly DayLine[];
  /** When the last batch is cool and weighed. */
  readonly endMs: number;
  /** How much later than meant the next batch starts, seconds; 0 when in time. */
  readonly lateS: number;
  /** What a better order would save, seconds; undefined while it is looked for or when there is none. */
  readonly better: { readonly order: readonly string[]; readonly savesS: number } | undefined;
}

/** Fewer seconds saved are not worth a change of plan. */
const WORTH_S = 60;

/** The times of a day: what was roasted as it was, what is to come from now on in the order that stands. */
export function useDayPlan(date: string, data: DayData | undefined, nowMs: number): DayPlan | undefined {
  const durations = useDurations(data);
  const dayStartMs = startOfDay(date, data?.day);
  // Before the first batch the plan counts from the hour that was set, or from now where that has passed.
  const fromMs = Math.max(nowMs, dayStartMs ?? nowMs);
  const open =
    data?.rows.filter(
      ({ reached, roast }) => !roast || (roast.chargedAt === undefined && reached.pull === undefined),
    ) ?? [];
  const jobs = durations && open.flatMap(({ batch }) => jobFor(batch, data?.gear ?? [], durations));
  const standing = data && standingAt(data, durations, fromMs);
  const better = useBetter(jobs, standing);
  if (!data || !durations || !jobs || !standing) return undefined;
  const schedule = scheduleInOrder(jobs, standing);
  const reasons = dayReasons(schedule.slots);
  const slots = new Map(schedule.slots.map((slot, i) => [slot.id, { slot, reason: reasons[i] }]));
  const lines = data.rows.flatMap((row): DayLine[] => {
    const planned = slots.get(row.batch.id);
    if (planned) return [lineToCome(row, planned.slot, planned.reason, fromMs)];
    const chargedMs = row.roast && momentMs(row.roast, 0);
    if (chargedMs === undefined) return [];
    const pullS = row.reached.pull ?? durations.get(row.batch.id) ?? 0;
    const state = row.reached.pull === undefined ? 'onTheHeat' : 'done';
    const pullMs = chargedMs + pullS * 1000;
    // What is still on the heat comes out no earlier than now, however late it is.
    return [
      {
        row,
        state,
        startMs: chargedMs,
        pullMs: state === 'done' ? pullMs : Math.max(pullMs, fromMs),
        reason: undefined,
      },
    ];
  });
  const first = lines.find(({ state }) => state === 'toCome');
  const meantMs = first && meantStartMs(first.row.batch.id, data, durations, dayStartMs);
  return {
    lines,
    endMs: fromMs + schedule.endS * 1000,
    lateS: first && meantMs !== undefined ? Math.max(0, (first.startMs - meantMs) / 1000) : 0,
    better:
      better && schedule.endS - better.endS >= WORTH_S
        ? { order: better.slots.map(({ id }) => id), savesS: schedule.endS - better.endS }
        : undefined,
  };
}

function lineToCome(row: BatchRow, slot: Slot, reason: Reason | undefined, fromMs: number): DayLine {
  return { row, state: 'toCome', startMs: fromMs + slot.startS * 1000, pullMs: fromMs + slot.pullS * 1000, reason };
}

/** When a batch was to start by the day's own order, counted from the hour that was set, else from the first beans in. */
function meantStartMs(
  batchId: string,
  data: DayData,
  durations: ReadonlyMap<string, number>,
  dayStartMs: number | undefined,
): number | undefined {
  const charged = data.rows.flatMap(({ roast }) => (roast && momentMs(roast, 0)) ?? []);
  const fromMs = dayStartMs ?? (charged.length > 0 ? Math.min(...charged) : undefined);
  if (fromMs === undefined) return undefined;
  const { slots } = scheduleInOrder(data.rows.flatMap(({ batch }) => jobFor(batch, data.gear, durations)));
  const slot = slots.find(({ id }) => id === batchId);
  return slot && fromMs + slot.startS * 1000;
}

/** Wall-clock start of the day as it was set; a day to come begins at the usual hour; undefined when today has none. */
function startOfDay(date: string, day: RoastDay | undefined): number | undefined {
  const startsAt = day?.startsAt ?? (date > localDay(new Date()) ? USUAL_START : undefined);
  return startsAt === undefined ? undefined : new Date(`${date}T${startsAt}`).getTime();
}

/** How long each batch takes, seconds, by the household's own record; fitted when that or the day changes, not with the clock. */
function useDurations(data: DayData | undefined): ReadonlyMap<string, number> | undefined {
  const past = useLiveQuery(() => roastHistory(database()), []);
  return useMemo(
    () => data && past && new Map(data.rows.map(({ batch }) => [batch.id as string, roastSeconds(batch, data, past)])),
    [data, past],
  );
}

function roastSeconds(batch: RoastDay['batches'][number], data: DayData, past: readonly PastRoast[]): number {
  const itsGear = data.gear.find(({ id }) => id === batch.gearId);
  const lot = data.lots.find((each) => each.lot.id === batch.lotId)?.lot;
  const { ambientC, wind } = data.day ?? {};
  const outdoors = itsGear?.place === 'outdoors' ? { ambientC, wind } : {};
  const facts = {
    ...batch,
    wantedShade: batch.shade,
    gearHot: batch.hotStart,
    plannedMoves: undefined,
    ...{ ambientC: undefined, wind: undefined },
    ...outdoors,
  };
  return expectationFor(circumstancesOf(facts, lot, itsGear), past).at.pull.medianS;
}

function jobFor(
  batch: RoastDay['batches'][number],
  gear: readonly Gear[],
  durations: ReadonlyMap<string, number>,
): Job[] {
  const itsGear = gear.find(({ id }) => id === batch.gearId);
  const roastS = durations.get(batch.id);
  if (!itsGear || roastS === undefined) return [];
  return [
    { id: batch.id, gearId: itsGear.id, roastS, coolS: coolDownMinOf(itsGear) * 60, hotStart: batch.hotStart === true },
  ];
}

/** When the person is free and each gear cool, seconds from `fromMs`, by what was roasted so far. */
function standingAt(data: DayData, durations: ReadonlyMap<string, number> | undefined, fromMs: number): Standing {
  let personFreeS = 0;
  const gearReadyS: Record<string, number> = {};
  for (const { batch, roast, reached } of data.rows) {
    if (!roast?.chargedAt) continue;
    const itsGear = data.gear.find(({ id }) => id === batch.gearId);
    const chargedS = -(elapsedS(roast, fromMs) ?? 0);
    const pullS = Math.max(
      chargedS + (reached.pull ?? durations?.get(batch.id) ?? 0),
      reached.pull === undefined ? 0 : Number.NEGATIVE_INFINITY,
    );
    personFreeS = Math.max(personFreeS, pullS + HANDLING_S);
    if (itsGear)
      gearReadyS[batch.gearId] = Math.max(gearReadyS[batch.gearId] ?? 0, pullS + coolDownMinOf(itsGear) * 60);
  }
  return { personFreeS, gearReadyS };
}

/** The best order of what is to come, looked for in a worker whenever the batches or the standing change. */
function useBetter(jobs: readonly Job[] | undefined, standing: Standing | undefined) {
  const [found, setFound] = useState<{ readonly key: string; readonly schedule: Schedule }>();
  const key = JSON.stringify([jobs, standing]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for jobs and standing, which are new at each render
  useEffect(() => {
    if (!jobs || jobs.length < 2 || !standing) return;
    const search = searchBestOrder(jobs, standing);
    let current = true;
    // Without an answer the order as it stands is kept; it is valid, only perhaps not the shortest.
    search.result.then((schedule) => current && setFound({ key, schedule })).catch(() => undefined);
    return () => {
      current = false;
      search.cancel();
    };
  }, [key]);
  return found?.key === key ? found.schedule : undefined;
}
