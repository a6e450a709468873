import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  circumstancesOf,
  expectationFor,
  type ForecastQuestion,
  forecastFrom,
  type PastRoast,
  pullForecast,
  toldBy,
} from '@/core/forecast';
import { type Gear, methodIds, methodOf } from '@/core/gear';
import type { Id } from '@/core/ids';
import { type ShadeNumber, shadeOf } from '@/core/shade';
import { entry, mark, pull, roastOf } from '../build.ts';

const ask = (facts: Partial<ForecastQuestion> = {}): ForecastQuestion => ({
  method: 'hotAirPopper',
  gearId: 'gear:a',
  lotId: 'lot:a',
  process: 'washed',
  greenGrams: 80,
  shade: 4,
  ...facts,
});
const past = (firstCrack: number, afterS: number, facts: Partial<PastRoast> = {}): PastRoast => ({
  ...ask(),
  reached: { yellow: firstCrack / 2, firstCrack, pull: firstCrack + afterS },
  ...facts,
});
const near = (value: number | undefined, expected: number, within: number) =>
  assert.ok(value !== undefined && Math.abs(value - expected) <= within, `${value}, expected ${expected}`);
const tabled = (shade: ShadeNumber, mediumS: number) => mediumS * shadeOf(shade).afterCrackShare;
/** Roasts of every shade from 3 to 5 that were pulled by the table, dark ones a third later. */
const byEye = Array.from({ length: 18 }, (_, i) => {
  const shade = (3 + (i % 3)) as ShadeNumber;
  return past(240, tabled(shade, 60) * (shade === 5 ? 4 / 3 : 1), { shade });
});
const pullAfter = (facts: Partial<ForecastQuestion>, all: readonly PastRoast[]) => {
  const found = forecastFrom(expectationFor(ask(facts), all), { firstCrack: 240 }, 240).at(-1);
  return { medianS: (found?.medianS ?? 0) - 240, widthS: (found?.lateS ?? 0) - (found?.earlyS ?? 0) };
};

describe('the pull is learned', () => {
  it('by shade on the gear, and a part of a staged pull hears of its own', () => {
    near(pullAfter({ shade: 5 }, byEye).medianS, tabled(5, 80), 5);
    near(pullAfter({ shade: 3 }, byEye).medianS, tabled(3, 60), 3);
    const part = pullForecast(expectationFor(ask({ shade: 3 }), byEye), { shade: 5 }, { firstCrack: 240 }, 240);
    near(part.medianS - 240, tabled(5, 80), 5);
  });
  it('by lot, and only for that lot', () => {
    const late = Array.from({ length: 8 }, () => past(240, 75, { lotId: 'lot:late' }));
    const all = [...late, ...Array.from({ length: 8 }, () => past(240, 60))];
    assert.ok(pullAfter({ lotId: 'lot:late' }, all).medianS > pullAfter({ lotId: 'lot:new' }, all).medianS + 3);
  });
  it('by how well a rule is kept: the moment stays the rule’s, the range is the hand’s', () => {
    const rule = { kind: 'afterFirstCrack', seconds: 60 } as const;
    const kept = (off: number) => Array.from({ length: 12 }, (_, i) => past(240, 60 + (i % 2 ? off : -off), { rule }));
    const [none, well, badly] = [[], kept(2), kept(20)].map((all) => pullAfter({ rule }, all));
    for (const each of [none, well, badly]) near(each?.medianS, 60, 1e-6);
    assert.ok((well?.widthS ?? 0) < 0.75 * (none?.widthS ?? 0) && (badly?.widthS ?? 0) > 1.4 * (none?.widthS ?? 0));
    near(none?.widthS, 22, 2);
  });
  it('second crack that nobody heard before a dark pull came late here: what went well is not called too dark', () => {
    const drum = { method: 'shaken', shade: 5 } as const;
    const rule = { kind: 'afterFirstCrack', seconds: 265 } as const;
    const expected = (all: readonly PastRoast[]) => expectationFor(ask({ ...drum, rule }), all);
    assert.equal(expected([]).pullBy, 'guard');
    const dark = [256, 275, 314].map((afterS) => past(560, afterS, drum));
    const { pullBy, usualTimes } = expected(dark);
    assert.equal(pullBy, 'rule');
    near(usualTimes.pull.medianS - usualTimes.firstCrack.medianS, 265, 1);
    // Dark beans were that far into it: the same pulls say that it came sooner.
    const darker = dark.map((roast) => ({ ...roast, shade: 7 as const }));
    assert.ok(expected(darker).usualTimes.secondCrack.medianS < usualTimes.secondCrack.medianS - 20);
  });

  it('not from a rule that counts from a crack nobody marked, nor from a staged pull', () => {
    const unheard = past(240, 160, { rule: { kind: 'intoSecondCrack', seconds: 5 } });
    const rule = { kind: 'afterFirstCrack', seconds: 60 } as const;
    near(pullAfter({ rule }, [unheard]).widthS, pullAfter({ rule }, []).widthS, 1e-9);
    const parts = [
      { shade: 3 as const, share: 0.5 },
      { shade: 5 as const, share: 0.5 },
    ];
    const staged = roastOf([mark(240, 'firstCrack'), pull(330)], { pullRule: rule, plannedParts: parts });
    assert.deepEqual([toldBy(staged).rule, toldBy({ ...staged, plannedParts: undefined }).rule], [undefined, rule]);
  });
});

