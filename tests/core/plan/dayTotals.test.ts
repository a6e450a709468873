import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Gear } from '@/core/gear';
import { dayTotals } from '@/core/plan';
import { mark, pull, roastOf } from '../build.ts';

const gear = [{ id: roastOf([]).gearId, watts: 1200 }] as Pick<Gear, 'id' | 'watts'>[];
const at = (time: string, grams?: number, pullS = 360) =>
  roastOf([mark(240, 'firstCrack'), pull(pullS, grams === undefined ? {} : { grams })], {
    chargedAt: `2026-11-24T${time}:00.000Z`,
  });

describe('what a roast day came to', () => {
  it('is nothing while nothing is out', () => {
    assert.equal(dayTotals([], gear), undefined);
    assert.equal(dayTotals([roastOf([mark(240, 'firstCrack')])], gear), undefined);
  });
  it('sums green, roasted, time and power, worked by hand', () => {
    const totals = dayTotals([at('10:00', 68), at('10:30', 67.5), at('11:00', 69)], gear);
    assert.ok(totals);
    assert.deepEqual([totals.batches, totals.greenGrams, totals.roastedGrams, totals.unweighed], [3, 240, 204.5, 0]);
    // From 10:00 to 11:06; 1.2 kW for three times 6 minutes.
    assert.equal(totals.tookS, 3960);
    assert.ok(Math.abs((totals.kwh ?? 0) - 0.36) < 1e-9);
  });
  it('counts the power of the preheat that the gear needs, as money does', () => {
    const heated = gear.map((each) => ({ ...each, preheatMin: 4 }));
    // 1.2 kW for 4 minutes of preheat and 6 of roast.
    assert.ok(Math.abs((dayTotals([at('10:00', 68)], heated)?.kwh ?? 0) - 0.2) < 1e-9);
  });
  it('says how many were not weighed, and nothing of power that nobody knows', () => {
    const totals = dayTotals([at('10:00', 68), at('10:30')], []);
    assert.deepEqual([totals?.roastedGrams, totals?.unweighed, totals?.kwh], [68, 1, undefined]);
  });
});
