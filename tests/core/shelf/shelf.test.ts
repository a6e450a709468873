import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { doseForWater, drinkMlFrom, planBrew, waterForGrams } from '@/core/brew';
import {
  bestFromDays,
  effectiveDays,
  fateOf,
  gasLeft,
  isFrozen,
  type JarEvent,
  sealedTooEarly,
  shelfState,
  staleness,
  thrownShare,
  windowMoments,
} from '@/core/shelf';

const MADE = '2026-11-01T10:00:00.000Z';
const day = (n: number) => Date.parse(MADE) + n * 86_400_000;
const iso = (n: number) => new Date(day(n)).toISOString();
const near = (value: number, expected: number, within = 1e-9) =>
  assert.ok(Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('rest and freshness, worked by hand', () => {
  it('medium by the usual school rests two days, is best from four to twenty-one, fades to forty-two', () => {
    const states = [1.9, 2, 3.9, 4, 21, 21.1, 42, 42.1].map((days) => shelfState(4, 'usual', days));
    assert.deepEqual(states, ['resting', 'ready', 'ready', 'best', 'best', 'fading', 'fading', 'past']);
    near(bestFromDays(4, 'usual'), 4);
    near(bestFromDays(4, 'patient'), 6);
    near(bestFromDays(6, 'early'), 3);
  });
  it('gas halves, faster for darker; staleness is half way when it has faded', () => {
    near(gasLeft(4, 2), 0.5);
    near(gasLeft(6, 3), 0.25);
    assert.ok(gasLeft(2, 3) > gasLeft(6, 3));
    near(staleness(4, 42), 0.5);
    near(staleness(4, 0), 0);
    assert.ok(staleness(6, 20) > staleness(4, 20));
  });
  it('a frozen day counts a tenth, and the dates move with it', () => {
    const events: JarEvent[] = [
      { kind: 'freeze', doneAt: iso(3) },
      { kind: 'thaw', doneAt: iso(33) },
    ];
    near(effectiveDays(MADE, events, day(23)), 3 + 20 * 0.1);
    near(effectiveDays(MADE, events, day(40)), 3 + 3 + 7);
    assert.ok(isFrozen(events, day(20)) && !isFrozen(events, day(34)));
    // 13 effective days on day 40: best until 21, so eight days more.
    near(windowMoments(MADE, 4, 'usual', events, day(40)).bestMs, day(48), 1);
    near(windowMoments(MADE, 4, 'usual', [], day(1)).readyMs, day(2));
    near(effectiveDays(MADE, [], day(-3)), 0);
  });
  it('a jar closed airtight on day one gets the caution, one closed later does not', () => {
    const closed = (n: number): JarEvent[] => [{ kind: 'keep', doneAt: iso(n), keeping: 'airtight' }];
    assert.ok(sealedTooEarly(MADE, closed(0.5), day(1)));
    assert.ok(!sealedTooEarly(MADE, closed(2.5), day(3)));
    assert.ok(!sealedTooEarly(MADE, [{ kind: 'keep', doneAt: iso(0), keeping: 'valve' }], day(1)));
    assert.ok(!sealedTooEarly(MADE, closed(0.5), day(10)), 'by then the gas has gone somewhere');
  });
});

describe('what became of a batch', () => {
  const part = (grams: number, events: readonly JarEvent[]) =>
    ({
      id: `jar${grams}`,
      madeAt: MADE,
      grams,
      shade: 4,
      school: 'usual',
      events,
    }) as const;
  it('is what was said of it last', () =>
    assert.equal(fateOf([{ kind: 'fate', doneAt: iso(1), fate: 'coldBrew' }]), 'coldBrew'));
  it('counts what was thrown away by its grams: all that was left of a part, or so much of it', () => {
    const thrown: JarEvent = { kind: 'fate', doneAt: iso(9), fate: 'thrown' };
    assert.equal(thrownShare([part(20, [thrown]), part(60, [])]), 0.25);
    // 40 of 60 g were drunk before the rest was thrown away.
    assert.equal(thrownShare([part(20, []), part(60, [{ kind: 'use', doneAt: iso(3), grams: 40 }, thrown])]), 0.25);
    assert.equal(thrownShare([part(80, [{ kind: 'throw', doneAt: iso(3), grams: 8 }])]), 0.1);
    assert.equal(thrownShare([part(80, [{ kind: 'fate', doneAt: iso(3), fate: 'coldBrew' }])]), 0);
    assert.equal(thrownShare([]), 0);
  });
});

describe('brewing (handbook, section 9)', () => {
  it('doses by the litre', () => {
    assert.deepEqual(doseForWater(480, 60), { waterMl: 480, grams: 28.8 });
    assert.equal(doseForWater(150, 60).grams, 9);
    near(waterForGrams(30, 60), 500);
    assert.throws(() => doseForWater(0, 60), { message: 'waterMl must be above 0 ml, got 0 ml' });
    assert.throws(() => waterForGrams(1, 0), { message: 'gramsPerLitre must be above 0 g, got 0 g' });
    assert.throws(() => doseForWater(1, -1), { message: 'gramsPerLitre must be above 0 g, got -1 g' });
  });
  it('plans a concentrate in half the water, and cold brew with a third more coffee and hours', () => {
    const strong = planBrew('concentrate', 480, 60);
    assert.deepEqual([strong.grams, strong.waterMl, strong.thinMl], [28.8, 240, 240]);
    // To judge a roast: four minutes just off the boil (handbook, section 9).
    const cup = planBrew('cup', 150, 60);
    assert.deepEqual([cup.grams, cup.waterC, cup.steepS], [9, { least: 92, most: 96 }, { least: 240, most: 240 }]);
    const cold = planBrew('coldBrew', 1000, 60);
    assert.deepEqual([cold.grams, cold.waterC, cold.steepS.least], [80, undefined, 43_200]);
    near(drinkMlFrom('coldBrew', 80, 60), 1000);
    near(drinkMlFrom('cup', 28.8, 60), 480);
    assert.throws(() => planBrew('cup', 0, 60), RangeError);
  });
});
