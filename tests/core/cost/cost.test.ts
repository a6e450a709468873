import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { bestOffer, homePrice, landedByLot, landedMinorPerKg, landedOfPacks } from '@/core/cost';

const near = (value: number | undefined, expected: number, within = 1e-6) =>
  assert.ok(value !== undefined && Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('costs, worked by hand (handbook, section 11)', () => {
  it('landed is beans and carriage over weight', () => {
    // (24.50 + 3.50) / 2.5 kg = 11.20 a kg
    near(landedMinorPerKg(2450, 350, 2500), 1120);
    near(landedOfPacks([{ grams: 2500, priceMinor: 2450, carriageMinor: 350 }, { grams: 500 }]), 1120);
    assert.equal(landedOfPacks([{ grams: 500 }]), undefined);
  });
  it('of a blend is that of its parts by their shares, and not known where one of theirs is not', () => {
    const lot = (id: string, priceMinor?: number, blendOf?: readonly [string, number][]) =>
      ({
        id: `lot:${id}`,
        packs: [{ grams: 1000, ...(priceMinor === undefined ? {} : { priceMinor }) }],
        ...(blendOf ? { blendOf: blendOf.map(([lotId, share]) => ({ lotId: `lot:${lotId}`, share })) } : {}),
      }) as never;
    const prices = landedByLot([
      lot('both', undefined, [
        ['a', 0.6],
        ['b', 0.4],
      ]),
      lot('half', undefined, [
        ['a', 0.6],
        ['gift', 0.4],
      ]),
      lot('deep', undefined, [
        ['both', 0.5],
        ['a', 0.5],
      ]),
      lot('ring', undefined, [['ring', 1]]),
      lot('gone', undefined, [['sold', 1]]),
      lot('own', 1500, [['gift', 1]]),
      lot('a', 1000),
      lot('b', 2000),
      lot('gift'),
    ]);
    // 0.6 of 10.00 and 0.4 of 20.00; half of that and half of 10.00.
    assert.deepEqual(Object.fromEntries(prices), {
      'lot:both': 1400,
      'lot:deep': 1200,
      'lot:own': 1500,
      'lot:a': 1000,
      'lot:b': 2000,
    });
  });
  it('refuse what cannot be, naming value and unit', () => {
    assert.throws(() => landedMinorPerKg(1, 1, 0), { message: 'grams must be above 0 g, got 0 g' });
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
  it('say when a pack that goes stale is cheaper still by the cup, so that the table needs no explaining', () => {
    // 1 kg at 12.00 is 14.12 a roasted kilogram; of 30 kg at 180.00 the 18.25 kg that are used come to 11.60
    assert.equal(bestOffer({ ...question, offers: [offer(1000, 1200), offer(30_000, 18_000)] }).cheaperWithWaste, 1);
    assert.equal(
      bestOffer({ ...question, offers: [offer(1000, 1200), offer(30_000, 36_000)] }).cheaperWithWaste,
      undefined,
    );
  });
  it('use what is in the larder first: 10 kg of stock are 200 days, 165 are left for a new pack', () => {
    const answer = bestOffer({ ...question, stockGrams: 10_000, offers: [offer(1000, 1200), offer(10_000, 9000)] });
    near(answer.stockDays, 200);
    assert.equal(answer.best, 0);
    near(answer.judged[1]?.wastedGrams, 10_000 - 165 * 50);
    const full = bestOffer({ ...question, stockGrams: 20_000, offers: [offer(1000, 1200)] });
    assert.deepEqual([full.allWaste, full.judged[0]?.drunkMinorPerKg], [true, Number.POSITIVE_INFINITY]);
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

describe('the price at home', () => {
  it('is what is drunk with the energy for it, a mug of it, and the shop beside it', () => {
    const home = homePrice({ drunkMinorPerKg: 1800 }, { energyMinorPerKg: 200, gramsAMug: 15, shopMinorPerKg: 3000 });
    assert.deepEqual(home, { minorPerKg: 2000, mugMinor: 30, savesMinorPerKg: 1000 });
    assert.deepEqual(homePrice({ drunkMinorPerKg: 1800 }, { gramsAMug: 10 }), {
      minorPerKg: 1800,
      mugMinor: 18,
      savesMinorPerKg: undefined,
    });
  });
});
