import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { moneySoFar, payback, type RoastMoney } from '@/core/cost';

const roast = (facts: Partial<RoastMoney> = {}): RoastMoney => ({
  gearId: 'gear:a',
  month: '2026-10',
  greenGrams: 100,
  roastedGrams: 85,
  landedMinorPerKg: 1000,
  energyMinor: 5,
  thrownShare: 0,
  ...facts,
});

const near = (value: number, expected: number) =>
  assert.ok(Math.abs(value - expected) < 1e-6, `${value}, expected ${expected}`);

describe('money so far', () => {
  it('adds up what was roasted, paid and saved, worked by hand', () => {
    // Twice 100 g at 10.00 a kilogram and 0.05 of electricity: 2.10. Twice 85 g at 28.00 a kilogram: 4.76. Saved: 2.66.
    const so = moneySoFar([roast(), roast({ month: '2026-11' })], 2800);
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
  });
  it('a batch that was thrown away costs and saves nothing', () => {
    const so = moneySoFar([roast(), roast({ thrownShare: 1 })], 2800);
    assert.deepEqual([so.failed, so.roastedGrams, so.drinkableGrams], [1, 170, 85]);
    near(so.savedMinor, 238 - 210);
  });
  it('green without a price is left out and said', () => {
    const so = moneySoFar([roast({ landedMinorPerKg: undefined }), roast()], 2800);
    assert.deepEqual([so.roasts, so.unpriced, so.roastedGrams], [2, 1, 85]);
  });
  it('a part thrown away counts by its share', () => {
    const so = moneySoFar([roast(), roast({ thrownShare: 0.25 })], 2800);
    assert.deepEqual([so.failed, so.roastedGrams], [0, 170]);
    near(so.drinkableGrams, 85 * 1.75);
  });
  it('nothing roasted is nothing saved', () => assert.equal(moneySoFar([], 2800).savedMinor, 0));
});

describe('gear is paid back', () => {
  const three = moneySoFar([roast(), roast(), roast()], 2800); // 1.33 saved each: 3.99 on 255 g
  const none = moneySoFar([], 2800);
  it('at the pace of the roasts on it, worked by hand', () => {
    const back = payback(1000, three, three, 60);
    near(back.kgToGo ?? 0, (1000 - 399) / (399 / 0.255));
    // 0.384 kg at 255 g in 60 days: 90.4 days
    near(back.monthsToGo ?? 0, (601 / 399) * (60 / 30.44));
    assert.deepEqual([back.paidBack, back.savedMinor], [false, three.savedMinor]);
  });
  it('without months on day one, nor by two roasts; in kilograms all the same', () => {
    const back = payback(1000, three, three, 1);
    assert.equal(back.monthsToGo, undefined);
    near(back.kgToGo ?? 0, 0.384098);
    assert.equal(payback(1000, moneySoFar([roast(), roast()], 2800), three, 60).monthsToGo, undefined);
  });
  it('by what other gear saves, while nothing was roasted on it', () => {
    near(payback(1000, none, three, 0).kgToGo ?? 0, 1000 / (399 / 0.255));
    assert.equal(payback(1000, none, none, 0).kgToGo, undefined);
  });
  it('already, or never while nothing is saved', () => {
    assert.deepEqual([payback(399, three, three, 60).paidBack, payback(399, three, three, 60).kgToGo], [true, 0]);
    const dear = moneySoFar([roast(), roast(), roast()], 500);
    assert.deepEqual(
      [payback(100, dear, dear, 60).kgToGo, payback(100, dear, dear, 60).monthsToGo],
      [undefined, undefined],
    );
  });
});
