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
