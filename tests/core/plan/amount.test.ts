import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { issueSentence } from '@/core/issues';
import { type AmountBasis, parseAmount } from '@/core/plan';

/** Thursday 26 November 2026, in the household's own zone. */
const nowMs = new Date(2026, 10, 26, 21, 0).getTime();
const basis: AmountBasis = {
  unit: 'g',
  of: 'green',
  lot: { gramsPerMl: 0.7 },
  shade: 4,
  mugGrams: 15,
  dayGrams: 30,
  jarGrams: 68,
  nowMs,
  decimalMark: '.',
};
const jar = { ...basis, of: 'roasted' } as const;
const ounces = { ...basis, unit: 'oz' } as const;
const comma = { ...basis, decimalMark: ',' } as const;
const scooped = { ...basis, lot: { gramsPerMl: 0.7, scoopGrams: 11.8 } };

// Roasted to medium: 0.42 − 3/6 × 0.09 = 0.375 g/ml; a metric cup 250 ml, an American one 237 ml (handbook, section 14).
const cases: readonly (readonly [string, AmountBasis, number, 'green' | 'roasted', RegExp | undefined])[] = [
  ['80', basis, 80, 'green', undefined],
  ['80 g', basis, 80, 'green', undefined],
  ['80,5 g', basis, 80.5, 'green', undefined],
  ['1,500 g', basis, 1500, 'green', /^1\.5 kg green$/],
  ['1.500 g', comma, 1500, 'green', /^1\.5 kg green$/],
  ['1,500 g', comma, 1500, 'green', /^1\.5 kg green$/],
  ['1,5 kg', basis, 1500, 'green', undefined],
  ['1.5kg', basis, 1500, 'green', undefined],
  ['1.250 kg', basis, 1250, 'green', /^1\.25 kg green$/],
  ['1,250 kg', comma, 1250, 'green', /^1\.25 kg green$/],
  ['4', ounces, 113.398, 'green', undefined],
  ['4 oz', basis, 113.398, 'green', undefined],
  ['2 lb 3 oz', basis, 992.233, 'green', undefined],
  ['a pound', basis, 453.592, 'green', /^454 g green$/],
  ['half a pound', basis, 226.796, 'green', undefined],
  ['two pounds', basis, 907.185, 'green', undefined],
  ['a quarter pound', basis, 113.398, 'green', undefined],
  ['1 1/2 oz', basis, 42.524, 'green', undefined],
  ['250 g roasted', basis, 250, 'roasted', /^250 g roasted$/],
  ['about 90 g', basis, 90, 'green', undefined],
  ['8 scoops', scooped, 94.4, 'green', /^your scoops, 11\.8 g green each$/],
  ['4 scoops', basis, 84, 'green', /^scoops of two tablespoons, 21 g green each; weigh one/],
  ['8 tbsp', basis, 84, 'green', /^level tablespoons, 10\.5 g green each$/],
  ['10 tablespoons', jar, 56.25, 'roasted', /tablespoons, 5\.6 g roasted each$/],
  ['6 tsp', basis, 21, 'green', /^level teaspoons/],
  ['1 1/2 cups', basis, 262.5, 'green', /^measuring cups, 175 g green each; to drink, write mugs$/],
  ['1 cup', ounces, 165.9, 'green', undefined],
  ['20 cups', jar, 1875, 'roasted', /^measuring cups, 93\.8 g roasted each/],
  ['half a litre', basis, 350, 'green', /^by volume, 70 g green to 100 ml$/],
  ['200 ml', jar, 75, 'roasted', /^by volume, 38 g roasted to 100 ml$/],
  ['12 mugs', basis, 180, 'roasted', /^12 mugs of 15 g$/],
  ['a dozen mugs', basis, 180, 'roasted', undefined],
  ['2 cups of coffee', basis, 30, 'roasted', /^2 mugs of 15 g$/],
  ['3 mugs a day for a week', basis, 315, 'roasted', /^7 days, 7 × 3 mugs of 15 g$/],
  ['two mugs per day for 10 days', basis, 300, 'roasted', /^10 days, 10 × 2 mugs of 15 g$/],
  ['a pound a week for a month', basis, 1943.967, 'roasted', undefined],
  ['250 g a week for 3 weeks', basis, 750, 'roasted', /^21 days, 3 × 250 g$/],
  ['two jars of 250 g', basis, 500, 'roasted', /^2 jars of 250 g$/],
  ['3 jars', basis, 204, 'roasted', /^3 jars of 68 g$/],
  ['for a week', basis, 210, 'roasted', /^7 days of 30 g$/],
  ['enough until Sunday', basis, 90, 'roasted', /^3 days of 30 g$/],
  ['until Thursday', basis, 210, 'roasted', undefined],
  ['until the 15th', basis, 570, 'roasted', /^19 days of 30 g$/],
  ['until 1 Dec', basis, 150, 'roasted', undefined],
];

describe('amounts as people type them', () => {
  for (const [text, from, grams, of, understood] of cases)
    it(`“${text}” with ${from.unit} and “${from.decimalMark}”, ${from.of}`, () => {
      const read = parseAmount(text, from);
      assert.ok(read.ok, read.ok ? '' : read.issues.map(issueSentence).join(' '));
      assert.ok(Math.abs(read.value.grams - grams) < 0.01, `${read.value.grams} g`);
      assert.equal(read.value.of, of);
      if (understood) assert.match(read.value.understood ?? '', understood);
    });

  const wrong: readonly (readonly [string, RegExp])[] = [
    ['', /^Fill this in/],
    ['3 mugs a day', /“3 mugs a day”: for how long\? Write it like “3 mugs a day for a week”/],
    ['a handful', /no unit known here|not an amount/],
    ['2 jars of nothing', /not an amount/],
    ['until the cows come home', /until Friday/],
    ['0 mugs', /outside what can be/],
    ['99999 kg', /outside what can be/],
    ['5 stone', /Use g, kg, oz, lb, scoops, cups, tablespoons/],
  ];
  for (const [text, sentence] of wrong)
    it(`says what to do about “${text}”`, () => {
      const read = parseAmount(text, basis);
      assert.match(read.ok ? `read as ${read.value.grams} g` : read.issues.map(issueSentence).join(' '), sentence);
    });

  it('never throws, and what it gives is a weight in range', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (text) => {
        const read = parseAmount(text, basis);
        if (read.ok) assert.ok(read.value.grams >= 1 && read.value.grams <= 100_000);
      }),
      { seed: 3, numRuns: 2000 },
    );
  });
});
