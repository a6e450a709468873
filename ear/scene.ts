import { normal, type Random, seededRandom } from '../src/core/chance/index.ts';
import type { CrackCourse, CrackKind } from '../src/core/listen/index.ts';
import { addClip, type Clips } from './sounds/clips.ts';
import { type CrackStyle, crackStyles, drawBeans, makeCrack } from './sounds/cracks.ts';
import {
  addAt,
  between,
  chance,
  decibels,
  filterInPlace,
  moments,
  pick,
  RATE,
  ratioBetween,
  rootMeanSquare,
  toLoudness,
  whole,
} from './sounds/draw.ts';
import { type GearNoise, gearNoises } from './sounds/gear.ts';
import { type KitchenNoise, kitchenNoises } from './sounds/kitchen.ts';
import { type Microphone, microphones, type Recorded, recorded } from './sounds/microphone.ts';
import { drawRoom, inRoom } from './sounds/room.ts';

/** Of what kinds a scene may be made; what is left out of training is what the ear is tried on. */
export interface Kinds {
  readonly cracks: readonly CrackStyle[];
  readonly gear: readonly GearNoise[];
  readonly kitchen: readonly KitchenNoise[];
  readonly microphones: readonly Microphone[];
  /** Recorded noises, where there are any. */
  readonly clips?: Clips | undefined;
}

export const allKinds: Kinds = {
  cracks: crackStyles,
  gear: Object.keys(gearNoises) as GearNoise[],
  kitchen: Object.keys(kitchenNoises) as KitchenNoise[],
  microphones,
};

export interface TrueCrack {
  readonly at: number;
  readonly kind: CrackKind;
  /** Over what else sounds in the 100 ms around it, dB, over all or above 5 kHz; from 6 on it can be heard. */
  readonly snrDb: number;
}

/** A sound with what is in it. */
export interface Scene extends Recorded {
  readonly seconds: number;
  readonly cracks: readonly TrueCrack[];
  readonly truth: CrackCourse;
  readonly made: {
    readonly gear: GearNoise;
    readonly kitchen: readonly (KitchenNoise | 'clip')[];
    readonly microphone: Microphone;
    readonly style: CrackStyle;
    readonly snrDb: number;
  };
}

/** Cracks a second over the course of a scene. */
export type Rates = (atS: number) => { readonly first: number; readonly second: number };

interface SceneWish {
  readonly seconds: number;
  readonly rates: Rates | undefined;
  readonly kinds: Kinds;
  /** How far cracks stand out, dB; drawn where none is given. */
  readonly snrDb?: number;
}

/** Makes a scene: gear, kitchen and cracks in a room, as a microphone records them. The same seed makes the same scene. */
export function makeScene(seed: number, { seconds, rates, kinds, snrDb }: SceneWish): Scene {
  const random = seededRandom(seed);
  const gear = pick(random, kinds.gear);
  const length = whole(seconds);
  const rest = toLoudness(gearNoises[gear](random, length), 1);
  if (chance(random, 0.4))
    add(rest, toLoudness(gearNoises[pick(random, kinds.gear)](random, length), decibels(between(random, -18, -2))));
  const kitchen = addKitchen(rest, random, kinds, rates === undefined);
  const level = snrDb ?? between(random, 8, 33);
  const own = new Float32Array(length);
  const [first, second] = [drawBeans(random, 'first', kinds.cracks), drawBeans(random, 'second', kinds.cracks)];
  const quieterDb = between(random, 6, 17);
  const sharp = filterInPlace(new Float32Array(rest), 'high', SHARP_HZ);
  const cracks = (rates ? drawMoments(random, seconds, rates) : []).map(({ at, kind }): TrueCrack => {
    const crack = makeCrack(random, kind === 'first' ? first : second);
    const powerDb = level + normal(random) * 5 - (kind === 'second' ? quieterDb : 0);
    const gain = (decibels(powerDb) * BASE) / rootMeanSquare(crack, 0, whole(CRACK_S));
    addAt(own, crack, at, gain);
    const sharpDb =
      powerDb +
      inDecibels(
        rootMeanSquare(filterInPlace(new Float32Array(crack), 'high', SHARP_HZ), 0, whole(CRACK_S)) /
          rootMeanSquare(crack, 0, whole(CRACK_S)),
      );
    return { at, kind, snrDb: Math.max(powerDb - around(rest, at), sharpDb - around(sharp, at)) };
  });
  add(rest, own);
  const microphone = pick(random, kinds.microphones);
  const sound = chance(random, 0.75) ? inRoom(rest, drawRoom(random)) : rest;
  const made = { gear, kitchen, microphone, style: first.style, snrDb: level };
  return { ...recorded(sound, microphone, random), seconds, cracks, truth: truthOf(cracks), made };
}

