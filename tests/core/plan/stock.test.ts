import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { reckonedJars, stockAhead, windowDays } from '@/core/plan';
import { drinkingWindow } from '@/core/shelf';

describe('rest (handbook, section 8)', () => {
  it('goes by school and shade', () => {
    assert.deepEqual(drinkingWindow(2, 'usual'), { readyDays: 4, bestDays: 21, fadesDays: 42 });
    assert.deepEqual(drinkingWindow(4, 'patient'), { readyDays: 6, bestDays: 21, fadesDays: 42 });
    assert.deepEqual(drinkingWindow(6, 'usual'), { readyDays: 1.5, bestDays: 14, fadesDays: 28 });
    assert.deepEqual(drinkingWindow(7, 'early'), { readyDays: 0.5, bestDays: 14, fadesDays: 28 });
    assert.deepEqual(windowDays(6, 'usual'), { restDays: 2, lastDays: 28 });
  });
});

describe('four weeks of stock, worked by hand', () => {
  // 50 g a day; 120 g ready now; medium wants two days.
  const question = { gramsPerDay: 50, roastGrams: 200, restDays: 2, lastDays: 42, horizonDays: 10 };
  it('runs out on the third day, so the roast is due today', () => {
    const plan = stockAhead({ ...question, jars: [{ grams: 120, readyDay: 0, lastDay: 30 }] });
    assert.equal(plan.runsOutDay, 2);
    // 20 g are left for day 2; a roast on day 0 is ready then. 220 g from day 2 last to day 6 with 30 short: roast on day 4, and again on day 8.
    assert.deepEqual(plan.roastDays, [0, 4]);
    assert.deepEqual(
      plan.days.map(({ readyGrams }) => readyGrams),
      [70, 20, 170, 120, 70, 20, 170, 120, 70, 20],
    );
    assert.deepEqual(plan.days.map(({ restingGrams }) => restingGrams).slice(0, 6), [200, 200, 0, 0, 200, 200]);
  });
  it('shows a shortage that no roast can help any more, and roasts for the day it can', () => {
    const plan = stockAhead({ ...question, jars: [] });
    assert.deepEqual(plan.days.map(({ shortGrams }) => shortGrams).slice(0, 3), [50, 50, 0]);
    assert.equal(plan.roastDays[0], 0);
  });
  it('drinks first what goes past first, and counts what goes past undrunk', () => {
    const plan = stockAhead({
      ...question,
      horizonDays: 4,
      jars: [
        { grams: 300, readyDay: 0, lastDay: 9 },
        { grams: 90, readyDay: 0, lastDay: 0 },
      ],
    });
    assert.deepEqual(
      plan.days.map(({ readyGrams, pastGrams }) => [readyGrams, pastGrams]),
      [
        [340, 0],
        [250, 40],
        [200, 0],
        [150, 0],
      ],
    );
    assert.deepEqual(plan.roastDays, []);
    assert.equal(plan.runsOutDay, undefined);
  });
  it('never leaves a day short that a roast could have helped', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 200 }),
        fc.integer({ min: 30, max: 500 }),
        fc.integer({ min: 0, max: 9 }),
        fc.array(
          fc.record({
            grams: fc.integer({ min: 1, max: 400 }),
            readyDay: fc.integer({ min: -5, max: 5 }),
            lastDay: fc.integer({ min: 6, max: 40 }),
          }),
          { maxLength: 4 },
        ),
        (gramsPerDay, roastGrams, restDays, jars) => {
          const plan = stockAhead({ jars, gramsPerDay, roastGrams, restDays, lastDays: 42 });
          for (const { day, shortGrams } of plan.days)
            assert.ok(day < restDays || shortGrams <= 1, `day ${day}: ${shortGrams} g short`);
        },
      ),
      { seed: 13 },
    );
  });
  it('refuses what is no question', () => {
    assert.throws(() => stockAhead({ ...question, jars: [], gramsPerDay: 0 }), {
      message: 'gramsPerDay must be above 0 g, got 0 g',
    });
    assert.throws(() => stockAhead({ ...question, jars: [], roastGrams: -1 }), {
      message: 'roastGrams must be above 0 g, got -1 g',
    });
    assert.throws(() => stockAhead({ ...question, jars: [], restDays: 50 }), {
      message: 'restDays must be from 0 and below lastDays, got 50 and 42 days',
    });
  });
});

describe('jars reckoned from the journal', () => {
  it('are what the household cannot have drunk yet', () => {
    // 200 g of medium six days ago, ready four days ago; 50 g a day on days -4 to -1 leaves none. 150 g two days ago are ready today.
    const jars = reckonedJars(
      [
        { day: -6, grams: 200, shade: 4 },
        { day: -2, grams: 150, shade: 4 },
      ],
      50,
      'usual',
    );
    assert.deepEqual(jars, [{ grams: 150, readyDay: 0, lastDay: 40 }]);
    assert.throws(() => reckonedJars([], 0, 'usual'), { message: 'gramsPerDay must be above 0 g, got 0 g' });
  });
});
