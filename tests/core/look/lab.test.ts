import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { byteOf, labOf } from '@/core/look';
import { quickLightness } from '@/core/look/lab.ts';
import { lightOf } from '@/core/look/light.ts';
import { lightnessOf, luminanceOf } from '@/core/shade';

const near = (got: number, wanted: number, by: number, what: string) =>
  assert.ok(Math.abs(got - wanted) <= by, `${what}: ${got}, wanted ${wanted}`);

describe('colours', () => {
  it('have the L*a*b* that the standard gives them', () => {
    const known: [name: string, rgb: [number, number, number], lab: [number, number, number]][] = [
      ['white', [1, 1, 1], [100, 0, 0]],
      ['black', [0, 0, 0], [0, 0, 0]],
      ['red', [1, 0, 0], [53.24, 80.09, 67.2]],
      ['green', [0, 1, 0], [87.73, -86.18, 83.18]],
      ['blue', [0, 0, 1], [32.3, 79.19, -107.86]],
    ];
    for (const [name, rgb, [l, a, b]] of known) {
      const lab = labOf(...rgb);
      near(lab.l, l, 0.1, name);
      near(lab.a, a, 0.3, name);
      near(lab.b, b, 0.3, name);
    }
  });

  it('go from lightness to light and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (lightness) => {
        near(lightnessOf(luminanceOf(lightness)), lightness, 0.15, 'there and back');
        // The table for whole pictures says the same.
        near(quickLightness(luminanceOf(lightness)), lightnessOf(luminanceOf(lightness)), 0.001, 'by the table');
      }),
    );
    // A grey of 119 of 255 is the middle, L* 50.
    assert.equal(byteOf(luminanceOf(50)), 119);
  });
});

describe('a picture made smaller', () => {
  it('has the mean of the light it covers, not of the bytes', () => {
    // Black and white in turns: half the light, which is byte 188.
    const rgba = Uint8Array.from({ length: 4 * 64 * 64 }, (_, i) => (i % 4 === 3 ? 255 : (i >> 2) % 2 === 0 ? 0 : 255));
    const small = lightOf({ width: 64, height: 64, rgba }, 32 * 32);
    assert.deepEqual([small.width, small.height], [32, 32]);
    for (const value of small.g) near(value, 0.5, 1e-6, 'light');
    assert.equal(byteOf(0.5), 188);
  });

  it('stays as it is where it is small already', () => {
    const rgba = new Uint8Array(4 * 12).fill(255);
    const light = lightOf({ width: 4, height: 3, rgba }, 1000);
    assert.deepEqual([light.width, light.height, light.r[11]], [4, 3, 1]);
  });
});
