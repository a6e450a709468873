import assert from 'node:assert/strict';
import { it } from 'node:test';
import { middleOf, normal, normalCdf, normalQuantile, seededRandom } from '@/core/chance';

it('the normal curve agrees with published tables', () => {
  // Source: Abramowitz & Stegun, tables 26.1 and 26.6.
  for (const [z, share] of [
    [0, 0.5],
    [1, 0.841344746],
    [-1.96, 0.024997895],
    [2.5, 0.99379033],
  ] as const) {
    assert.ok(Math.abs(normalCdf(z) - share) < 2e-7, `${z}`);
    assert.ok(Math.abs(normalQuantile(share) - z) < 1e-6, `${share}`);
  }
  assert.equal(normalQuantile(0), Number.NEGATIVE_INFINITY);
  assert.equal(normalQuantile(1), Number.POSITIVE_INFINITY);
  assert.ok(Math.abs(normalQuantile(0.001) + 3.090232) < 1e-5);
});
it('draws are seeded, and normal ones have mean 0 and deviation 1', () => {
  assert.equal(seededRandom(7)(), seededRandom(7)());
  const random = seededRandom(8);
  const draws = Array.from({ length: 20_000 }, () => normal(random));
  const mean = draws.reduce((sum, each) => sum + each, 0) / draws.length;
  const variance = draws.reduce((sum, each) => sum + each * each, 0) / draws.length;
  assert.ok(Math.abs(mean) < 0.03 && Math.abs(variance - 1) < 0.04);
});

it('the middle is one of an odd number, and half way between two of an even one, in any order', () => {
  assert.deepEqual(
    [[], [4], [9, 1, 5], [9, 1, 5, 3]].map((each) => middleOf(each)),
    [undefined, 4, 5, 4],
  );
});
