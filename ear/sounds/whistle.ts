import type { Random } from '../../src/core/chance/index.ts';
import { between, chance, filterInPlace, noise, RATE, ratioBetween, sine, toLoudness, whole } from './draw.ts';

/** A person's short whistle, loudness 1: nearly one tone that wavers, swells in, and has breath in it. For checks only. */
export function whistle(random: Random): Float32Array {
  const lastsS = between(random, 0.28, 0.72);
  const length = whole(lastsS);
  const [hertz, drift] = [ratioBetween(random, 800, 2600), between(random, -0.06, 0.06)];
  const [waver, waverHz] = [between(random, 0, 0.012), between(random, 3, 7)];
  const overtone = 10 ** (between(random, -40, -20) / 20);
  const [inS, outS] = [between(random, 0.02, 0.07), between(random, 0.02, 0.09)];
  const out = new Float32Array(length);
  let turns = random();
  for (let i = 0; i < length; i++) {
    const t = i / length;
    turns += (hertz * (1 + drift * t + waver * sine((waverHz * i) / RATE))) / RATE;
    const swell = Math.min(1, i / RATE / inS, (length - i) / RATE / outS);
    out[i] = swell * (sine(turns) + overtone * sine(2 * turns));
  }
  toLoudness(out, 1);
  const breath = filterInPlace(noise(random, length), 'band', hertz * ratioBetween(random, 0.8, 2), 0.5);
  toLoudness(breath, 10 ** (between(random, -34, -18) / 20));
  for (let i = 0; i < length; i++) out[i] = (out[i] as number) + (breath[i] as number);
  return chance(random, 0.5) ? filterInPlace(out, 'low', 9000) : out;
}
