import { type Envelope, SLOT_S } from './envelope.ts';
import { BANDS, edgeHz, FRAMES_A_SECOND, SILENCE_DB } from './frames.ts';
import { GROUPS, type Levels } from './levels.ts';
import type { RunningQuantiles } from './quantile.ts';

/** Frames looked at after a sudden rise before it is judged: 20 ms. */
export const AHEAD = 15;
const DECAYS_MS = [4, 8, 15] as const;
const DROPS = [0.5, 0.25, 0.1] as const;
/** The peak lies within so many frames of the rise. */
const PEAK = [0, 1, 2, 3] as const;

/** Where a sudden rise lies: its frame, seconds from the start, and when others came before it, oldest first. */
export interface Place {
  readonly frame: number;
  readonly at: number;
  readonly earlier: readonly number[];
}

/** What a sudden rise looks like, 97 figures: rises and levels by band, decay, the wave itself, what came before. None is absolute. */
export function featuresAt({ frame, at, earlier }: Place, levels: Levels, envelope: Envelope): Float32Array {
  const all: number[] = [];
  addBands(all, frame, levels);
  addGroups(all, frame, levels);
  addWave(all, at, envelope);
  const since = at - (earlier.at(-1) ?? at - 5);
  all.push(Math.log10(Math.min(5, since) + 0.01));
  for (const withinS of [0.1, 0.5, 2]) all.push(earlier.filter((each) => at - each <= withinS).length);
  return Float32Array.from(all);
}

/** How loud a sudden rise gets, dB of full scale. */
export const peakAt = (frame: number, levels: Levels): number =>
  Math.max(...PEAK.map((i) => levels.group(undefined, frame + i)));

function addBands(all: number[], frame: number, levels: Levels): void {
  let weight = 0;
  let weighed = 0;
  for (let band = 0; band < BANDS; band++) {
    let peak = SILENCE_DB;
    for (const i of PEAK) peak = Math.max(peak, levels.band(band, frame + i));
    const rise = Math.max(0, levels.rise(band, frame));
    const of = ({ values }: RunningQuantiles) => values[band] as number;
    all.push(rise, peak - of(levels.short.middle), peak - levels.justBefore(band, frame));
    all.push(of(levels.long.loudest) - of(levels.long.quiet), peak - of(levels.short.loud));
    weight += rise;
    weighed += rise * Math.log2(edgeHz(band) / 1000);
  }
  all.push(levels.sum(frame), weighed / (weight + 1e-6));
}

function addGroups(all: number[], frame: number, levels: Levels): void {
  GROUPS.forEach((group, g) => {
    const peak = Math.max(...PEAK.map((i) => levels.group(group, frame + i)));
    for (const ms of DECAYS_MS) {
      const later = Math.min(AHEAD, Math.round((ms * FRAMES_A_SECOND) / 1000) + 1);
      all.push(peak - levels.group(group, frame + later));
    }
    const { quiet, middle, loudest } = levels.groupLong;
    const of = ({ values }: RunningQuantiles) => values[g] as number;
    all.push(of(loudest) - of(middle), of(middle) - of(quiet), peak - of(loudest));
  });
}

/** Attack and decay of the wave itself in two bands, how peaked it is and how often it crosses zero. */
function addWave(all: number[], at: number, envelope: Envelope): void {
  const { low, high, crossings, sampleRate } = envelope;
  const place = (slot: number) => envelope.place(slot);
  const middle = Math.round((at - 0.0027) / SLOT_S);
  for (const ring of [low, high]) {
    let peakSlot = middle;
    let peak = 0;
    for (let slot = middle - 12; slot <= middle + 16; slot++) {
      const value = ring[place(slot)] as number;
      if (value > peak) [peak, peakSlot] = [value, slot];
    }
    let before = 0;
    let after = 0;
    for (let i = 1; i <= 24; i++) before += ring[place(peakSlot - 16 - i)] as number;
    for (let i = 1; i <= 40; i++) after += ring[place(peakSlot + i)] as number;
    const top = peak + 1e-7;
    let attack = 0;
    while (attack < 16 && (ring[place(peakSlot - attack)] as number) > 0.2 * top) attack++;
    all.push(attack);
    for (const share of DROPS) all.push(lastAbove(ring, place, peakSlot, share * top));
    all.push(Math.log2(top / (before / 24 + 1e-7)), Math.log2(top / (after / 40 + 1e-7)));
  }
  let crossed = 0;
  for (let slot = middle - 4; slot <= middle + 12; slot++) crossed += crossings[place(slot)] as number;
  all.push((crossed / 17) * (48_000 / sampleRate));
}

/** The last slot within 12 ms after the peak that is still above a level, slots after it. */
function lastAbove(ring: Float32Array, place: (slot: number) => number, peakSlot: number, level: number): number {
  for (let i = 48; i > 0; i--) if ((ring[place(peakSlot + i)] as number) > level) return i;
  return 0;
}
