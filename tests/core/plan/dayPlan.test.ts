import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Gear } from '@/core/gear';
import {
  type BatchRow,
  type DayFacts,
  type DayPlan,
  dayPlan,
  daysWork,
  HANDLING_S,
  scheduleInOrder,
} from '@/core/plan';
import type { Roast } from '@/core/roast';

const at = (time: string) => new Date(`2026-11-28T${time}`).getTime();
const clock = (ms: number) => new Date(ms).toTimeString().slice(0, 8);
const gear = (id: string, coolDownMin: number) => ({ id, nickname: id, method: 'hotAirPopper', coolDownMin }) as Gear;

/** A batch of ten minutes; `charged` says when its beans went in, `pull` after how many seconds they came out. */
const row = (id: string, gearId: string, charged?: string, pull?: number): BatchRow => ({
  batch: { id, gearId } as BatchRow['batch'],
  roast: charged
    ? ({ chargedAt: new Date(at(charged)).toISOString(), clockShiftMs: 0, entries: [] } as unknown as Roast)
    : undefined,
  reached: pull === undefined ? {} : { pull },
});

const day = (now: string, startsAt: string | undefined, ...rows: BatchRow[]): DayFacts => ({
  date: '2026-11-28',
  day: { startsAt } as DayFacts['day'],
  rows,
  gear: [gear('a', 20), gear('b', 5)],
  durations: new Map(rows.map(({ batch }) => [batch.id, 600])),
  nowMs: at(now),
});
const times = ({ lines }: DayPlan) => lines.map(({ state, startMs, pullMs }) => [state, clock(startMs), clock(pullMs)]);

describe('a day as it stands', () => {
  it('counts from the hour that was set, one roast at a time, gear cooling meanwhile', () => {
    const plan = dayPlan(day('07:00', '09:00', row('1', 'a'), row('2', 'b'), row('3', 'a')));
    assert.deepEqual(times(plan), [
      ['toCome', '09:00:00', '09:10:00'],
      ['toCome', '09:15:00', '09:25:00'],
      ['toCome', '09:30:00', '09:40:00'],
    ]);
    assert.deepEqual([clock(plan.endMs), plan.lateS], ['09:45:00', 0]);
  });
  it('has what was done as it was, and goes on from now when nothing waits for it', () => {
    const plan = dayPlan(day('09:40', '09:00', row('1', 'a', '09:05', 540), row('2', 'b')));
    assert.deepEqual(times(plan), [
      ['done', '09:05:00', '09:14:00'],
      ['toCome', '09:40:00', '09:50:00'],
    ]);
    assert.equal(plan.lateS, 25 * 60);
  });
  it('waits for what is on the heat, which is never pulled in the past', () => {
    const onTime = dayPlan(day('09:04', '09:00', row('1', 'a', '09:00'), row('2', 'b')));
    assert.deepEqual(times(onTime), [
      ['onTheHeat', '09:00:00', '09:10:00'],
      ['toCome', '09:15:00', '09:25:00'],
    ]);
    const over = dayPlan(day('09:12', '09:00', row('1', 'a', '09:00'), row('2', 'b')));
    assert.deepEqual(times(over)[0], ['onTheHeat', '09:00:00', '09:12:00']);
    assert.deepEqual(times(over)[1], ['toCome', '09:17:00', '09:27:00']);
  });
  it('waits until gear that was hot is cool', () => {
    const plan = dayPlan(day('09:16', undefined, row('1', 'a', '09:00', 600), row('2', 'a')));
    assert.deepEqual(times(plan)[1], ['toCome', '09:30:00', '09:40:00']);
    assert.equal(plan.lateS, 0, 'it was to wait for it from the first');
  });
  it('tells a better order where it saves a minute', () => {
    const facts = day('07:00', '09:00', row('1', 'a'), row('2', 'a'), row('3', 'b'));
    const { jobs, standing } = daysWork(facts);
    const found = scheduleInOrder(
      [jobs[0], jobs[2], jobs[1]].flatMap((each) => each ?? []),
      standing,
    );
    assert.deepEqual(dayPlan(facts, found).better, { order: ['1', '3', '2'], savesS: 900 });
    assert.equal(dayPlan(facts, scheduleInOrder(jobs, standing)).better, undefined);
    assert.equal(HANDLING_S, 300);
  });
  it('leaves a batch out whose gear is gone', () => {
    const facts = { ...day('07:00', '09:00', row('1', 'gone'), row('2', 'b')) };
    assert.equal(dayPlan(facts).lines.length, 1);
  });
});
