import type { Random } from '../../src/core/chance/index.ts';
import { beanClick, scatter, stock, struck } from './clicks.ts';
import {
  addMode,
  addTone,
  between,
  chance,
  decibels,
  filterInPlace,
  moments,
  noise,
  RATE,
  ratioBetween,
  sine,
  toLoudness,
  wander,
  whole,
} from './draw.ts';

/** Makes the sound of a piece of gear at work for so many samples; loudness is set afterwards. */
type Make = (random: Random, length: number) => Float32Array;

const blower: Make = (random, length) => {
  const out = noise(random, length);
  filterInPlace(out, 'low', ratioBetween(random, 500, 6000), 0.6);
  filterInPlace(out, 'band', ratioBetween(random, 300, 2500), between(random, 0.2, 0.6));
  toLoudness(out, 1);
  const base = ratioBetween(random, 90, 700);
  const slow = wander(random, length, between(random, 0.3, 3));
  for (let h = 1; h <= 12; h++) {
    const gain = decibels(between(random, -34, -6)) / h ** 0.3;
    let turns = random();
    for (let i = 0; i < length; i++) {
      turns += (base * h * (1 + 0.01 * (slow[i] as number))) / RATE;
      out[i] = (out[i] as number) + gain * sine(turns);
    }
  }
  addRattle(out, random, ratioBetween(random, 15, 350), decibels(between(random, -6, 14)));
  return out;
};

/** Beans that tumble: clicks in a stream that swells and sinks. */
function addRattle(out: Float32Array, random: Random, perSecond: number, gain: number): void {
  const clicks = stock(random, 40, beanClick);
  const swell = wander(random, out.length, between(random, 0.15, 1.5));
  const at = moments(random, perSecond, 0, out.length / RATE).filter(
    (s) => random() < 0.3 + 0.7 * (swell[Math.floor(s * RATE)] ?? 0),
  );
  scatter(out, random, clicks, at, gain, between(random, 12, 34));
}

const drum: Make = (random, length) => {
  const out = noise(random, length);
  filterInPlace(out, 'low', ratioBetween(random, 80, 500), 0.8);
  toLoudness(out, 1);
  const [turnS, share] = [between(random, 0.7, 1.6), between(random, 0.3, 0.8)];
  const swish = noise(random, length);
  filterInPlace(swish, 'band', ratioBetween(random, 1500, 6000), 0.5);
  toLoudness(swish, decibels(between(random, -14, 2)));
  const phase = 6.3 * random();
  for (let i = 0; i < length; i++)
    out[i] =
      (out[i] as number) +
      (swish[i] as number) * (1 - share + share * Math.sin((2 * Math.PI * i) / RATE / turnS + phase));
  for (let h = 1; h < 6; h++)
    addTone(out, 100 * h * ratioBetween(random, 0.98, 1.02), decibels(between(random, -30, -8)));
  addRattle(out, random, ratioBetween(random, 30, 400), decibels(between(random, -8, 8)));
  return out;
};

const flame: Make = (random, length) => {
  const out = noise(random, length);
  filterInPlace(out, 'low', ratioBetween(random, 120, 900), 0.6);
  const slow = wander(random, length, between(random, 0.05, 0.4));
  for (let i = 0; i < length; i++) out[i] = (out[i] as number) * (0.5 + (slow[i] as number));
  toLoudness(out, 1);
  const hiss = filterInPlace(noise(random, length), 'high', ratioBetween(random, 2000, 7000));
  toLoudness(hiss, decibels(between(random, -26, -8)));
  for (let i = 0; i < length; i++) out[i] = (out[i] as number) + (hiss[i] as number);
  return out;
};

const hood: Make = (random, length) => {
  const out = filterInPlace(noise(random, length), 'low', ratioBetween(random, 800, 7000), 0.5);
  toLoudness(out, 1);
  for (let i = 0; i < 4; i++) addTone(out, ratioBetween(random, 80, 1200), decibels(between(random, -28, -8)));
  return out;
};

/** Strokes of a spoon through beans: each a rush of clicks, some with a ring of the pan. */
const stirring: Make = (random, length) => {
  const out = flame(random, length);
  toLoudness(out, decibels(between(random, -16, 0)));
  const [clicks, rings] = [stock(random, 40, beanClick), stock(random, 6, (r) => struck(r, between(r, 0.3, 0.9)))];
  const everyS = ratioBetween(random, 0.35, 1.6);
  const rush = ratioBetween(random, 60, 700);
  for (let at = 0; at < length / RATE; at += everyS * ratioBetween(random, 0.7, 1.5)) {
    const strokeS = ratioBetween(random, 0.1, 0.7);
    scatter(out, random, clicks, moments(random, rush, at, at + strokeS), decibels(between(random, 4, 18)), 26);
    if (chance(random, 0.25))
      scatter(out, random, rings, [at + strokeS * random()], decibels(between(random, 0, 18)), 12);
  }
  return out;
};

/** Shaken to and fro: two to five rushes of beans a second. */
const shaking: Make = (random, length) => {
  const out = flame(random, length);
  toLoudness(out, decibels(between(random, -16, -2)));
  const clicks = stock(random, 50, beanClick);
  const perSecond = ratioBetween(random, 1.6, 5.5);
  const rush = ratioBetween(random, 200, 1200);
  let resting = 0;
  for (let at = 0; at < length / RATE; at += 1 / perSecond) {
    if (resting > 0 || chance(random, 0.02)) {
      resting = resting > 0 ? resting - 1 : Math.floor(between(random, 2, 14));
      continue;
    }
    const rushS = (0.25 + 0.4 * random()) / perSecond;
    scatter(out, random, clicks, moments(random, rush, at, at + rushS), decibels(between(random, 3, 15)), 24);
  }
  return out;
};

const scraping: Make = (random, length) => {
  const out = flame(random, length);
  toLoudness(out, decibels(between(random, -16, -2)));
  for (let at = 0; at < length / RATE; at += ratioBetween(random, 0.3, 2)) {
    const strokeS = ratioBetween(random, 0.1, 0.8);
    const stroke = filterInPlace(
      noise(random, whole(strokeS)),
      'band',
      ratioBetween(random, 1500, 9000),
      between(random, 0.6, 2.5),
    );
    const rough = ratioBetween(random, 20, 250);
    toLoudness(stroke, decibels(between(random, -4, 12)));
    for (let i = 0, from = Math.round(at * RATE); i < stroke.length && from + i < length; i++)
      out[from + i] =
        (out[from + i] as number) +
        (stroke[i] as number) *
          (0.6 + 0.4 * Math.sin((2 * Math.PI * rough * i) / RATE)) *
          Math.sin((Math.PI * i) / stroke.length);
  }
  return out;
};

/** An oven or a quiet kitchen: little but a hum. */
const quiet: Make = (random, length) => {
  const out = filterInPlace(noise(random, length), 'low', ratioBetween(random, 200, 2000));
  toLoudness(out, 1);
  for (let h = 1; h < 4; h++) addMode(out, 50 * h, length / RATE, decibels(between(random, -20, 0)), 0);
  return out;
};

/** Gear by its noise. */
export const gearNoises = { blower, drum, flame, hood, stirring, shaking, scraping, quiet } as const satisfies Record<
  string,
  Make
>;
export type GearNoise = keyof typeof gearNoises;
