// Whistles over gear, in pairs and alone, at every rate; and what is none.
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Random, seededRandom } from '@/core/chance';
import { Whistles } from '@/core/listen';
import { addAt, addTone, decibels, RATE, toLoudness, whole } from '../../../ear/sounds/draw.ts';
import { type GearNoise, gearNoises } from '../../../ear/sounds/gear.ts';
import { type KitchenNoise, kitchenNoises } from '../../../ear/sounds/kitchen.ts';
import { whistle } from '../../../ear/sounds/whistle.ts';

const AT_S = 2.5;

/** A gear at work with whistles so many dB over its own loudness, at moments. */
function over(gear: GearNoise, seed: number, gaps: readonly number[], db = 6): Float32Array {
  const random = seededRandom(seed);
  random();
  const sound = toLoudness(gearNoises[gear](random, whole(6)), 0.1);
  const one = whistle(random);
  let at = AT_S;
  for (const gap of gaps) {
    addAt(sound, one, at, 0.1 * decibels(db));
    at += one.length / RATE + gap;
  }
  return sound;
}

const heard = (sound: ArrayLike<number>, sampleRate = RATE) => new Whistles(sampleRate).push(sound);

describe('a whistle', () => {
  it('is heard over a popper, dated to when it began; two in a row are two', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const [one, ...more] = heard(over('blower', seed, [0]));
      assert.ok(one && more.length === 0 && one.times === 1, `seed ${seed}`);
      assert.ok(Math.abs(one.at - AT_S) < 0.1, `${one.at}`);
      const pair = heard(over('blower', seed, [0.3, 0]));
      assert.deepEqual(
        pair.map(({ times }) => times),
        [2],
        `seed ${seed}`,
      );
    }
  });

  it('is heard the same at a third of the rate and however the samples come', () => {
    const sound = over('flame', 3, [0], 12);
    const third = Float32Array.from({ length: Math.floor(sound.length / 3) }, (_, i) => sound[3 * i] as number);
    assert.equal(heard(third, RATE / 3)[0]?.times, 1);
    const whistles = new Whistles(RATE);
    const pieces = [];
    for (let from = 0; from < sound.length; from += 997)
      pieces.push(...whistles.push(sound.subarray(from, from + 997)));
    assert.deepEqual(pieces, heard(sound));
  });

  const tones = (spans: readonly (readonly [number, number])[], hertz = 1500) => {
    const sound = toLoudness(gearNoises.flame(seededRandom(2), whole(8)), 0.02);
    for (const [from, to] of spans) {
      const tone = new Float32Array(whole(to - from));
      addTone(tone, hertz, 0.2);
      addAt(sound, tone, from, 1);
    }
    return sound;
  };
  for (const [what, sound] of [
    ['a kettle that goes on', () => tones([[2, 7]])],
    ['a timer that beeps on', () => tones([0, 1, 2, 3].map((i) => [2 + i * 0.6, 2.3 + i * 0.6] as const))],
    ['a blip', () => tones([[2, 2.12]])],
    ['Gander’s own cue', () => tones([[2, 2.18]], 880)],
    ['silence', () => new Float32Array(RATE * 4)],
    ['samples that are none', () => new Float32Array(RATE * 4).fill(Number.NaN)],
    ['full scale', () => Float32Array.from({ length: RATE * 4 }, (_, i) => (i % 2 ? 1 : -1))],
  ] as const)
    it(`is none: ${what}`, () => assert.deepEqual(heard(sound()), []));

  for (const noise of ['speech', 'music', 'glass', 'water', 'clatter'] as const satisfies readonly KitchenNoise[])
    it(`is none in half a minute of ${noise}`, () => {
      const random: Random = seededRandom(17);
      random();
      const sound = toLoudness(gearNoises.flame(random, whole(30)), 0.02);
      kitchenNoises[noise](sound, random, 1, 29);
      assert.deepEqual(heard(sound), []);
    });
});
