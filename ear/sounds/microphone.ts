import type { Random } from '../../src/core/chance/index.ts';
import { between, chance, decibels, filterInPlace, pick, RATE, ratioBetween, rootMeanSquare, whole } from './draw.ts';

/** What a microphone and the device behind it make of a sound. */
export const microphones = ['flat', 'phone', 'dull', 'low', 'clipping', 'gain', 'call', 'dropouts'] as const;
export type Microphone = (typeof microphones)[number];

export interface Recorded {
  readonly samples: Float32Array;
  readonly sampleRate: number;
}

/** Records in place, peak about full scale or less; `low` comes out at 16 kHz. */
export function recorded(sound: Float32Array, microphone: Microphone, random: Random): Recorded {
  let most = 1e-9;
  for (const value of sound) most = Math.max(most, Math.abs(value));
  const gain =
    (microphone === 'clipping' ? decibels(between(random, 3, 14)) : decibels(between(random, -22, -1))) / most;
  const hum = decibels(between(random, -88, -66));
  for (let i = 0; i < sound.length; i++) sound[i] = (sound[i] as number) * gain + (random() - 0.5) * hum;
  colour(sound, microphone, random);
  if (microphone === 'clipping')
    for (let i = 0; i < sound.length; i++) sound[i] = Math.max(-0.99, Math.min(0.99, sound[i] as number));
  if (microphone === 'gain') ride(sound, random);
  if (microphone === 'call') gate(sound, random);
  if (microphone === 'dropouts')
    for (let at = between(random, 0.5, 6); at < sound.length / RATE; at += between(random, 2, 14))
      sound.fill(0, whole(at), whole(at + ratioBetween(random, 0.005, 0.06)));
  if (microphone !== 'low') return { samples: sound, sampleRate: RATE };
  filterInPlace(sound, 'low', 7000, 0.54);
  filterInPlace(sound, 'low', 7000, 1.3);
  return {
    samples: Float32Array.from({ length: Math.floor(sound.length / 3) }, (_, i) => sound[3 * i] as number),
    sampleRate: RATE / 3,
  };
}

function colour(sound: Float32Array, microphone: Microphone, random: Random): void {
  if (microphone === 'flat') return;
  filterInPlace(sound, 'high', ratioBetween(random, 60, 350));
  if (microphone === 'dull') filterInPlace(sound, 'low', ratioBetween(random, 4500, 9000));
  else if (chance(random, 0.6)) filterInPlace(sound, 'low', ratioBetween(random, 9000, 17_000));
  if (chance(random, 0.5)) {
    // A peak of presence or a hole, as small cases have.
    const peak = filterInPlace(
      new Float32Array(sound),
      'band',
      ratioBetween(random, 1500, 9000),
      between(random, 0.7, 2.5),
    );
    const by = pick(random, [-0.6, 0.8, 1.8]);
    for (let i = 0; i < sound.length; i++) sound[i] = (sound[i] as number) + by * (peak[i] as number);
  }
}

/** Gain that follows the loudness, as phones set it. */
function ride(sound: Float32Array, random: Random): void {
  const [aim, up, down] = [
    decibels(between(random, -28, -14)),
    ratioBetween(random, 0.4, 4),
    ratioBetween(random, 0.02, 0.3),
  ];
  let gain = 1;
  const block = 480;
  for (let from = 0; from < sound.length; from += block) {
    const wanted = Math.min(12, aim / (rootMeanSquare(sound, from, Math.min(sound.length, from + block)) + 1e-5));
    gain += (wanted - gain) * (block / RATE / (wanted > gain ? up : down));
    for (let i = from; i < Math.min(sound.length, from + block); i++)
      sound[i] = Math.max(-1, Math.min(1, (sound[i] as number) * gain));
  }
}

/** What calls do against noise: what is steady is turned down, so that all else stands out, chopped. */
function gate(sound: Float32Array, random: Random): void {
  const depth = decibels(between(random, -18, -6));
  const over = between(random, 1.3, 2.2);
  let [floor, open] = [1e-3, 0];
  const block = 240;
  for (let from = 0; from < sound.length; from += block) {
    const end = Math.min(sound.length, from + block);
    const level = rootMeanSquare(sound, from, end);
    floor += (level - floor) * (level < floor ? 0.2 : 0.004);
    const aim = level > floor * over ? 1 : 0;
    for (let i = from; i < end; i++) {
      open += (aim - open) * (aim > open ? 0.01 : 0.0008);
      sound[i] = (sound[i] as number) * (depth + (1 - depth) * open);
    }
  }
}
