import { Envelope, SLOT_S } from './envelope.ts';
import { BANDS, edgeHz, FRAMES_A_SECOND, Frames, SILENCE_DB } from './frames.ts';
import { RunningQuantiles } from './quantile.ts';

/** Something sudden: when it began, seconds from the start of the sound, and what it looks like. */
export interface Onset {
  readonly at: number;
  readonly features: Float32Array;
}

/** Frames looked at after a sudden rise before it is judged: 20 ms. */
const AHEAD = 15;
/** Nothing else within so many frames to either side. */
const ALONE = 8;
/** The levels just before lie so many frames back: the first that shares no sample with this one, and the two before. */
const BEFORE = [4, 5, 6] as const;
/** Rises summed over all bands, dB: low, since what is no onset is lost. */
const LEAST_RISE_DB = 8;
const KEPT = 128;
const GROUPS = [
  [0, 4],
  [4, 8],
  [8, 12],
] as const;
const DECAYS_MS = [4, 8, 15] as const;
const DROPS = [0.5, 0.25, 0.1] as const;

/** Watches levels band by band for sudden rises above what is usual here. Features need no absolute level. */
export class Onsets {
  readonly #frames: Frames;
  readonly #envelope: Envelope;
  readonly #sampleRate: number;
  readonly #levels = Array.from({ length: BANDS }, () => new Float32Array(KEPT).fill(SILENCE_DB));
  readonly #rises = Array.from({ length: BANDS }, () => new Float32Array(KEPT));
  readonly #sums = new Float32Array(KEPT);
  readonly #short = { middle: quantiles(BANDS, 0.5, 2), loud: quantiles(BANDS, 0.9, 2) };
  readonly #long = { quiet: quantiles(BANDS, 0.2, 20), loudest: quantiles(BANDS, 0.95, 20) };
  readonly #groupLong = {
    quiet: quantiles(GROUPS.length, 0.2, 20),
    middle: quantiles(GROUPS.length, 0.5, 20),
    loudest: quantiles(GROUPS.length, 0.95, 20),
  };
  readonly #groups = new Float32Array(GROUPS.length);
  readonly #earlier: number[] = [];
  #frame = 0;
  #samples = 0;

  constructor(sampleRate: number) {
    this.#sampleRate = sampleRate;
    this.#frames = new Frames(sampleRate);
    this.#envelope = new Envelope(sampleRate);
  }

  /** Seconds of sound so far. */
  get now(): number {
    return this.#samples / this.#sampleRate;
  }

  /** How loud it is now, dB of full scale, over all bands. */
  level(): number {
    const at = (this.#frame - 1 + KEPT) % KEPT;
    return groupLevel(this.#levels, at, [0, BANDS]);
  }

  push(sample: number): Onset | undefined {
    this.#samples++;
    this.#envelope.push(sample);
    const levels = this.#frames.push(sample);
    if (!levels) return undefined;
    this.#take(levels);
    return this.#onsetAt(this.#frame - 1 - AHEAD);
  }

  #take(levels: Float32Array): void {
    const at = this.#frame % KEPT;
    const loud = this.#short.loud.values;
    let sum = 0;
    for (let band = 0; band < BANDS; band++) {
      const own = this.#levels[band] as Float32Array;
      const level = levels[band] as number;
      own[at] = level;
      const rise = level - Math.max(this.#frame === 0 ? level : (loud[band] as number), justBefore(own, at));
      (this.#rises[band] as Float32Array)[at] = rise;
      if (rise > 0) sum += rise;
    }
    for (const each of [this.#short.middle, this.#short.loud, this.#long.quiet, this.#long.loudest]) each.push(levels);
    for (let g = 0; g < GROUPS.length; g++)
      this.#groups[g] = groupLevel(this.#levels, at, GROUPS[g] as readonly [number, number]);
    for (const each of [this.#groupLong.quiet, this.#groupLong.middle, this.#groupLong.loudest])
      each.push(this.#groups);
    this.#sums[at] = sum;
    this.#frame++;
  }

  #onsetAt(frame: number): Onset | undefined {
    if (frame < KEPT / 4) return undefined;
    const sum = this.#sums[frame % KEPT] as number;
    if (sum < LEAST_RISE_DB) return undefined;
    for (let i = 1; i <= ALONE; i++) {
      if ((this.#sums[(frame - i) % KEPT] as number) >= sum) return undefined;
      if ((this.#sums[(frame + i) % KEPT] as number) > sum) return undefined;
    }
    const at = (frame * this.#frames.hop) / this.#sampleRate;
    const features = this.#featuresAt(frame, sum, at);
    this.#earlier.push(at);
    while (this.#earlier.length > 64) this.#earlier.shift();
    return { at, features };
  }

  #featuresAt(frame: number, sum: number, at: number): Float32Array {
    const ring = (i: number) => (frame + i) % KEPT;
    const all: number[] = [];
    let weight = 0;
    let weighed = 0;
    for (let band = 0; band < BANDS; band++) {
      const own = this.#levels[band] as Float32Array;
      let peak = SILENCE_DB;
      for (let i = 0; i < 4; i++) peak = Math.max(peak, own[ring(i)] as number);
      const rise = Math.max(0, (this.#rises[band] as Float32Array)[ring(0)] as number);
      const of = ({ values }: RunningQuantiles) => values[band] as number;
      all.push(rise, peak - of(this.#short.middle), peak - justBefore(own, ring(0)));
      all.push(of(this.#long.loudest) - of(this.#long.quiet), peak - of(this.#short.loud));
      weight += rise;
      weighed += rise * Math.log2(edgeHz(band) / 1000);
    }
    all.push(sum, weighed / (weight + 1e-6));
    GROUPS.forEach((group, g) => {
      const peak = Math.max(...[0, 1, 2, 3].map((i) => groupLevel(this.#levels, ring(i), group)));
      for (const ms of DECAYS_MS)
        all.push(
          peak - groupLevel(this.#levels, ring(Math.min(AHEAD, Math.round((ms * FRAMES_A_SECOND) / 1000) + 1)), group),
        );
      const { quiet, middle, loudest } = this.#groupLong;
      const of = ({ values }: RunningQuantiles) => values[g] as number;
      all.push(of(loudest) - of(middle), of(middle) - of(quiet), peak - of(loudest));
    });
    this.#addWaveFeatures(all, at);
    const since = at - (this.#earlier.at(-1) ?? at - 5);
    all.push(Math.log10(Math.min(5, since) + 0.01));
    for (const withinS of [0.1, 0.5, 2]) all.push(this.#earlier.filter((each) => at - each <= withinS).length);
    return Float32Array.from(all);
  }

  /** Attack and decay of the wave itself in two bands, how peaked it is and how often it crosses zero. */
  #addWaveFeatures(all: number[], at: number): void {
    const { low, high, crossings } = this.#envelope;
    const place = (slot: number) => this.#envelope.place(slot);
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
    all.push((crossed / 17) * (48_000 / this.#sampleRate));
  }
}

/** The last slot within 12 ms after the peak that is still above a level, slots after it. */
function lastAbove(ring: Float32Array, place: (slot: number) => number, peakSlot: number, level: number): number {
  for (let i = 48; i > 0; i--) if ((ring[place(peakSlot + i)] as number) > level) return i;
  return 0;
}

/** The loudest of the frames just before. */
function justBefore(levels: Float32Array, at: number): number {
  let most = SILENCE_DB;
  for (const back of BEFORE) most = Math.max(most, levels[(at - back + KEPT) % KEPT] as number);
  return most;
}

function groupLevel(levels: readonly Float32Array[], at: number, [from, to]: readonly [number, number]): number {
  let power = 0;
  for (let band = from; band < to; band++) power += Math.exp(((levels[band] as Float32Array)[at] as number) * TO_POWER);
  return 10 * Math.log10(power);
}

const TO_POWER = Math.LN10 / 10;

/** Running quantiles of levels over so many seconds, dB. */
const quantiles = (streams: number, share: number, seconds: number) =>
  new RunningQuantiles(streams, share, 20, seconds * FRAMES_A_SECOND);
