import assert from 'node:assert/strict';
import { it } from 'node:test';
import { tableLossPercent } from '@/core/plan';
import { partsOf, shadesOf } from '@/core/record';
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
  assert.deepEqual([first?.looked, partsOf(roastOf([pull(300)]))[0]?.looked], [true, false]);
});

it('a part that was not weighed comes to its planned share of the green, the last one to what was left', () => {
  const planned = [3, 4, 5].map((shade, i) => ({ shade, share: [0.2, 0.3, 0.5][i] }));
  const shares = (pulls: ReturnType<typeof pull>[], plannedParts = planned) =>
    partsOf(roastOf(pulls, { greenGrams: 100, plannedParts: plannedParts as never })).map(
      ({ grams, shade }) => Math.round((grams / (1 - tableLossPercent(shade) / 100)) * 10) / 10,
    );
  const part = (at: number, all: boolean) => pull(at, { all });
  assert.deepEqual(shares([part(300, false), part(330, false), part(360, true)]), [20, 30, 50]);
  // The second was pulled with all that was left, and the first alone is no more than its share.
  assert.deepEqual(shares([part(300, false), part(330, true)]), [20, 80]);
  assert.deepEqual(shares([part(300, false)]), [20]);
  // One more than was planned.
  assert.deepEqual(shares([part(300, false), part(330, true)], planned.slice(0, 1)), [50, 50]);
});

it('the shades of a roast: one for each part, those alike beside each other once; as they are meant while it is on', () => {
  const plannedParts = [3, 5].map((shade) => ({ shade, share: 0.5 })) as never;
  const told = (...pulls: ReturnType<typeof pull>[]) => shadesOf(roastOf(pulls, { wantedShade: 4, plannedParts }));
  assert.deepEqual(told(), [
    { shade: 3, looked: false },
    { shade: 5, looked: false },
  ]);
  assert.deepEqual(told(pull(300, { all: false, shade: 4 }), pull(360, { all: true, shade: 7 })), [
    { shade: 4, looked: true },
    { shade: 7, looked: true },
  ]);
  assert.deepEqual(told(pull(300, { all: false, shade: 4 }), pull(330, { all: true, shade: 4 })), [
    { shade: 4, looked: true },
  ]);
});
