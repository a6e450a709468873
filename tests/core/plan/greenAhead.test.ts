import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Lot } from '@/core/bean';
import { greenAhead } from '@/core/plan';

const of = (leftGrams: number, name = 'a') => ({ lotId: `lot:${name}` as Lot['id'], leftGrams });

describe('whether the green lasts', () => {
  const roasts = [
    { day: 2, batches: 1 },
    { day: 6, batches: 2 },
    { day: 9, batches: 1 },
  ];
  it('says what is needed, what is missing, and for which roast first', () => {
    assert.deepEqual(greenAhead(roasts, 100, [of(250)]), { batches: 4, needGrams: 400, short: { grams: 150, day: 6 } });
    assert.deepEqual(greenAhead(roasts, 100, [of(0)]).short, { grams: 400, day: 2 });
  });
  it('is enough to the last gram, and for no roast at all', () => {
    assert.deepEqual(greenAhead(roasts, 100, [of(400)]), { batches: 4, needGrams: 400, short: undefined });
    assert.deepEqual(greenAhead([], 100, []), { batches: 0, needGrams: 0, short: undefined });
  });
  it('takes what is on the lists first, of its own beans', () => {
    const listed = [{ lotId: of(0).lotId, greenGrams: 120 }];
    const withList = [{ day: 1, batches: 0, listed }, ...roasts];
    // 320 g less 120 make two batches; the other two are missing.
    assert.deepEqual(greenAhead(withList, 100, [of(320)]), {
      batches: 5,
      needGrams: 520,
      short: { grams: 200, day: 6 },
    });
    // A list may ask for more than there is.
    const only = [{ day: 1, batches: 0, listed: [...listed, ...listed] }];
    assert.deepEqual(greenAhead(only, 100, [of(200), of(500, 'b')]).short, { grams: 40, day: 1 });
    assert.equal(greenAhead(only, 100, [of(240)]).short, undefined);
  });
  it('does not make a batch of two remainders, and takes a smaller batch as it is', () => {
    const two = greenAhead(roasts, 100, [of(260), of(140, 'b')]);
    assert.deepEqual(two, { batches: 4, needGrams: 400, short: { grams: 40, day: 9 } });
    assert.deepEqual(greenAhead(roasts, 100, [of(290), of(190, 'b')]), {
      batches: 4,
      needGrams: 390,
      short: undefined,
    });
  });
});
