import FFT from 'fft.js';
import type { Random } from '../../src/core/chance/index.ts';
import { between, chance, decibels, filterInPlace, noise, RATE, ratioBetween, whole } from './draw.ts';

/** What a room answers to a click: the click itself, a few walls, then a tail that dies away. */
export function drawRoom(random: Random): Float32Array {
  const dropS = ratioBetween(random, 0.1, 0.7);
  const tail = filterInPlace(noise(random, whole(dropS * 0.7)), 'low', ratioBetween(random, 2500, 12_000));
  const gain = decibels(between(random, -34, -14));
  for (let i = 0; i < tail.length; i++)
    tail[i] = (tail[i] as number) * gain * Math.exp((-6.9 * i) / (dropS * RATE)) * Math.min(1, i / 400);
  tail[0] = 1;
  const walls = Math.floor(between(random, 0, 7));
  for (let w = 0; w < walls; w++) {
    const at = whole(ratioBetween(random, 0.0015, 0.03));
    if (at < tail.length)
      tail[at] = (tail[at] as number) + decibels(between(random, -24, -6)) * (chance(random, 0.5) ? 1 : -1);
  }
  return tail;
}

/** A sound in a room. Overlap and add, with a Fourier transform. */
export function inRoom(sound: Float32Array, room: Float32Array): Float32Array {
  const size = 2 ** Math.ceil(Math.log2(room.length * 4));
  const block = size - room.length;
  const fft = new FFT(size);
  const answer = new Float64Array(2 * size);
  fft.realTransform(answer, padded(room, size));
  fft.completeSpectrum(answer);
  const [spectrum, back] = [new Float64Array(2 * size), new Float64Array(2 * size)];
  const out = new Float32Array(sound.length);
  for (let from = 0; from < sound.length; from += block) {
    fft.realTransform(spectrum, padded(sound.subarray(from, from + block), size));
    fft.completeSpectrum(spectrum);
    for (let i = 0; i < 2 * size; i += 2) {
      const [a, b, c, d] = [
        spectrum[i] as number,
        spectrum[i + 1] as number,
        answer[i] as number,
        answer[i + 1] as number,
      ];
      spectrum[i] = a * c - b * d;
      spectrum[i + 1] = a * d + b * c;
    }
    fft.inverseTransform(back, spectrum);
    for (let i = 0; i < size && from + i < out.length; i++)
      out[from + i] = (out[from + i] as number) + (back[2 * i] as number);
  }
  return out;
}

function padded(sound: Float32Array, size: number): Float64Array {
  const out = new Float64Array(size);
  for (let i = 0; i < sound.length && i < size; i++) out[i] = sound[i] as number;
  return out;
}
