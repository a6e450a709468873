import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { isFresh, nextWords, rateOfRise, readingAt } from '@/core/heat';
import { mark, pull } from '../build.ts';
import { scene, texts } from './situation.ts';

const streamed = (perMin: number, toS: number) =>
  Array.from({ length: toS + 1 }, (_, at) => ({ at, celsius: 100 + (perMin * at) / 60, streamed: true }));

describe('the rate of rise', () => {
  it('is the slope of the last half minute, up or down', () => {
    for (const perMin of [12, 3, 0, -6]) {
      const rate = rateOfRise(streamed(perMin, 90), 90);
      assert.ok(Math.abs((rate ?? Number.NaN) - perMin) < 1e-6, `${rate}, ${perMin}`);
    }
  });
  it('is nothing from one reading, nor from readings that are over', () => {
    assert.equal(rateOfRise([{ at: 10, celsius: 100, streamed: true }], 10), undefined);
    assert.equal(rateOfRise(streamed(10, 60), 80), undefined);
    assert.deepEqual(
      [72, 73].map((s) => isFresh({ at: 60, celsius: 1, streamed: true }, s)),
      [true, false],
    );
  });
  it('a reading between two others lies between them', () => {
    const found = readingAt(streamed(12, 60), 30.5);
    assert.ok(Math.abs((found ?? 0) - 106.1) < 0.01, `${found}`);
  });
});

describe('second crack near where none is wanted', () => {
  const entries = [mark(120, 'yellow'), mark(240, 'firstCrack')];
  const near = (nowS: number, wantedShade: 4 | 6) =>
    texts({ nowS, entries, roast: { wantedShade } }).some((text) => /Second crack is near/.test(text));
  it('is told towards its time to a medium roast, not long before, nor to a dark one, nor once it is out', () => {
    const told = Array.from({ length: 40 }, (_, i) => 245 + i * 5).filter((s) => near(s, 4));
    const [from] = told;
    assert.ok(from !== undefined && from > 270, `${from}`);
    assert.equal(near(250, 4), false);
    assert.equal(near(from, 6), false);
    const out = texts({ nowS: from, entries: [...entries, pull(from - 2)], roast: { wantedShade: 4 } });
    assert.ok(!out.some((text) => /Second crack is near/.test(text)));
  });
});

it('in second crack the field and what is told agree: a medium-dark is due at five seconds of it', () => {
  const entries = [mark(120, 'yellow'), mark(240, 'firstCrack'), mark(330, 'secondCrack')];
  const at = (nowS: number) => scene({ nowS, entries, roast: { wantedShade: 5 } });
  assert.equal(at(332).pulls[0]?.dueS, 335);
  assert.ok(texts({ nowS: 336, entries, roast: { wantedShade: 5 } }).includes('Pull now: 0:06 into second crack.'));
  const { inS, detail } = nextWords(at(336), undefined);
  assert.ok(inS === undefined || inS <= 0, `${inS}`);
  assert.doesNotMatch(detail, /before second crack/);
});
