import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { complaintsOfNote } from '@/core/diagnose/complaints.ts';
import { clockAgrees, swappedBy, yellowSwappedBy } from '@/core/diagnose/markDoubts.ts';

describe('a note', () => {
  for (const [note, complaints, stars] of [
    ['bitter and thin', ['bitter']],
    ['not bitter', []],
    ['not too bitter', []],
    // What is denied is what follows.
    ['bitter, not sweet', ['bitter']],
    ['sour at first, never bitter', ['tart']],
    ['bitter', [], 4],
    ['bitter', ['bitter'], 3],
    ['', []],
  ] as const)
    it(`“${note}” of ${stars ?? 'no'} stars complains of ${complaints.join(' and ') || 'nothing'}`, () =>
      assert.deepEqual(
        [...complaintsOfNote(note, stars).keys()].filter((each) => ['bitter', 'tart'].includes(each)),
        complaints,
      ));
});

describe('a mark in doubt', () => {
  const off = (value: number) => ({ off: value }) as never;
  const spans = (middle: number, after: number, total: number) =>
    ({ spans: { middle: off(middle), pace: off(after), total: off(total) } }) as never;
  for (const [middle, after, total, by] of [
    [2, -3, 0, 2],
    [-2.5, 1, 1.4, 1],
    // Both one way: slow throughout. A whole that lies off: no swap.
    [2, 3, 0, 0],
    [2, -3, 1.5, 0],
  ] as const)
    it(`first crack: browning ${middle}, after it ${after}, the whole ${total}: ${by}`, () =>
      assert.equal(swappedBy(spans(middle, after, total)), by));
  it('first crack is in none where a stretch is not known', () =>
    assert.equal(swappedBy({ spans: { middle: off(2), total: off(0) } } as never), 0));
  it('yellow: drying and browning off in opposite ways, first crack as usual', () => {
    const yellow = (drying: number, browning: number, toFirstCrack: number) =>
      yellowSwappedBy({
        spans: { drying: off(drying), browning: off(browning), toFirstCrack: off(toFirstCrack) },
      } as never);
    assert.deepEqual([yellow(2, -1.5, 0.9), yellow(2, -1.5, 1), yellow(2, 1.5, 0)], [1.5, 0, 0]);
  });
  it('is in none by a clock that agrees', () => {
    assert.deepEqual(
      [
        [0.9, -0.9],
        [1, 0],
        [0, 1],
      ].map(([middle, after]) => clockAgrees(spans(middle as number, after as number, 0))),
      [true, false, false],
    );
  });
});
