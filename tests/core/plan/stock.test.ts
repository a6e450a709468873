import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { batchesWithin, parseUse, stockAhead, windowDays } from '@/core/plan';
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

describe('roast days ahead', () => {
  // 30 g a day, 70 g a batch, two days of rest, drunk within 21 days to count as fresh.
  const question = { gramsPerDay: 30, roastGrams: 70, restDays: 2, lastDays: 42, freshDays: 21, jars: [] };
  it('are few where several batches stay fresh', () => {
    const one = stockAhead(question);
    const few = stockAhead({ ...question, fewDays: true, mostBatches: 4 });
    assert.ok(one.roastDays.length >= 10, `${one.roastDays.length} days with a batch at a time`);
    // Four batches are 280 g, nine days and a third.
    assert.deepEqual(few.roasts[0], { day: 0, batches: 4, planned: undefined });
    assert.ok(few.roastDays.length <= 3, few.roastDays.join(', '));
    assert.ok(few.days.slice(2).every(({ shortGrams }) => shortGrams <= 1));
  });
  it('never hold more than is drunk fresh', () => {
    // Ten grams a day: 70 g last a week, so of twenty batches that there is time for only two stay within 21 days.
    const [first] = stockAhead({ ...question, gramsPerDay: 10, fewDays: true, mostBatches: 20 }).roasts;
    assert.deepEqual(first, { day: 0, batches: 2, planned: undefined });
  });
  it('are only those of the week that may be, with what carries over to the next', () => {
    // Today is a Thursday; roasting on Saturdays, days 2, 9, 16 and 23.
    const plan = stockAhead({ ...question, mostBatches: 6, mayRoast: (day) => day % 7 === 2 });
    assert.deepEqual(plan.roastDays, [2, 9, 16, 23]);
    // Nothing is there until the first has rested, on day 4; a week from then on is 210 g, three batches.
    assert.ok(plan.days.slice(0, 4).every(({ shortGrams }) => shortGrams === 30));
    assert.ok(plan.days.slice(4).every(({ shortGrams }) => shortGrams <= 1));
    assert.deepEqual(plan.roasts[0], { day: 2, batches: 3, planned: undefined });
  });
  it('count what is on the lists already', () => {
    // 300 g last ten days. 210 g roasted on day 5 are there from day 7 on: 17 days in all, so that the next is due on day 15.
    const planned = [{ day: 5, batches: 3, grams: 210 }];
    const jars = [{ grams: 300, readyDay: 0, lastDay: 40 }];
    const plan = stockAhead({ ...question, jars, planned });
    assert.deepEqual(
      plan.roasts.slice(0, 2).map((each) => [each.day, each.batches, each.planned?.batches]),
      [
        [5, 0, 3],
        [15, 1, undefined],
      ],
    );
    assert.equal(plan.days[6]?.restingGrams, 210);
    assert.equal(plan.runsOutDay, 10, 'if nobody roasts');
    // Few days: the planned one takes what is missing as far as it stays fresh and there is time, another begins only then.
    const few = { ...question, jars, fewDays: true, planned: [{ day: 5, batches: 1, grams: 70 }] };
    assert.deepEqual(
      [2, 4]
        .map((mostBatches) => stockAhead({ ...few, mostBatches }).roasts.slice(0, 2))
        .map((roasts) => roasts.map(({ day, batches }) => [day, batches])),
      [
        [
          [5, 1],
          [12, 2],
        ],
        [
          [5, 3],
          [17, 4],
        ],
      ],
    );
    // More on the one day that there may be roasting, as far as it has time.
    const one = { ...question, planned: [{ day: 0, batches: 2, grams: 140 }], mayRoast: (day: number) => day === 0 };
    assert.deepEqual(
      [3, 2].map((mostBatches) => stockAhead({ ...one, mostBatches }).roasts.map(({ batches }) => batches)),
      [[1], [0]],
    );
    // What lies beyond the four weeks is not among them.
    assert.deepEqual(
      stockAhead({
        ...question,
        jars: [{ grams: 2000, readyDay: 0, lastDay: 60 }],
        planned: [{ day: 40, batches: 1, grams: 70 }],
      }).roasts,
      [],
    );
  });
  it('follow guests and holidays', () => {
    const jars = [{ grams: 300, readyDay: 0, lastDay: 40 }];
    const usual = stockAhead({ ...question, jars });
    const guests = stockAhead({ ...question, jars, gramsOn: (day) => (day === 3 || day === 4 ? 130 : 30) });
    const away = stockAhead({ ...question, jars, gramsOn: (day) => (day < 14 ? 0 : 30) });
    assert.equal(usual.runsOutDay, 10);
    assert.equal(guests.runsOutDay, 4);
    assert.equal(away.runsOutDay, 24);
    assert.ok((guests.roastDays[0] ?? 99) < (usual.roastDays[0] ?? 0));
  });
  it('end, and refuse what is no number of batches', () => {
    assert.throws(() => stockAhead({ ...question, mostBatches: 0 }), /mostBatches must be 1 or more, got 0/);
    assert.deepEqual(stockAhead({ ...question, mayRoast: () => false }).roasts, []);
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 300 }),
        fc.integer({ min: 1, max: 8 }),
        fc.array(fc.integer({ min: 0, max: 6 }), { maxLength: 7 }),
        fc.boolean(),
        (gramsPerDay, mostBatches, weekdays, fewDays) => {
          const plan = stockAhead({
            ...question,
            gramsPerDay,
            mostBatches,
            fewDays,
            mayRoast: (day) => weekdays.length === 0 || weekdays.includes(day % 7),
          });
          for (const { day, batches } of plan.roasts) {
            assert.ok(batches >= 1 && batches <= mostBatches);
            assert.ok(weekdays.length === 0 || weekdays.includes(day % 7));
          }
        },
      ),
      { seed: 11, numRuns: 200 },
    );
  });
  it('have so many batches as fit into the time', () => {
    // Roasts of 6 minutes with 20 to cool: 6, 32, 58, 84 and 110 minutes.
    assert.deepEqual(
      [1, 31, 32, 90, 120].map((minutes) => batchesWithin(minutes, 360, 20)),
      [1, 1, 2, 4, 5],
    );
  });
});

describe('what is used', () => {
  const basis = {
    unit: 'g',
    of: 'roasted',
    lot: {},
    shade: 4,
    mugGrams: 14.4,
    dayGrams: 29,
    jarGrams: 68,
    nowMs: 0,
  } as const;
  const cases = [
    ['29 g', 29],
    ['29 g a day', 29],
    ['2 mugs a day', 28.8],
    ['two mugs', 28.8],
    ['250 g a week', 250 / 7],
    ['half a pound a week', 226.796 / 7],
    ['a pound per week', 453.592 / 7],
  ] as const;
  for (const [text, grams] of cases)
    it(`“${text}” is ${grams.toFixed(1)} g a day`, () => {
      const read = parseUse(text, basis);
      assert.ok(read.ok && Math.abs(read.value - grams) < 0.01, read.ok ? `${read.value}` : 'not understood');
    });
});
