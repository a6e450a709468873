import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  gramsADay,
  gramsOnDay,
  type Household,
  householdFromLocale,
  mugGrams,
  mugsIn,
  plainHousehold,
  withUseKept,
} from '@/core/household';

describe('a new notebook where the browser is at home', () => {
  const cases: readonly (readonly [string, string])[] = [
    ['en-US', 'oz F USD 0 12'],
    ['en-GB', 'g C GBP 1 24'],
    ['de-DE', 'g C EUR 1 24'],
    ['de', 'g C EUR 1 24'],
    ['en-AU', 'g C AUD 1 12'],
    ['en-CA', 'g C CAD 0 12'],
    ['ja-JP', 'g C JPY 0 24'],
    ['ar-EG', 'g C EUR 6 12'],
    ['sv-SE', 'g C SEK 1 24'],
    ['no such language', 'g C EUR 1 24'],
  ];
  for (const [language, expected] of cases)
    it(`${language}: ${expected}`, () => {
      const { weightUnit, temperatureUnit, currency, weekStart, hourClock } = householdFromLocale(language);
      assert.equal([weightUnit, temperatureUnit, currency, weekStart, hourClock].join(' '), expected);
    });
});

describe('what a household uses', () => {
  it('is reckoned in mugs and grams, to the nearest mug', () => {
    // Handbook, section 9: 240 ml at 60 g a litre are 14.4 g; 68 g are 4.7 mugs, said as five.
    assert.ok(Math.abs(mugGrams(plainHousehold) - 14.4) < 1e-9);
    assert.equal(mugsIn(68, plainHousehold), 5);
    assert.equal(gramsADay({ people: 2, gramsPerPersonDay: 29 }), 58);
  });
});

describe('what a household uses on a day', () => {
  const two: Household = { ...plainHousehold, people: 2, gramsPerPersonDay: 20, useSince: '2026-10-01' };
  it('is what it used then: a change today leaves the past as it was', () => {
    const more = withUseKept(two, { ...two, people: 3 }, '2026-11-20');
    assert.deepEqual(
      ['2026-11-19', '2026-11-20'].map((day) => gramsOnDay(more, day)),
      [40, 60],
    );
    // Changed again on the same day, only the last counts; on a later one both do.
    const again = withUseKept(more, { ...more, people: 1 }, '2026-11-20');
    const later = withUseKept(again, { ...again, people: 4 }, '2026-11-25');
    assert.deepEqual(
      ['2026-11-19', '2026-11-24', '2026-11-25'].map((day) => gramsOnDay(later, day)),
      [40, 20, 80],
    );
  });
  it('is what was said first, for the time before anybody said anything', () => {
    const { useSince: _, ...fresh } = two;
    const said = withUseKept(fresh, { ...fresh, people: 3 }, '2026-11-20');
    assert.equal(gramsOnDay(said, '2026-11-01'), 60);
    assert.equal(withUseKept(two, { ...two, name: 'Us' }, '2026-11-20').useBefore, undefined);
  });
  it('is nothing while all are away, and more with guests, spread over their days', () => {
    const ahead = {
      weekdays: [],
      minutesADay: 120,
      guests: [{ from: '2026-11-21', to: '2026-11-22', grams: 100 }],
      away: [{ from: '2026-11-24', to: '2026-11-25' }],
    };
    assert.deepEqual(
      ['2026-11-20', '2026-11-21', '2026-11-22', '2026-11-24', '2026-11-26'].map((day) =>
        gramsOnDay({ ...two, ahead }, day),
      ),
      [40, 90, 90, 0, 40],
    );
  });
});
