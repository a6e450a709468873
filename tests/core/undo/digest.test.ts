import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { canonical } from '@/core/exchange';
import { digest } from '@/core/undo';

describe('digest', () => {
  it('is what it was: the list of what can be taken back outlives a newer Gander', () => {
    assert.deepEqual([digest({ a: [1, 'b', null, true] }), digest('roast')], [6075807513701468, 7164153976054045]);
  });
  it('is the same for the same content, whatever the order of its keys', () => {
    assert.equal(digest({ a: 1, b: [{ c: 'x', d: undefined }] }), digest({ b: [{ c: 'x' }], a: 1 }));
  });
  it('differs where the text of two values differs, and only there', () => {
    const values = fc.tuple(fc.jsonValue(), fc.jsonValue());
    fc.assert(
      fc.property(values, ([a, b]) => {
        const [one, other] = [JSON.parse(JSON.stringify(a)), JSON.parse(JSON.stringify(b))];
        assert.equal(digest(one) === digest(other), canonical(one) === canonical(other));
      }),
      { seed: 27, numRuns: 2000 },
    );
  });
  it('tells kinds and places apart', () => {
    const all = [
      1,
      '1',
      true,
      'true',
      null,
      'null',
      [],
      {},
      [[]],
      [1, 2],
      [2, 1],
      [12],
      ['1', '2'],
      ['12'],
      [[1], 2],
      [1, [2]],
    ];
    const more = [{ a: 'b' }, { ab: '' }, { a: { b: 1 } }, { a: {}, b: 1 }, { a: [], b: 1 }];
    assert.equal(new Set([...all, ...more].map(digest)).size, all.length + more.length);
  });
  it('is a whole number that a file can hold', () => {
    for (const value of ['', 'x'.repeat(10_000), 5.25, -1]) assert.ok(Number.isSafeInteger(digest(value)));
  });
});
