import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  batchesTakeS,
  estimateLoss,
  type LossRecord,
  planForGreen,
  planForRoasted,
  tableLossPercent,
  usualLoss,
} from '@/core/plan';
import { judgeLoss, shadeNumbers, shadeOf } from '@/core/shade';

const wanted = { gearId: 'gear:a', lotId: 'lot:a', shade: 4 as const };
const record = (lossPercent: number, facts: Partial<LossRecord> = {}): LossRecord => ({
  ...wanted,
  lossPercent,
  ...facts,
});
const near = (value: number, expected: number, within = 1e-9) =>
  assert.ok(Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('estimateLoss', () => {
  it('is the table before there are roasts, moved a point for a point of moisture', () => {
    const { meanPercent, sdPercent, fromGear } = estimateLoss(wanted, []);
    near(meanPercent, 14.7);
    // √(1.5² between gears + 1² between lots + 1² within)
    near(sdPercent, Math.sqrt(2.25 + 1 + 1));
    assert.equal(fromGear, 0);
    near(estimateLoss({ ...wanted, moisturePercent: 12.5 }, []).meanPercent, 16.2);
    near(tableLossPercent(7, 9), 18.5);
  });

  it('says what a weighed loss is judged by: table and moisture, else the gear, else the gear with these beans', () => {
    assert.deepEqual(usualLoss({ ...wanted, moisturePercent: 13 }, []), {
      meanPercent: tableLossPercent(wanted.shade, 13),
      sdPercent: shadeOf(wanted.shade).lossPercent.sd,
      from: 'table',
    });
    assert.equal(usualLoss(wanted, [record(17, { lotId: 'lot:b' })]).from, 'gear');
    const own = usualLoss(
      wanted,
      Array.from({ length: 12 }, () => record(18)),
    );
    assert.equal(own.from, 'gearAndLot');
    // Twelve roasts that lose 18 % make 18 % usual there, where the table would call it odd.
    assert.equal(judgeLoss(18, own), 'usual');
    assert.equal(judgeLoss(18, usualLoss(wanted, [])), 'high');
  });

  it('is worked by hand for one roast of this lot, one point above the table', () => {
    // Prior variance 1.5² + 1² = 3.25, one observation of variance 1: the residual is shrunk to 3.25/4.25.
    const { meanPercent, sdPercent, fromGear, fromGearAndLot } = estimateLoss(wanted, [record(15.7)]);
    near(meanPercent, 14.7 + 3.25 / 4.25);
    near(sdPercent, Math.sqrt(3.25 / 4.25 + 1));
    assert.deepEqual([fromGear, fromGearAndLot], [1, 1]);
  });

  it('is worked by hand for two roasts of another lot: the gear speaks, the lot is unknown', () => {
    // Mean of two, variance 1² + 1²/2 = 1.5; gear posterior mean 2 × (1/1.5) / (1/2.25 + 1/1.5).
    const records = [record(16.7, { lotId: 'lot:b' }), record(16.7, { lotId: 'lot:b' })];
    const precision = 1 / 2.25 + 1 / 1.5;
    const { meanPercent, sdPercent, fromGearAndLot } = estimateLoss(wanted, records);
    near(meanPercent, 14.7 + 2 / 1.5 / precision);
    near(sdPercent, Math.sqrt(1 / precision + 1 + 1));
    assert.equal(fromGearAndLot, 0);
  });

  it('does not hear other gear, and learns across shades', () => {
    near(estimateLoss(wanted, [record(25, { gearId: 'gear:b' })]).meanPercent, 14.7);
    near(estimateLoss(wanted, [record(19, { shade: 6 })]).meanPercent, 14.7 + 3.25 / 4.25);
  });

  it('comes ever nearer to this gear and lot, and ever surer, as roasts are weighed', () => {
    fc.assert(
      fc.property(fc.double({ min: 10, max: 20, noNaN: true }), fc.constantFrom(...shadeNumbers), (loss, shade) => {
        const estimates = [0, 1, 3, 10, 50].map((count) =>
          estimateLoss(
            { ...wanted, shade },
            Array.from({ length: count }, () => record(loss, { shade })),
          ),
        );
        for (let i = 1; i < estimates.length; i++) {
          const [a, b] = [estimates[i - 1], estimates[i]];
          assert.ok(
            a &&
              b &&
              Math.abs(b.meanPercent - loss) <= Math.abs(a.meanPercent - loss) + 1e-9 &&
              b.sdPercent < a.sdPercent,
          );
        }
      }),
      { seed: 9 },
    );
  });
});

describe('batches', () => {
  const loss = { meanPercent: 15, sdPercent: 2, fromGear: 5, fromGearAndLot: 3 };
  it('are worked by hand: 250 g at 15 % is 294.1 g green, three batches of 98.0 g in a popper that takes 120 g', () => {
    const plan = planForRoasted(250, 120, loss);
    assert.equal(plan.batches, 3);
    near(plan.greenGrams, 250 / 0.85);
    near(plan.greenGramsEach, 250 / 0.85 / 3);
    near(plan.roastedGrams, 250);
    near(plan.roastedSdGrams, (250 / 0.85) * 0.02);
  });
  it('are equal, as few as may be, within the limit, and give what was wanted', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 3000, noNaN: true }),
        fc.double({ min: 30, max: 500, noNaN: true }),
        (roasted, most) => {
          const plan = planForRoasted(roasted, most, loss);
          assert.ok(plan.greenGramsEach <= most * (1 + 1e-6));
          assert.ok(plan.batches === 1 || plan.greenGrams / (plan.batches - 1) > most);
          near(plan.roastedGrams, roasted, 1e-6);
        },
      ),
      { seed: 10 },
    );
  });
  it('refuse nothing and less, naming value and unit', () => {
    assert.throws(() => planForRoasted(0, 100, loss), { message: 'roastedGrams must be above 0 g, got 0 g' });
    assert.throws(() => planForGreen(-5, 100, loss), { message: 'greenGrams must be above 0 g, got -5 g' });
    assert.throws(() => planForGreen(80, 0, loss), { message: 'mostGreenGrams must be above 0 g, got 0 g' });
  });
  it('take their roasting and the cooling in between', () => {
    assert.equal(batchesTakeS(1, 390, 20), 390);
    assert.equal(batchesTakeS(3, 390, 20), 3 * 390 + 2 * 20 * 60);
  });
});
