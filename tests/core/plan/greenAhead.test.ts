import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { greenAhead } from '@/core/plan';

describe('whether the green lasts', () => {
  const roasts = [
    { day: 2, batches: 1 },
    { day: 6, batches: 2 },
    { day: 9, batches: 1 },
  ];
  it('says what is needed, what is missing, and for which roast first', () => {
    assert.deepEqual(greenAhead(roasts, 100, 250), { batches: 4, needGrams: 400, short: { grams: 150, day: 6 } });
    assert.deepEqual(greenAhead(roasts, 100, 0).short, { grams: 400, day: 2 });
  });
  it('is enough to the last gram, and for no roast at all', () => {
    assert.deepEqual(greenAhead(roasts, 100, 400), { batches: 4, needGrams: 400, short: undefined });
    assert.deepEqual(greenAhead([], 100, 0), { batches: 0, needGrams: 0, short: undefined });
  });
});
