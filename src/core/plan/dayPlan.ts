import { coolDownMinOf, type Gear } from '../gear/index.ts';
import { elapsedS, type Milestones, momentMs, type Roast } from '../roast/index.ts';
import { localDay } from '../units/index.ts';
import { USUAL_START } from './dayFigures.ts';
import { dayReasons, type Reason } from './dayReasons.ts';
import type { DayBatch, RoastDay } from './roastDay.ts';
import { HANDLING_S, type Job, type Schedule, type Slot, type Standing, scheduleInOrder } from './schedule.ts';

/** A batch of a day with its roast, once it has one. */
export interface BatchRow {
  readonly batch: DayBatch;
  readonly roast: Roast | undefined;
  readonly reached: Milestones;
}

/** What the times of a day follow from. */
export interface DayFacts {
  /** `2026-11-28` */
  readonly date: string;
  readonly day: RoastDay | undefined;
  readonly rows: readonly BatchRow[];
  readonly gear: readonly Gear[];
  /** How long each batch takes from the charge to the pull, seconds, by its id. */
  readonly durations: ReadonlyMap<string, number>;
  readonly nowMs: number;
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

/** A day as it stands: what was done as it was, what is to come in the order that stands. */
export interface DayPlan {
  readonly lines: readonly DayLine[];
  /** When the last batch is cool and weighed. */
  readonly endMs: number;
  /** How much later than meant the next batch starts, seconds; 0 when in time. */
  readonly lateS: number;
  /** What a better order would save, seconds; undefined while it is looked for or when there is none. */
  readonly better: { readonly order: readonly string[]; readonly savesS: number } | undefined;
}

/** Fewer seconds saved are not worth a change of plan; ours. */
const WORTH_S = 60;

const msOf = (seconds: number) => seconds * 1000;
const coolS = (gear: Gear) => coolDownMinOf(gear) * 60;

/** What is still to be put in order, and how things stand for it: what a search for a better order is given. */
export function daysWork(facts: DayFacts): { readonly jobs: readonly Job[]; readonly standing: Standing } {
  const open = facts.rows.filter(
    ({ reached, roast }) => !roast || (roast.chargedAt === undefined && reached.pull === undefined),
  );
  return { jobs: open.flatMap(({ batch }) => jobFor(batch, facts)), standing: standingAt(facts, planFromMs(facts)) };
}

/**
 * The times of a day: what was roasted as it was, what is to come from now on in the order that stands.
 * @param found the best order of what is to come, where it is known
 */
export function dayPlan(facts: DayFacts, found?: Schedule): DayPlan {
  const { jobs, standing } = daysWork(facts);
  const fromMs = planFromMs(facts);
  const schedule = scheduleInOrder(jobs, standing);
  const reasons = dayReasons(schedule.slots);
  const slots = new Map(schedule.slots.map((slot, i) => [slot.id, { slot, reason: reasons[i] }]));
  const lines = facts.rows.flatMap((row): DayLine[] => {
    const planned = slots.get(row.batch.id);
    return planned ? [lineToCome(row, planned.slot, planned.reason, fromMs)] : lineBegun(row, facts, fromMs);
  });
  const first = lines.find(({ state }) => state === 'toCome');
  const meantMs = first && meantStartMs(first.row.batch.id, facts);
  const savesS = found ? schedule.endS - found.endS : 0;
  return {
    lines,
    endMs: fromMs + msOf(schedule.endS),
    lateS: first && meantMs !== undefined ? Math.max(0, (first.startMs - meantMs) / 1000) : 0,
    better: found && savesS >= WORTH_S ? { order: found.slots.map(({ id }) => id), savesS } : undefined,
  };
}

/** Before the first batch the plan counts from the hour that was set, or from now where that has passed. */
function planFromMs(facts: DayFacts): number {
  return Math.max(facts.nowMs, startOfDay(facts) ?? facts.nowMs);
}

/** Wall-clock start of the day as it was set; a day to come begins at the usual hour; undefined when today has none. */
function startOfDay({ date, day, nowMs }: DayFacts): number | undefined {
  const startsAt = day?.startsAt ?? (date > localDay(nowMs) ? USUAL_START : undefined);
  return startsAt === undefined ? undefined : new Date(`${date}T${startsAt}`).getTime();
}

function lineToCome(row: BatchRow, slot: Slot, reason: Reason | undefined, fromMs: number): DayLine {
  return { row, state: 'toCome', startMs: fromMs + msOf(slot.startS), pullMs: fromMs + msOf(slot.pullS), reason };
}

/** Of a batch that is done or on the heat; what is still on the heat comes out no earlier than now, however late it is. */
function lineBegun(row: BatchRow, { durations }: DayFacts, fromMs: number): DayLine[] {
  const startMs = row.roast && momentMs(row.roast, 0);
  if (startMs === undefined) return [];
  const done = row.reached.pull !== undefined;
  const pullMs = startMs + msOf(row.reached.pull ?? durations.get(row.batch.id) ?? 0);
  return [
    {
      row,
      state: done ? 'done' : 'onTheHeat',
      startMs,
      pullMs: done ? pullMs : Math.max(pullMs, fromMs),
      reason: undefined,
    },
  ];
}

/** When a batch was to start by the day's own order, counted from the hour that was set, else from the first beans in. */
function meantStartMs(batchId: string, facts: DayFacts): number | undefined {
  const charged = facts.rows.flatMap(({ roast }) => (roast && momentMs(roast, 0)) ?? []);
  const fromMs = startOfDay(facts) ?? (charged.length > 0 ? Math.min(...charged) : undefined);
  if (fromMs === undefined) return undefined;
  const { slots } = scheduleInOrder(facts.rows.flatMap(({ batch }) => jobFor(batch, facts)));
  const slot = slots.find(({ id }) => id === batchId);
  return slot && fromMs + msOf(slot.startS);
}

function jobFor(batch: DayBatch, { gear, durations }: DayFacts): Job[] {
  const itsGear = gear.find(({ id }) => id === batch.gearId);
  const roastS = durations.get(batch.id);
  if (!itsGear || roastS === undefined) return [];
  return [{ id: batch.id, gearId: itsGear.id, roastS, coolS: coolS(itsGear), hotStart: batch.hotStart === true }];
}

/** When the person is free and each gear cool, seconds from `fromMs`, by what was roasted so far. */
function standingAt({ rows, gear, durations }: DayFacts, fromMs: number): Standing {
  let personFreeS = 0;
  const gearReadyS: Record<string, number> = {};
  for (const { batch, roast, reached } of rows) {
    if (!roast?.chargedAt) continue;
    const itsGear = gear.find(({ id }) => id === batch.gearId);
    const chargedS = -(elapsedS(roast, fromMs) ?? 0);
    const pullS = Math.max(
      chargedS + (reached.pull ?? durations.get(batch.id) ?? 0),
      reached.pull === undefined ? 0 : Number.NEGATIVE_INFINITY,
    );
    personFreeS = Math.max(personFreeS, pullS + HANDLING_S);
    if (itsGear) gearReadyS[batch.gearId] = Math.max(gearReadyS[batch.gearId] ?? 0, pullS + coolS(itsGear));
  }
  return { personFreeS, gearReadyS };
}
