import type { Random } from '../../src/core/chance/index.ts';
import { burstOf, clap, scatter, stock, struck } from './clicks.ts';
import {
  addAt,
  addMode,
  between,
  chance,
  filterInPlace,
  moments,
  noise,
  pick,
  RATE,
  ratioBetween,
  toPeak,
  whole,
} from './draw.ts';

/** Adds noises of a kitchen from a moment on for so long; their peak is about 1. */
type Add = (into: Float32Array, random: Random, fromS: number, toS: number) => void;

const clatter: Add = (into, random, fromS, toS) => {
  const things = stock(random, 8, (r) => struck(r, between(r, 0.1, 0.8)));
  const rate = ratioBetween(random, 0.4, 5);
  for (const at of moments(random, rate, fromS, toS)) {
    // A dropped spoon bounces.
    const bounces = chance(random, 0.35) ? Math.floor(between(random, 2, 7)) : 1;
    let [moment, gap, gain] = [at, between(random, 0.05, 0.25), between(random, 0.2, 1)];
    for (let b = 0; b < bounces; b++, moment += gap, gap *= 0.7, gain *= 0.7)
      addAt(into, pick(random, things), moment, gain);
  }
};

const glass: Add = (into, random, fromS, toS) =>
  scatter(
    into,
    random,
    stock(random, 8, (r) => struck(r, between(r, 0.8, 1))),
    moments(random, ratioBetween(random, 0.3, 3), fromS, toS),
    1,
    20,
  );

const claps: Add = (into, random, fromS, toS) =>
  scatter(into, random, stock(random, 8, clap), moments(random, ratioBetween(random, 0.3, 6), fromS, toS), 1, 8);

const fingers: Add = (into, random, fromS, toS) =>
  scatter(
    into,
    random,
    stock(random, 6, (r) => burstOf(r, ratioBetween(r, 0.004, 0.02), ratioBetween(r, 1500, 3500), between(r, 1, 4))),
    moments(random, ratioBetween(random, 0.3, 3), fromS, toS),
    1,
    8,
  );

const typing: Add = (into, random, fromS, toS) => {
  const keys = stock(random, 12, (r) => {
    const out = new Float32Array(whole(0.12));
    addAt(out, burstOf(r, ratioBetween(r, 0.002, 0.008), ratioBetween(r, 1500, 5000), 0.8), 0, 1);
    addAt(out, burstOf(r, ratioBetween(r, 0.004, 0.015), ratioBetween(r, 250, 1200), 1), 0.002, between(r, 0.2, 0.9));
    addAt(out, burstOf(r, 0.003, ratioBetween(r, 2000, 6000), 0.8), between(r, 0.05, 0.1), 0.4);
    return toPeak(out);
  });
  scatter(into, random, keys, moments(random, ratioBetween(random, 2, 10), fromS, toS), 1, 12);
};

const rain: Add = (into, random, fromS, toS) => {
  const drops = stock(random, 30, (r) =>
    burstOf(r, ratioBetween(r, 0.001, 0.008), ratioBetween(r, 800, 8000), between(r, 0.7, 3)),
  );
  scatter(into, random, drops, moments(random, ratioBetween(random, 20, 400), fromS, toS), 1, 36);
};

/** A fire of wood: snaps like beans', at any pace but never rolling on alone. */
const fire: Add = (into, random, fromS, toS) => {
  const snaps = stock(random, 20, (r) =>
    burstOf(r, ratioBetween(r, 0.002, 0.012), ratioBetween(r, 900, 9000), between(r, 0.5, 1.5)),
  );
  scatter(into, random, snaps, moments(random, ratioBetween(random, 0.3, 6), fromS, toS), 1, 30);
};

/** Water that boils or runs: bubbles are short tones that rise. */
const water: Add = (into, random, fromS, toS) => {
  for (const at of moments(random, ratioBetween(random, 5, 90), fromS, toS)) {
    const lastsS = ratioBetween(random, 0.005, 0.06);
    const [hertz, rise, gain] = [ratioBetween(random, 250, 3500), between(random, 1, 1.6), random() ** 2];
    const from = Math.round(at * RATE);
    let phase = 0;
    for (let i = 0; i < lastsS * RATE && from + i < into.length; i++) {
      const t = i / (lastsS * RATE);
      phase += (2 * Math.PI * hertz * (1 + (rise - 1) * t)) / RATE;
      into[from + i] =
        (into[from + i] as number) + gain * 0.5 * Math.sin(phase) * Math.exp(-4 * t) * Math.min(1, i / 20);
    }
  }
};

const VOWELS = [
  [700, 1200, 2600],
  [400, 2000, 2700],
  [300, 800, 2400],
  [500, 1700, 2500],
  [300, 2200, 3000],
] as const;

