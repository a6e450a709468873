import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { parsePrice } from '@/core/cost';
import { issueSentence, type Result } from '@/core/issues';
import {
  currencies,
  formatDegrees,
  formatMoney,
  formatTemperature,
  fromCelsius,
  minorPerUnit,
  moneyFieldText,
  parseMoney,
  parseTemperature,
  toCelsius,
} from '@/core/units';

const said = <T>(result: Result<T>) => (result.ok ? result.value : result.issues.map(issueSentence).join(' '));

describe('money', () => {
  it('is read with or without sign, dot or comma, and kept in minor units', () => {
    for (const text of ['12.50', '12,50', '£12.50', '12.5 GBP', ' 12.50 £ '])
      assert.equal(said(parseMoney(text, 'GBP')), 1250, text);
    assert.equal(said(parseMoney('1,234.5', 'GBP')), 123_450);
    assert.equal(said(parseMoney('1300', 'JPY')), 1300);
  });
  it('says what it cannot read', () => {
    assert.equal(said(parseMoney('', 'GBP')), 'Fill this in: an amount such as 12.50.');
    assert.equal(said(parseMoney('cheap', 'GBP')), '“cheap” is not an amount. Write it like 12.50.');
    assert.equal(said(parseMoney('-3', 'GBP')), '-£3.00 is outside what can be: between £0.00 and £100,000.00.');
    assert.equal(said(parseMoney('1,500', 'GBP')), 150_000);
  });
  it('is written the way of its currency, and read back from its own field', () => {
    assert.equal(formatMoney(1250, 'GBP'), '£12.50');
    assert.equal(minorPerUnit('JPY'), 1);
    for (const currency of currencies)
      assert.equal(said(parseMoney(moneyFieldText(1250, currency), currency)), 1250, currency);
  });
});

describe('temperatures', () => {
  const range = { least: -40, most: 60 };
  it('are read in the household’s unit or the one that is written', () => {
    assert.equal(said(parseTemperature('9', 'C', range)), 9);
    assert.equal(said(parseTemperature('−3 °C', 'F', range)), -3);
    assert.equal(said(parseTemperature('50F', 'C', range)), 10);
    assert.equal(said(parseTemperature('50', 'F', range)), 10);
  });
  it('say what is wrong in the unit that was written', () => {
    assert.equal(
      said(parseTemperature('400', 'F', range)),
      '204 °C is outside what can be: between -40 °C and 60 °C.'
        .replace('204 °C', '400 °F')
        .replace('-40 °C', '-40 °F')
        .replace('60 °C', '140 °F'),
    );
    assert.equal(said(parseTemperature('warm', 'C', range)), '“warm” is not an amount. Write it like 18 °C.');
    assert.equal(said(parseTemperature(' ', 'F', range)), 'Fill this in: a temperature such as 64 °F.');
  });
  it('convert both ways; differences have no zero to shift', () => {
    assert.equal(fromCelsius(100, 'F'), 212);
    assert.equal(toCelsius(212, 'F'), 100);
    assert.equal(formatTemperature(200, 'F'), '392 °F');
    assert.equal(formatDegrees(10, 'F'), '18 °F');
    assert.equal(formatDegrees(10, 'C'), '10 °C');
  });
});

describe('prices', () => {
  const cases: readonly (readonly [string, 'g' | 'oz', number])[] = [
    ['18', 'g', 1800],
    ['18', 'oz', 3968.3],
    ['12.50 for 250 g', 'g', 5000],
    ['12,50 / 250g', 'g', 5000],
    ['£9 a pound', 'g', 1984.2],
    ['9 per lb', 'oz', 1984.2],
    ['20 a kilo', 'oz', 2000],
    ['4 for 8', 'oz', 1763.7],
  ];
  for (const [text, unit, perKg] of cases)
    it(`“${text}” in ${unit} is ${perKg} pence a kilogram`, () => {
      const read = parsePrice(text, 'GBP', unit);
      assert.ok(read.ok && Math.abs(read.value - perKg) < 0.1, read.ok ? String(read.value) : 'not understood');
    });
  it('say what is wrong, and know the small coin', () => {
    assert.equal(parsePrice('cheap', 'GBP', 'g').ok, false);
    assert.equal(parsePrice('12 for nothing', 'GBP', 'g').ok, false);
    for (const [text, currency] of [
      ['30p', 'GBP'],
      ['0,30', 'EUR'],
      ['30 ct', 'EUR'],
      ['30¢', 'USD'],
    ] as const)
      assert.deepEqual(parseMoney(text, currency), { ok: true, value: 30 }, text);
  });
});