/** The gear's loudness, to which all else is set. */
const BASE = 1;
/** A crack is measured over so long, and above this too: it is heard where it stands out in either. */
const CRACK_S = 0.005;
const SHARP_HZ = 5000;

const inDecibels = (ratio: number) => 20 * Math.log10(ratio + 1e-9);
/** What else sounds in the 100 ms around a moment, dB. */
const around = (sound: Float32Array, at: number) =>
  inDecibels(rootMeanSquare(sound, Math.max(0, whole(at - 0.05)), Math.min(sound.length, whole(at + 0.05))) / BASE);

function add(into: Float32Array, sound: Float32Array): void {
  for (let i = 0; i < into.length; i++) into[i] = (into[i] as number) + (sound[i] as number);
}

function addKitchen(into: Float32Array, random: Random, kinds: Kinds, busy: boolean): (KitchenNoise | 'clip')[] {
  const count = kinds.kitchen.length === 0 ? 0 : Math.floor(between(random, busy ? 1 : 0, busy ? 5 : 3.5));
  const seconds = into.length / RATE;
  return Array.from({ length: count }, () => {
    const noise = kinds.clips && chance(random, RECORDED_SHARE) ? 'clip' : pick(random, kinds.kitchen);
    const bus = new Float32Array(into.length);
    const from = seconds * random() * 0.7;
    const to = Math.min(seconds, from + seconds * between(random, 0.2, 0.8));
    if (noise === 'clip') addClip(bus, random, from, to, kinds.clips as Clips);
    else kitchenNoises[noise](bus, random, from, to);
    const gain = decibels(between(random, 2, 36)) * BASE;
    for (let i = 0; i < bus.length; i++) into[i] = (into[i] as number) + gain * (bus[i] as number);
    return noise;
  });
}

/** So many of the noises are recorded ones, where there are any. */
const RECORDED_SHARE = 0.3;

function drawMoments(random: Random, seconds: number, rates: Rates): { at: number; kind: CrackKind }[] {
  const most = 16;
  const thinned = (kind: CrackKind) =>
    moments(random, most, 0.5, seconds - 0.2)
      .filter((at) => random() < rates(at)[kind] / most)
      .map((at) => ({ at, kind }));
  return [...thinned('first'), ...thinned('second')].sort((a, b) => a.at - b.at);
}

const ROLLING_S = 10;

/** By the definition of the labels: the first pop that is the third within ten seconds, the last such, and of snaps likewise. */
function truthOf(cracks: readonly TrueCrack[]): CrackCourse {
  const thirds = (kind: CrackKind) => {
    const at = cracks.filter((crack) => crack.kind === kind).map((crack) => crack.at);
    return at.filter((each, i) => i >= 2 && each - (at[i - 2] as number) <= ROLLING_S);
  };
  return {
    firstCrack: thirds('first')[0] ?? null,
    firstCrackEnd: thirds('first').at(-1) ?? null,
    secondCrack: thirds('second')[0] ?? null,
  };
}

/** A whole roast, its stretches shortened: quiet, stray pops, first crack that swells and thins out, a pause, second crack. */
export function roastRates(random: Random): Rates {
  const [from, lastsS, most] = [between(random, 60, 80), between(random, 60, 95), ratioBetween(random, 1.2, 6)];
  const [secondFrom, secondMost] = [from + lastsS + between(random, 30, 60), ratioBetween(random, 3, 10)];
  const stray = between(random, 0, 0.05);
  return (at) => {
    const t = (at - from) / lastsS;
    const first =
      t > 0 && t < 1 ? most * Math.sin(Math.PI * t ** 0.8) ** 1.2 + 0.15 : at < from ? stray : t < 1.3 ? 0.02 : 0;
    return { first, second: at < secondFrom ? 0.01 : secondMost * Math.min(1, 0.2 + (at - secondFrom) / 20) };
  };
}

/** A short clip for training, of any moment of a roast. */
export function clipRates(random: Random): Rates | undefined {
  const kind = random();
  if (kind < 0.4) return undefined;
  const swell = ratioBetween(random, 0.2, 8);
  const [first, second] =
    kind < 0.65 ? [swell, 0] : kind < 0.9 ? [chance(random, 0.3) ? 0.2 : 0, swell * 1.3] : [swell, swell];
  return () => ({ first, second });
}
