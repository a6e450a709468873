// Known sounds, any size of blocks, and whatever a microphone can send that is no sound.
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { seededRandom } from '@/core/chance';
import { judged, Listener, Onsets, RenderedBeans, readEar, storedEar } from '@/core/listen';
import stored from '@/workers/ear/ear.json' with { type: 'json' };

const ear = readEar(stored);
const RATES = [48_000, 44_100, 16_000] as const;

/** Quiet noise with clicks of decaying noise at moments, seconds. */
function clicks(sampleRate: number, seconds: number, moments: readonly number[], seed = 1): Float32Array {
  const random = seededRandom(seed);
  const out = Float32Array.from({ length: Math.round(seconds * sampleRate) }, () => (random() - 0.5) * 0.004);
  for (const moment of moments) {
    const from = Math.round(moment * sampleRate);
    for (let i = 0; i < 0.008 * sampleRate && from + i < out.length; i++)
      out[from + i] = (out[from + i] as number) + (random() - 0.5) * 0.8 * Math.exp(-i / (0.0018 * sampleRate));
  }
  return out;
}

describe('onsets', () => {
  for (const sampleRate of RATES)
    it(`are found where something sudden sounds, to 3 ms, at ${sampleRate} Hz`, () => {
      const moments = [3.1, 3.5, 4.02, 4.9, 5.3];
      const onsets = new Onsets(sampleRate);
      const found = [...clicks(sampleRate, 6, moments)].flatMap((sample) => onsets.push(sample)?.at ?? []);
      for (const moment of moments)
        assert.ok(
          found.some((at) => Math.abs(at - moment) < 0.003),
          `${moment} of ${found.join(' ')}`,
        );
      assert.ok(found.filter((at) => at > 3).length < moments.length + 12, `too many: ${found.length}`);
    });

  it('never lie closer together than a crack takes', () => {
    const onsets = new Onsets(48_000);
    const moments = Array.from({ length: 200 }, (_, i) => 1 + i * 0.011);
    const found = [...clicks(48_000, 4, moments)].flatMap((sample) => onsets.push(sample)?.at ?? []);
    for (const [i, at] of found.entries()) assert.ok(i === 0 || at - (found[i - 1] as number) >= 0.0106);
  });
});

describe('a listener', () => {
  it('hears the same however the samples come', () => {
    const sound = clicks(48_000, 5, [1.2, 2.1, 2.9, 3.3, 4.4]);
    const whole = new Listener({ sampleRate: 48_000, ear });
    const heard = whole.push(sound);
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 9000 }), { minLength: 1, maxLength: 6 }), (sizes) => {
        const pieces = new Listener({ sampleRate: 48_000, ear });
        const all = [];
        for (let from = 0, n = 0; from < sound.length; n++) {
          const size = sizes[n % sizes.length] as number;
          all.push(...pieces.push(sound.subarray(from, from + size)));
          from += size;
        }
        assert.deepEqual(all, heard);
        assert.deepEqual(pieces.state(), whole.state());
      }),
      { numRuns: 5 },
    );
  });

  it('says what hinders it, and marks nothing meanwhile', () => {
    for (const [sample, trouble] of [
      [() => 0, 'silent'],
      [() => Number.NaN, 'spoilt'],
      [() => Number.POSITIVE_INFINITY, 'spoilt'],
      [(i: number) => Math.sin(i / 7) * 40, 'clipping'],
    ] as const) {
      const listener = new Listener({ sampleRate: 16_000, ear });
      const heard = listener.push(Float32Array.from({ length: 16_000 * 6 }, (_, i) => sample(i)));
      const state = listener.state();
      assert.equal(state.trouble, trouble);
      assert.deepEqual(state.course, { firstCrack: null, firstCrackEnd: null, secondCrack: null });
      assert.ok(heard.length < 3, `${trouble}: ${heard.length}`);
    }
  });

  it('says that a low sample rate does not carry second crack, and takes no rate that is none', () => {
    assert.equal(new Listener({ sampleRate: 16_000, ear }).state().hearsSecond, false);
    assert.equal(new Listener({ sampleRate: 44_100, ear }).state().hearsSecond, true);
    for (const sampleRate of [0, -1, Number.NaN, 1e9])
      assert.throws(() => new Listener({ sampleRate, ear }), RangeError);
  });
});

it('an ear is stored and read without a difference', () => {
  assert.deepEqual(storedEar(readEar(stored)), stored);
  assert.equal(
    judged(new Float32Array(ear.means.length), ear)
      .reduce((sum, share) => sum + share, 0)
      .toFixed(6),
    '1.000000',
  );
});

it('simulated beans are heard by the same way as real ones: first crack, its end and second', () => {
  const beans = new RenderedBeans(48_000, 7);
  const random = seededRandom(3);
  const listener = new Listener({ sampleRate: 48_000, ear });
  for (let s = 0; s < 125; s++) {
    const [kind, count] =
      s >= 30 && s < 62 ? (['first', 2] as const) : s >= 95 ? (['second', 5] as const) : (['first', 0] as const);
    listener.push(beans.second(Array.from({ length: count }, () => ({ at: random() * 0.98, kind }))));
  }
  const { firstCrack, firstCrackEnd, secondCrack } = listener.state().course;
  for (const [heard, truth] of [
    [firstCrack, 31],
    [firstCrackEnd, 62],
    [secondCrack, 95],
  ] as const)
    assert.ok(heard !== null && Math.abs(heard - truth) < 10, `${heard}, not ${truth}`);
});
