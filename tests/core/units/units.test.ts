import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { issueSentence } from '@/core/issues';
import {
  formatClock,
  formatSpan,
  formatWeight,
  GRAMS_PER_OUNCE,
  localDay,
  parseClock,
  parseDay,
  parseNumber,
  parseWeight,
} from '@/core/units';

const valueIn = <T>(result: { ok: true; value: T } | { ok: false; issues: unknown[] }) =>
  result.ok ? result.value : undefined;
const sentenceOf = (result: ReturnType<typeof parseWeight> | ReturnType<typeof parseClock>) =>
  result.ok ? undefined : result.issues.map(issueSentence).join(' ');

describe('parseNumber', () => {
  const cases: [string, number | undefined][] = [
    ['80', 80],
    ['80.5', 80.5],
    ['80,5', 80.5],
    ['.5', 0.5],
    [',5', 0.5],
    ['1 1/2', 1.5],
    ['1½', 1.5],
    ['½', 0.5],
    ['3/4', 0.75],
    ['-3', -3],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ['1.234.567', 1234567],
    ['0.125', 0.125],
    ['1.2.3', undefined],
    ['12,34.5', undefined],
    ['1/0', undefined],
    ['eighty', undefined],
    ['', undefined],
  ];
  for (const [text, expected] of cases)
    it(`reads “${text}” as ${expected ?? 'no number'}`, () => assert.equal(valueIn(parseNumber(text)), expected));

  it('tells by the place where a lone mark before three digits stands', () => {
    const read = (text: string, mark: '.' | ',') => valueIn(parseNumber(text, '80', mark));
    assert.deepEqual(
      [read('1,500', '.'), read('1.500', '.'), read('1,500', ','), read('1.500', ',')],
      [1500, 1.5, 1.5, 1500],
    );
  });

  it('reads back every plain decimal, with either mark', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 99_999 }),
        fc.integer({ min: 0, max: 99 }),
        fc.constantFrom('.', ','),
        (whole, cents, dot) => {
          assert.equal(
            valueIn(parseNumber(`${whole}${dot}${String(cents).padStart(2, '0')}`)),
            Number(`${whole}.${String(cents).padStart(2, '0')}`),
          );
        },
      ),
      { seed: 1 },
    );
  });
});

describe('parseWeight', () => {
  it('takes the household’s unit where none is written', () => {
    assert.equal(valueIn(parseWeight('80', 'g')), 80);
    assert.equal(valueIn(parseWeight('2', 'oz')), 2 * GRAMS_PER_OUNCE);
  });
  it('takes units, mixtures and fractions', () => {
    assert.equal(valueIn(parseWeight('1 kg', 'g')), 1000);
    assert.equal(valueIn(parseWeight('1.5kg', 'oz')), 1500);
    assert.equal(valueIn(parseWeight('2 lb 3 oz', 'g'))?.toFixed(3), (35 * GRAMS_PER_OUNCE).toFixed(3));
    assert.equal(valueIn(parseWeight('1 1/2 oz', 'g')), 1.5 * GRAMS_PER_OUNCE);
    assert.equal(valueIn(parseWeight('3 oz + 20 g', 'g')), 3 * GRAMS_PER_OUNCE + 20);
  });
  it('takes measures that were calibrated', () => {
    assert.equal(valueIn(parseWeight('1 1/2 cups', 'g', { extraGramsPer: { cup: 170 } })), 255);
    assert.equal(valueIn(parseWeight('2 scoops and 5 g', 'g', { extraGramsPer: { scoop: 11.5 } })), 28);
  });
  it('says what is wrong beside the field', () => {
    const range = { leastGrams: 1, mostGrams: 5000 };
    assert.equal(sentenceOf(parseWeight('', 'g')), 'Fill this in: a weight such as 80 g.');
    assert.equal(sentenceOf(parseWeight('0', 'g', { range })), '0 g is outside what can be: between 1 g and 5 kg.');
    assert.equal(sentenceOf(parseWeight('-5', 'g', { range })), '-5 g is outside what can be: between 1 g and 5 kg.');
    assert.equal(sentenceOf(parseWeight('3 stone', 'g')), '“stone” is no unit known here. Use g, kg, oz, lb.');
    assert.equal(sentenceOf(parseWeight('a handful', 'g')), '“a handful” is not an amount. Write it like 80 g.');
    assert.equal(valueIn(parseWeight('1,500', 'g')), 1500);
    assert.equal(valueIn(parseWeight('1,500 kg', 'g', { decimalMark: ',' })), 1500);
  });
  it('reads back what it writes, within what is shown', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 4000, noNaN: true }),
        fc.constantFrom('g' as const, 'oz' as const),
        (grams, unit) => {
          const back = valueIn(parseWeight(formatWeight(grams, unit), unit));
          assert.ok(
            back !== undefined && Math.abs(back - grams) <= Math.max(grams < 999 ? 0.5 : 5, 0.051 * GRAMS_PER_OUNCE),
            `${grams} g as ${formatWeight(grams, unit)}`,
          );
        },
      ),
      { seed: 2 },
    );
  });
});

