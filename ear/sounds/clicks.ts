import type { Random } from '../../src/core/chance/index.ts';
import { addAt, addMode, between, chance, filterInPlace, gaussian, pick, ratioBetween, toPeak, whole } from './draw.ts';

/** A stock of short sounds of one sort, drawn from again and again: thousands of clicks cost no more than the adding. */
export function stock(random: Random, count: number, make: (random: Random) => Float32Array): Float32Array[] {
  return Array.from({ length: count }, () => make(random));
}

/** Adds sounds of a stock at moments, loudness spread by so many dB. */
export function scatter(
  into: Float32Array,
  random: Random,
  sounds: readonly Float32Array[],
  at: readonly number[],
  gain: number,
  spreadDb: number,
): void {
  for (const moment of at) addAt(into, pick(random, sounds), moment, gain * 10 ** ((-spreadDb * random() ** 0.7) / 20));
}

/** Bean against bean or metal: a short dull click. */
export function beanClick(random: Random): Float32Array {
  const hertz = ratioBetween(random, 1200, 7000);
  const out = new Float32Array(whole(0.012));
  const modes = Math.floor(between(random, 1, 4));
  for (let i = 0; i < modes; i++)
    addMode(
      out,
      hertz * ratioBetween(random, 0.6, 1.8),
      ratioBetween(random, 0.0006, 0.005),
      between(random, 0.3, 1),
      6.3 * random(),
    );
  return toPeak(out);
}

/** Something struck that rings: `hardness` from 0 (wood) to 1 (glass). */
export function struck(random: Random, hardness: number): Float32Array {
  const base = ratioBetween(random, 180 + 900 * hardness, 900 + 4000 * hardness);
  const ringS = ratioBetween(random, 0.02 + 0.04 * hardness, 0.12 + 0.7 * hardness);
  const out = new Float32Array(whole(Math.min(1.2, ringS * 2.5)));
  const modes = Math.floor(between(random, 3, 10));
  for (let i = 0; i < modes; i++)
    addMode(
      out,
      Math.min(16_000, base * ratioBetween(random, 1, 9)),
      ringS * ratioBetween(random, 0.15, 1),
      between(random, 0.1, 1),
      6.3 * random(),
    );
  const hit = gaussian(random, whole(ratioBetween(random, 0.0005, 0.004)));
  filterInPlace(hit, 'band', ratioBetween(random, 800, 6000), 0.5);
  addAt(out, toPeak(hit), 0, between(random, 0.2, 2));
  return toPeak(out);
}

/** A burst of noise of a length, as of a clap, a snap, a knock. */
export function burstOf(random: Random, dropS: number, hertz: number, q: number): Float32Array {
  const out = gaussian(random, whole(dropS * 2.5));
  filterInPlace(out, 'band', hertz, q);
  for (let i = 0; i < out.length; i++)
    out[i] = (out[i] as number) * Math.exp((-i * Math.LN10) / (dropS * 48_000)) * Math.min(1, i / 12);
  return toPeak(out);
}

/** A clap: several bursts close together, then the hands ring. */
export function clap(random: Random): Float32Array {
  const out = new Float32Array(whole(0.12));
  const hertz = ratioBetween(random, 700, 2600);
  const count = chance(random, 0.6) ? Math.floor(between(random, 2, 5)) : 1;
  for (let i = 0; i < count; i++)
    addAt(
      out,
      burstOf(random, ratioBetween(random, 0.004, 0.03), hertz, between(random, 0.6, 2)),
      i * between(random, 0.002, 0.01),
      between(random, 0.5, 1),
    );
  return toPeak(out);
}
