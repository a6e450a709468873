import { normal, type Random } from '../../src/core/chance/index.ts';

/** All sounds are made at this rate; a microphone may take them down. */
export const RATE = 48_000;

export const between = (random: Random, least: number, most: number): number => least + (most - least) * random();
/** Evenly by ratio, for frequencies, times and rates. */
export const ratioBetween = (random: Random, least: number, most: number): number => least * (most / least) ** random();
export const pick = <T>(random: Random, all: readonly T[]): T => all[Math.floor(random() * all.length)] as T;
export const chance = (random: Random, share: number): boolean => random() < share;
export const decibels = (db: number): number => 10 ** (db / 20);
export const whole = (seconds: number): number => Math.max(1, Math.round(seconds * RATE));

/** Moments of a Poisson stream, seconds. */
export function moments(random: Random, perSecond: number, fromS: number, toS: number): number[] {
  const all: number[] = [];
  const gap = () => -Math.log(1 - random()) / perSecond;
  for (let at = fromS + gap(); at < toS; at += gap()) all.push(at);
  return all;
}

export function noise(random: Random, length: number): Float32Array {
  const out = new Float32Array(length);
  for (let i = 0; i < length; i++) out[i] = random() * 2 - 1;
  return out;
}

/** White Gaussian noise of a short sound. */
export function gaussian(random: Random, length: number): Float32Array {
  const out = new Float32Array(length);
  for (let i = 0; i < length; i++) out[i] = normal(random);
  return out;
}

/** A band or low or high pass of second order in place. Source: R. Bristow-Johnson, cookbook formulae for audio EQ. */
export function filterInPlace(
  sound: Float32Array,
  kind: 'low' | 'high' | 'band',
  hertz: number,
  q = Math.SQRT1_2,
): Float32Array {
  const omega = (2 * Math.PI * Math.min(hertz, RATE * 0.47)) / RATE;
  const [cos, alpha] = [Math.cos(omega), Math.sin(omega) / (2 * q)];
  const a0 = 1 + alpha;
  const [b0, b1, b2] =
    kind === 'low'
      ? [(1 - cos) / 2, 1 - cos, (1 - cos) / 2]
      : kind === 'high'
        ? [(1 + cos) / 2, -(1 + cos), (1 + cos) / 2]
        : [alpha, 0, -alpha];
  let [x1, x2, y1, y2] = [0, 0, 0, 0];
  for (let i = 0; i < sound.length; i++) {
    const x = sound[i] as number;
    const y = ((b0 as number) * x + (b1 as number) * x1 + (b2 as number) * x2 + 2 * cos * y1 - (1 - alpha) * y2) / a0;
    [x2, x1, y2, y1] = [x1, x, y1, y];
    sound[i] = y;
  }
  return sound;
}

export function addAt(into: Float32Array, sound: Float32Array, atS: number, gain: number): void {
  const from = Math.round(atS * RATE);
  const end = Math.min(sound.length, into.length - from);
  for (let i = Math.max(0, -from); i < end; i++)
    into[from + i] = (into[from + i] as number) + gain * (sound[i] as number);
}

export function toPeak(sound: Float32Array, peak = 1): Float32Array {
  let most = 1e-9;
  for (const value of sound) most = Math.max(most, Math.abs(value));
  for (let i = 0; i < sound.length; i++) sound[i] = ((sound[i] as number) * peak) / most;
  return sound;
}

/** Root of the mean square, of a part. */
export function rootMeanSquare(sound: Float32Array, from = 0, to = sound.length): number {
  let sum = 0;
  for (let i = from; i < to; i++) sum += (sound[i] as number) ** 2;
  return Math.sqrt(sum / Math.max(1, to - from));
}

export function toLoudness(sound: Float32Array, level: number): Float32Array {
  const gain = level / (rootMeanSquare(sound) + 1e-9);
  for (let i = 0; i < sound.length; i++) sound[i] = (sound[i] as number) * gain;
  return sound;
}

/** A damped swing: what metal, glass and beans do when struck. `dropS`: until it is 20 dB down. */
export function addMode(
  into: Float32Array,
  hertz: number,
  dropS: number,
  gain: number,
  phase: number,
  fromS = 0,
): void {
  const from = whole(fromS) - 1;
  const end = Math.min(into.length, from + whole(dropS * 2.5));
  const keep = Math.exp(-Math.log(10) / (dropS * RATE));
  const step = (2 * Math.PI * hertz) / RATE;
  // A pointer that turns and shrinks: its height is the swing.
  let [x, y] = [gain * Math.cos(phase), gain * Math.sin(phase)];
  const [cos, sin] = [keep * Math.cos(step), keep * Math.sin(step)];
  for (let i = from; i < end; i++) {
    into[i] = (into[i] as number) + y;
    const turned = x * cos - y * sin;
    y = x * sin + y * cos;
    x = turned;
  }
}

/** A steady tone. */
export function addTone(into: Float32Array, hertz: number, gain: number): void {
  const step = (2 * Math.PI * hertz) / RATE;
  const [cos, sin] = [Math.cos(step), Math.sin(step)];
  let [x, y] = [gain, 0];
  for (let i = 0; i < into.length; i++) {
    into[i] = (into[i] as number) + y;
    const turned = x * cos - y * sin;
    y = x * sin + y * cos;
    x = turned;
  }
}

const TABLE = Float32Array.from({ length: 4096 }, (_, i) => Math.sin((2 * Math.PI * i) / 4096));

/** The sine of a phase in turns, by a table: for tones that waver. */
export const sine = (turns: number): number => TABLE[Math.floor((turns - Math.floor(turns)) * 4096)] as number;

/** A slow wander between 0 and 1, a new aim every `everyS`. */
export function wander(random: Random, length: number, everyS: number): Float32Array {
  const out = new Float32Array(length);
  const every = whole(everyS);
  let [from, to] = [random(), random()];
  for (let i = 0; i < length; i++) {
    const t = (i % every) / every;
    if (i % every === 0) [from, to] = [to, random()];
    out[i] = from + (to - from) * (0.5 - 0.5 * Math.cos(Math.PI * t));
  }
  return out;
}
