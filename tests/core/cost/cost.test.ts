import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { bestOffer, energyMinorPerKg, homeMinorPerKg, landedMinorPerKg, landedOfPacks, payback } from '@/core/cost';

const near = (value: number | undefined, expected: number, within = 1e-6) =>
  assert.ok(value !== undefined && Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('costs, worked by hand (handbook, section 11)', () => {
  it('landed is beans and carriage over weight', () => {
    // (24.50 + 3.50) / 2.5 kg = 11.20 a kg
    near(landedMinorPerKg(2450, 350, 2500), 1120);
    near(landedOfPacks([{ grams: 2500, priceMinor: 2450, carriageMinor: 350 }, { grams: 500 }]), 1120);
    assert.equal(landedOfPacks([{ grams: 500 }]), undefined);
  });
  it('home is landed over what is left of it, energy, and the batches thrown away', () => {
    near(homeMinorPerKg({ landedMinorPerKg: 1120, lossPercent: 15 }), 1120 / 0.85);
    near(
      homeMinorPerKg({ landedMinorPerKg: 1120, lossPercent: 15, energyMinorPerKg: 40, failedShare: 0.1 }),
      (1120 / 0.85 + 40) / 0.9,
    );
    // 1.2 kW for 400 s at 27 a kWh is 3.6 for 68 g: 52.94 a kg
    near(energyMinorPerKg(1200, 400, 27, 68), 52.941176, 1e-5);
  });
  it('gear is paid back at the saving and the use', () => {
    // 18.00 at 14.00 a kg saved is 1.2857 kg; at 50 g a day 25.7 days, 0.845 months
    const back = payback(1800, 1400, 50);
    near(back?.kg, 1.285714, 1e-5);
    near(back?.months, 1285.714 / 50 / 30.44, 1e-5);
    assert.equal(payback(1800, -1, 50), undefined);
  });
  it('refuse what cannot be, naming value and unit', () => {
    assert.throws(() => landedMinorPerKg(1, 1, 0), { message: 'grams must be above 0 g, got 0 g' });
    assert.throws(() => homeMinorPerKg({ landedMinorPerKg: 1, lossPercent: 100 }), {
      message: 'lossPercent must be from 0 to below 100 %, got 100 %',
    });
    assert.throws(() => homeMinorPerKg({ landedMinorPerKg: 1, lossPercent: 10, failedShare: 1 }), {
      message: 'failedShare must be from 0 to below 1, got 1',
    });
    assert.throws(() => energyMinorPerKg(1, 1, 1, 0), { message: 'roastedGrams must be above 0 g, got 0 g' });
  });
});

describe('price breaks', () => {
  const question = { gramsPerDay: 42.5, lossPercent: 15, keepsDays: 365 };
  const offer = (grams: number, priceMinor: number, carriageMinor = 0) => ({ grams, priceMinor, carriageMinor });
  it('take the big pack when it is used in time: 50 g green a day is 18.25 kg a year', () => {
    const answer = bestOffer({ ...question, offers: [offer(1000, 1200), offer(10_000, 9000)] });
    assert.equal(answer.best, 1);
    near(answer.judged[0]?.lastsDays, 20);
    near(answer.judged[1]?.landedMinorPerKg, 900);
    near(answer.judged[1]?.drunkMinorPerKg, 900 / 0.85);
  });
  it('pass over the big pack that goes stale, however cheap a kilogram', () => {
    const answer = bestOffer({ ...question, offers: [offer(1000, 1200), offer(30_000, 18_000)] });
    assert.equal(answer.best, 0);
    near(answer.judged[1]?.wastedGrams, 11_750);
    // 180.00 for the 18.25 kg that are used, over 0.85
    near(answer.judged[1]?.drunkMinorPerKg, 18_000 / 18.25 / 0.85, 1e-4);
  });
  it('count the carriage, and say when all of them go stale', () => {
    assert.equal(bestOffer({ ...question, offers: [offer(1000, 1000, 400), offer(1000, 1200, 0)] }).best, 1);
    const answer = bestOffer({ ...question, gramsPerDay: 1, offers: [offer(1000, 1200), offer(5000, 5500)] });
    assert.ok(answer.allWaste);
    assert.equal(answer.best, 0);
    assert.throws(() => bestOffer({ ...question, offers: [] }), {
      message: 'offers must hold one offer at least, got none',
    });
  });
});