/** Talk: voiced syllables, hisses and the small bursts of p, t and k. */
const speech: Add = (into, random, fromS, toS) => {
  const pitch = ratioBetween(random, 85, 260);
  for (let at = fromS; at < toS; ) {
    const lastsS = ratioBetween(random, 0.06, 0.3);
    if (chance(random, 0.35)) {
      const plosive = burstOf(random, ratioBetween(random, 0.003, 0.02), ratioBetween(random, 600, 5000), 0.7);
      addAt(into, plosive, at, between(random, 0.1, 0.7));
    }
    if (chance(random, 0.25)) {
      const hiss = filterInPlace(
        noise(random, whole(ratioBetween(random, 0.05, 0.15))),
        'high',
        ratioBetween(random, 2500, 6500),
      );
      for (let i = 0; i < hiss.length; i++) hiss[i] = (hiss[i] as number) * Math.sin((Math.PI * i) / hiss.length);
      addAt(into, hiss, at, between(random, 0.1, 0.4));
    }
    addAt(into, voiced(random, lastsS, pitch * ratioBetween(random, 0.8, 1.25)), at, between(random, 0.3, 1));
    at += lastsS + (chance(random, 0.12) ? between(random, 0.3, 1.5) : between(random, 0.01, 0.08));
  }
};

function voiced(random: Random, lastsS: number, pitch: number): Float32Array {
  const out = new Float32Array(whole(lastsS));
  for (let i = 0; i < out.length; i += Math.round(RATE / (pitch * ratioBetween(random, 0.98, 1.02)))) out[i] = 1;
  const from = new Float32Array(out);
  out.fill(0);
  for (const formant of pick(random, VOWELS)) {
    const part = filterInPlace(new Float32Array(from), 'band', formant * ratioBetween(random, 0.85, 1.2), 8);
    for (let i = 0; i < out.length; i++) out[i] = (out[i] as number) + (part[i] as number);
  }
  for (let i = 0; i < out.length; i++) out[i] = (out[i] as number) * Math.sin((Math.PI * i) / out.length);
  return toPeak(out);
}

/** Music: notes with overtones, plucked or blown, and a beat of drum and hat. */
const music: Add = (into, random, fromS, toS) => {
  const beatS = between(random, 0.3, 0.8);
  const base = ratioBetween(random, 110, 330);
  const hat = stock(random, 4, (r) => burstOf(r, ratioBetween(r, 0.01, 0.08), ratioBetween(r, 6000, 11_000), 0.7));
  const kick = stock(random, 2, (r) => burstOf(r, 0.12, ratioBetween(r, 50, 120), 2));
  const snare = stock(random, 3, (r) => burstOf(r, ratioBetween(r, 0.04, 0.15), ratioBetween(r, 900, 3000), 0.4));
  const [withDrums, decayS] = [chance(random, 0.6), ratioBetween(random, 0.1, 1.2)];
  for (let at = fromS; at < toS; at += beatS / 2) {
    if (withDrums) scatter(into, random, pick(random, [hat, hat, kick, snare]), [at], 0.8, 8);
    if (chance(random, 0.35)) continue;
    const note = new Float32Array(whole(decayS * 2));
    const hertz = base * 2 ** (Math.floor(between(random, 0, 24)) / 12);
    for (let h = 1; h < 9 && hertz * h < 15_000; h++)
      addMode(note, hertz * h, decayS / h ** 0.5, 1 / h ** between(random, 0.7, 1.6), 0);
    addAt(into, toPeak(note), at, between(random, 0.2, 0.7));
  }
};

/** A bag, paper, a zip: hundreds of the smallest clicks a second. */
const rustle: Add = (into, random, fromS, toS) => {
  const ticks = stock(random, 30, (r) =>
    burstOf(r, ratioBetween(r, 0.0005, 0.003), ratioBetween(r, 2500, 10_000), 0.8),
  );
  for (let at = fromS; at < toS; at += ratioBetween(random, 0.5, 3)) {
    const until = Math.min(toS, at + ratioBetween(random, 0.1, 0.8));
    scatter(into, random, ticks, moments(random, ratioBetween(random, 60, 500), at, until), 0.8, 30);
  }
};

const knocks: Add = (into, random, fromS, toS) =>
  scatter(
    into,
    random,
    stock(random, 8, (r) => struck(r, between(r, 0, 0.15))),
    moments(random, ratioBetween(random, 0.3, 4), fromS, toS),
    1,
    14,
  );

/** Noises of a kitchen by name. */
export const kitchenNoises = {
  clatter,
  glass,
  claps,
  fingers,
  typing,
  rain,
  fire,
  water,
  speech,
  music,
  rustle,
  knocks,
} as const satisfies Record<string, Add>;
export type KitchenNoise = keyof typeof kitchenNoises;
