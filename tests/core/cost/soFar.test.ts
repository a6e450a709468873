import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { moneySoFar, type RoastMoney } from '@/core/cost';

const roast = (facts: Partial<RoastMoney> = {}): RoastMoney => ({
  month: '2026-10',
  greenGrams: 100,
  roastedGrams: 85,
  landedMinorPerKg: 1000,
  energyMinor: 5,
  failed: false,
  ...facts,
});

const near = (value: number, expected: number) =>
  assert.ok(Math.abs(value - expected) < 1e-6, `${value}, expected ${expected}`);

describe('money so far', () => {
  it('adds up what was roasted, paid and saved, worked by hand', () => {
    // Twice 100 g at 10.00 a kilogram and 0.05 of electricity: 2.10. Twice 85 g at 28.00 a kilogram: 4.76. Saved: 2.66.
    const so = moneySoFar([roast(), roast({ month: '2026-11' })], 2800, 500, 60);
    assert.equal(so.costMinor, 210);
    near(so.shopMinor, 476);
    near(so.savedMinor, 266);
    assert.deepEqual(
      so.byMonth.map(({ month, savedMinor }) => [month, Math.round(savedMinor)]),
      [
        ['2026-10', 133],
        ['2026-11', 266],
      ],
    );
    // 2.34 to go at 2.66 in 60 days: 52.8 days, 1.73 months.
    assert.equal(so.gear.paidBack, false);
    assert.ok(Math.abs((so.gear.monthsToGo ?? 0) - 1.734) < 0.01);
  });
  it('a batch that was thrown away costs and saves nothing', () => {
    const so = moneySoFar([roast(), roast({ failed: true })], 2800, 0, 30);
    assert.deepEqual([so.failed, so.roastedGrams, so.drinkableGrams], [1, 170, 85]);
    near(so.savedMinor, 238 - 210);
  });
  it('green without a price is left out and said; an unweighed batch loses the usual', () => {
    const so = moneySoFar([roast({ landedMinorPerKg: undefined }), roast({ roastedGrams: undefined })], 2800, 0, 30);
    assert.deepEqual([so.roasts, so.unpriced, so.roastedGrams], [2, 1, 85]);
  });
  it('gear is paid back, or never while nothing is saved', () => {
    assert.equal(moneySoFar([roast()], 2800, 100, 30).gear.paidBack, true);
    assert.equal(moneySoFar([roast()], 500, 100, 30).gear.monthsToGo, undefined);
    assert.equal(moneySoFar([], 2800, 100, 0).savedMinor, 0);
  });
});
