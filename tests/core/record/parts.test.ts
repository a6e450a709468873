import assert from 'node:assert/strict';
import { it } from 'node:test';
import { partsOf } from '@/core/record';
import { pull, roastOf } from '../build.ts';

it('the parts of a roast: when, how dark, and what they weigh or come to by their own shade', () => {
  const staged = roastOf([pull(300, { all: false, shade: 3, grams: 30 }), pull(360, { all: true, shade: 5 })], {
    wantedShade: 4,
  });
  const [first, second] = partsOf(staged);
  assert.deepEqual([first?.grams, first?.weighed, first?.shade], [30, true, 3]);
  assert.deepEqual([second?.weighed, second?.shade], [false, 5]);
  // Half of 80 g less 16.2 % (handbook, section 5).
  assert.ok(Math.abs((second?.grams ?? 0) - 40 * 0.838) < 1e-9, `${second?.grams}`);
  assert.equal(second?.madeAt, '2026-11-24T10:06:00.000Z');
  assert.deepEqual(partsOf(roastOf([])), []);
  assert.equal(partsOf(roastOf([pull(300)], { wantedShade: 4 }))[0]?.shade, 4);
});