describe('the next roast', () => {
  const steady = Array.from({ length: 16 }, (_, i) => past(i % 2 ? 296 : 304, 60));
  const first = (all: readonly PastRoast[], facts: Partial<ForecastQuestion> = {}) =>
    expectationFor(ask(facts), all).usualTimes.firstCrack.medianS;
  it('hears more of the newest roasts than of the others', () => {
    const lately = [past(325, 60), past(325, 60), ...steady];
    const longAgo = [...steady, past(325, 60), past(325, 60)];
    assert.ok(first(lately) > first(longAgo) + 4, `${first(lately)} and ${first(longAgo)}`);
    near(first(steady), 300, 3);
  });
  it('is not taught by another gear what weight does on this one', () => {
    const other = Array.from({ length: 20 }, (_, i) => {
      const greenGrams = 150 + (i % 5) * 40;
      return past(600 * (greenGrams / 230), 120, { method: 'pan', gearId: 'gear:pan', greenGrams });
    });
    const own = Array.from({ length: 4 }, () => past(300, 60));
    near(
      first([...other, ...own], { greenGrams: 60 }) / first([...other, ...own]),
      first(own, { greenGrams: 60 }) / first(own),
      0.01,
    );
  });
  it('on new gear is held against the batch that it usually takes, and has the range of its method', () => {
    const gear = (usualGrams?: number): Gear => ({
      id: 'gear:a' as Id<'gear'>,
      nickname: 'Big one',
      method: 'hotAirPopper',
      createdAt: '2026-11-01T10:00:00.000Z',
      ...(usualGrams === undefined ? {} : { usualGrams }),
    });
    const batch = { ...roastOf([entry(1, { kind: 'note', text: 'x' })]), greenGrams: 120 };
    const on = (usualGrams?: number) =>
      expectationFor(circumstancesOf(batch, undefined, gear(usualGrams)), []).usualTimes.firstCrack.medianS;
    near(on(120), methodOf('hotAirPopper').firstCrack.medianS, 1);
    assert.ok(on(80) < on() && on() < on(120), 'unsaid, half of it is taken for the size of the gear');
    for (const method of methodIds) {
      const { firstCrack, batchGrams } = methodOf(method);
      const { earlyS, lateS } = expectationFor(ask({ method, greenGrams: batchGrams.usual }), []).usualTimes.firstCrack;
      near(Math.log(lateS / earlyS) / Math.log(firstCrack.lateS / firstCrack.earlyS), 1, 0.12);
    }
  });
});

describe('a value that cannot be', () => {
  const steady = Array.from({ length: 5 }, () =>
    past(300, 60, { ambientC: 18, gramsPerMl: 0.7, sinceMin: 40, heat: 1 }),
  );
  const fields = ['greenGrams', 'usualGrams', 'ambientC', 'gramsPerMl', 'sinceMin', 'heat', 'pulledMs'] as const;
  const marks = ['yellow', 'firstCrack', 'firstCrackEnd', 'secondCrack', 'pull'] as const;
  const odd = [Number.NaN, Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY, 0, -1, undefined];
  const spoiled = odd.flatMap((value) => [
    ...fields.map((field) => ({ field, value, roast: { ...past(300, 60), [field]: value } as PastRoast })),
    ...marks.map((field) => ({
      field,
      value,
      roast: past(300, 60, { reached: { ...past(300, 60).reached, [field]: value } }),
    })),
    { field: 'wind', value, roast: past(300, 60, { wind: 'gale' as never, process: 'smoked' as never }) },
  ]);
  it('enters no forecast, in whichever field of an earlier roast or of the one asked about', () => {
    const rule = { kind: 'intoSecondCrack', seconds: 5 } as const;
    for (const { field, value, roast } of spoiled)
      for (const at of [
        expectationFor(ask({ rule, heat: 1.2, sinceMin: 8, ambientC: 5 }), [roast, ...steady]).usualTimes,
        expectationFor({ ...roast, rule }, steady).usualTimes,
      ])
        for (const { earlyS, medianS, lateS } of Object.values(at))
          assert.ok(
            earlyS > 0 && earlyS <= medianS && medianS <= lateS && lateS < 3600,
            `${field} ${value}: ${medianS}`,
          );
  });
});