describe('clock', () => {
  it('writes as a clock shows: cut off, not rounded', () => {
    assert.deepEqual([0, 59.99, 60, 276, 3725, -30, -0.4].map(formatClock), [
      '0:00',
      '0:59',
      '1:00',
      '4:36',
      '1:02:05',
      '-0:30',
      '0:00',
    ]);
  });
  it('writes spans in words', () => {
    assert.deepEqual([45, 250, 4320].map(formatSpan), ['45 s', '4 min', '1 h 12 min']);
  });
  for (const [text, expected] of [
    ['7:42', 462],
    ['7.42', 462],
    ['7m42s', 462],
    ['7 42', 462],
    ['462', 462],
    ['462 s', 462],
    ['-0:30', -30],
    ['1:02:05', 3725],
    ['0:05', 5],
  ] as const)
    it(`reads “${text}”`, () => assert.equal(valueIn(parseClock(text)), expected));
  it('asks for a time where there is none', () =>
    assert.equal(sentenceOf(parseClock(' ')), 'Fill this in: minutes and seconds such as 7:42.'));
  for (const text of ['7:75', 'soon', '7:', ':42'])
    it(`refuses “${text}”`, () =>
      assert.equal(sentenceOf(parseClock(text)), `“${text}” is not a time. Write minutes and seconds like 7:42.`));
  it('reads back whole seconds', () => {
    fc.assert(
      fc.property(fc.integer({ min: -3599, max: 86_000 }), (seconds) =>
        assert.equal(valueIn(parseClock(formatClock(seconds))), seconds),
      ),
      { seed: 3 },
    );
  });
});

describe('the household’s own day', () => {
  const zones = [
    // Half past six in the evening of 30 November in Los Angeles is already December in Greenwich.
    ['America/Los_Angeles', '2026-12-01T02:30:00.000Z', '2026-11-30'],
    ['Pacific/Auckland', '2026-11-30T12:30:00.000Z', '2026-12-01'],
    ['Europe/London', '2026-11-30T23:59:59.999Z', '2026-11-30'],
    ['Asia/Kolkata', '2026-11-30T18:29:59.999Z', '2026-11-30'],
    ['Asia/Kolkata', '2026-11-30T18:30:00.000Z', '2026-12-01'],
  ] as const;
  for (const [zone, at, day] of zones)
    it(`${at} in ${zone} is ${day}`, () => {
      const before = process.env.TZ;
      process.env.TZ = zone;
      try {
        assert.equal(localDay(at), day);
      } finally {
        if (before === undefined) delete process.env.TZ;
        else process.env.TZ = before;
      }
    });
});

describe('parseDay', () => {
  const cases = [
    ['21.11.25', '2025-11-21', undefined],
    ['21/11/2024 7:05', '2024-11-21', '07:05'],
    ['21 Nov', '2026-11-21', undefined],
    ['Nov 28', '2025-11-28', undefined],
    ['2026-11-21 12:30 am', '2026-11-21', '00:30'],
    ['2026-11-21 12:30 pm', '2026-11-21', '12:30'],
    ['2026-11-21 9:30 pm', '2026-11-21', '21:30'],
    ['2026-11-21 23:59', '2026-11-21', '23:59'],
    ['2026-11-21 24:10', '2026-11-21', undefined],
    ['2026-11-21 11:60', '2026-11-21', undefined],
    ['29 Feb', '2024-02-29', undefined],
  ] as const;
  for (const [text, day, time] of cases)
    it(`reads “${text}”`, () => {
      const found = valueIn(parseDay(text, '2026-11-27'));
      assert.deepEqual([found?.day, found?.time], [day, time]);
    });
  it('refuses what is no day', () => {
    for (const text of ['30 Feb', '31.11.25', '2026-13-01', '0 May', 'soon', '1.1.1969'])
      assert.equal(valueIn(parseDay(text, '2026-11-27')), undefined, text);
  });
});
