import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { takeBack } from '@/core/undo';

describe('taking a change back', () => {
  const roast = { id: 'r', stars: 3, note: 'hay' };
  it('restores the field it changed, and leaves what came later', () => {
    const after = { ...roast, stars: 5 };
    assert.deepEqual(takeBack(roast, after, { ...after, note: 'toast' }), {
      row: { id: 'r', stars: 3, note: 'toast' },
      kept: [],
    });
  });
  it('keeps a field that was changed again, and names it', () => {
    const now = { ...roast, stars: 1 };
    assert.deepEqual(takeBack(roast, { ...roast, stars: 5 }, now), { row: now, kept: ['stars'] });
  });
  it('takes out a field that was not there before', () => {
    const after = { ...roast, tags: 'good' };
    assert.deepEqual(takeBack(roast, after, { ...after, stars: 2 }).row, { ...roast, stars: 2 });
  });
  it('brings a deleted row again, and takes a new one away only while it is as it was made', () => {
    assert.deepEqual(takeBack(roast, undefined, undefined), { row: roast, kept: [] });
    assert.deepEqual(takeBack(undefined, roast, roast), { row: undefined, kept: [] });
    const now = { ...roast, stars: 1 };
    assert.deepEqual(takeBack(undefined, roast, now), { row: now, kept: ['id'] });
    assert.deepEqual(takeBack(roast, { ...roast, stars: 5 }, undefined), { row: undefined, kept: ['id'] });
  });
  it('puts a thing of a list back in its place, and leaves what was added since', () => {
    const [a, b, c, d] = ['a', 'b', 'c', 'd'].map((id) => ({ id }));
    const list = (...batches: unknown[]) => ({ id: 'day', batches });
    assert.deepEqual(takeBack(list(a, b, c), list(a, c), list(a, c, d)), { row: list(a, b, c, d), kept: [] });
    assert.deepEqual(takeBack(list(a), list(a, b), list(a, b, c)), { row: list(a, c), kept: [] });
    // What comes back stands behind what it followed, be that the last, or first where it followed nothing.
    assert.deepEqual(takeBack(list(a, b, c), list(a, b), list(b, a, d)).row, list(b, c, a, d));
    assert.deepEqual(takeBack(list(a, b), list(b), list(b, c)).row, list(a, b, c));
    // Somebody else had brought it back already: it is there once.
    assert.deepEqual(takeBack(list(a, b), list(b), list(a, b)).row, list(a, b));
    // What it followed is gone by now: it stands behind the one before that, and never in the middle of nowhere.
    assert.deepEqual(takeBack(list(a, b, c), list(a, b), list(d, a)).row, list(d, a, c));
  });

  const rows = fc.record({ id: fc.constant('r'), a: fc.nat(2), b: fc.nat(2), c: fc.nat(2) });
  it('never touches what the change did not, and undoes all of it where nothing came after', () => {
    fc.assert(
      fc.property(rows, rows, rows, (before, after, now) => {
        assert.deepEqual(takeBack(before, after, after).row, before);
        const { row, kept } = takeBack(before, after, now);
        for (const field of ['a', 'b', 'c'] as const) {
          if (before[field] === after[field]) assert.equal(row?.[field], now[field]);
          else if (kept.includes(field)) assert.equal(row?.[field], now[field]);
          else assert.equal(row?.[field], before[field]);
        }
      }),
    );
  });
});
