import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { gramsADay, householdFromLocale, mugGrams, mugsIn, plainHousehold } from '@/core/household';

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
