import { Course, type CrackCourse, type CrackKind } from './milestones.ts';
import { type Ear, judged } from './net.ts';
import { type Onset, Onsets } from './onsets.ts';
import { AdaptiveThreshold } from './threshold.ts';

/** A crack as it was heard: when, seconds from the start of the sound, and how surely, from 0 to 1. */
export interface HeardCrack {
  readonly at: number;
  readonly kind: CrackKind;
  readonly sure: number;
}

/** What hinders it from hearing. */
export type Trouble = 'silent' | 'clipping' | 'spoilt';

/** How it stands. */
export interface ListenerState {
  /** Seconds of sound so far. */
  readonly now: number;
  /** How loud it is, dB of full scale. */
  readonly levelDb: number;
  readonly course: CrackCourse;
  readonly trouble: Trouble | undefined;
  /** It has just begun: it learns what is usual here, and counts nothing yet. */
  readonly settling: boolean;
  /** So much here sounds like cracks that only clear ones count. */
  readonly noisy: boolean;
  /** Second crack lies mostly above 6 kHz: with so low a sample rate it cannot be told surely. */
  readonly hearsSecond: boolean;
}

/** How surely something must sound like a crack, log odds; how it was chosen stands in docs/listening.md. */
const RANGE = { start: -0.3, least: -2.5, most: 4 } as const;
/** So long it hears what is usual here before anything counts. */
const SETTLING_S = 20;
/** After first crack is told second is believed a little more and first a little less. */
const AFTER_FIRST = { first: 0.3, second: -0.4 };
/** So high the threshold lies in a kitchen that sounds like cracks. */
const NOISY = 1;
const HEARS_SECOND_FROM_HZ = 22_000;
/** A sample at full scale is clipped; so many within a second hinder. */
const FULL_SCALE = 0.985;
const CLIPPED_A_SECOND = 40;
/** No microphone is so quiet for so long. */
const SILENT = 1e-5;
const SILENT_S = 3;

/**
 * Listens to samples as they come, in blocks of any size, in constant memory. `ear` is what training made. Samples are from −1
 * to 1; what is no number counts as silence, and is told.
 */
export class Listener {
  readonly #onsets: Onsets;
  readonly #course = new Course();
  readonly #thresholds = { first: new AdaptiveThreshold(RANGE), second: new AdaptiveThreshold(RANGE) };
  readonly #ear: Ear;
  readonly #sampleRate: number;
  #samples = 0;
  #quietSince = 0;
  #clipped = 0;
  #spoiltAt = Number.NEGATIVE_INFINITY;
  #clippingAt = Number.NEGATIVE_INFINITY;

  constructor({ sampleRate, ear }: { readonly sampleRate: number; readonly ear: Ear }) {
    if (!(sampleRate >= 8000 && sampleRate <= 192_000)) throw new RangeError(`no sample rate: ${sampleRate}`);
    this.#onsets = new Onsets(sampleRate);
    this.#ear = ear;
    this.#sampleRate = sampleRate;
  }

  /** Takes the next samples; what was heard in them, each once, up to 25 ms after it sounded. */
  push(samples: ArrayLike<number>): HeardCrack[] {
    const heard: HeardCrack[] = [];
    for (let i = 0; i < samples.length; i++) {
      const onset = this.#onsets.push(this.#checked(samples[i] as number));
      const crack = onset && this.#judge(onset);
      if (crack) heard.push(crack);
      if (++this.#samples % this.#sampleRate === 0) this.#eachSecond();
    }
    return heard;
  }

  state(): ListenerState {
    const { now } = this.#onsets;
    return {
      now,
      levelDb: this.#onsets.level(),
      course: this.#course.course,
      trouble: this.#trouble(now),
      settling: now < SETTLING_S,
      noisy: this.#thresholds.first.value > NOISY,
      hearsSecond: this.#sampleRate >= HEARS_SECOND_FROM_HZ,
    };
  }

  /** The person takes a milestone back: for the rest of this roast it listens more strictly. */
  takeBack(milestone: keyof CrackCourse): void {
    this.#course.takeBack(milestone);
    this.#thresholds[milestone === 'secondCrack' ? 'second' : 'first'].stricter();
  }

  /** The person marked a milestone, seconds of the sound; below 0 before it began. */
  know(milestone: keyof CrackCourse, at: number): void {
    this.#course.know(milestone, at);
    for (const each of Object.values(this.#thresholds)) each.freeze();
  }

  #checked(sample: number): number {
    const { now } = this.#onsets;
    if (!Number.isFinite(sample)) {
      this.#spoiltAt = now;
      return 0;
    }
    const loud = Math.abs(sample);
    if (loud >= FULL_SCALE) this.#clipped++;
    if (loud > SILENT) this.#quietSince = now;
    return loud > 1 ? Math.sign(sample) : sample;
  }

  #judge({ at, features }: Onset): HeardCrack | undefined {
    const [nothing, first, second] = judged(features, this.#ear);
    const told = this.#course.course.firstCrack !== null;
    // No bean snaps before first crack: whatever sounds like it then is the kitchen.
    const kind: CrackKind = !told || first >= second ? 'first' : 'second';
    const sure = kind === 'first' ? first : second;
    const logOdds = Math.log((sure + 1e-9) / (nothing + (told ? 0 : second) + 1e-9));
    const threshold = this.#thresholds[kind];
    const counts = at > SETTLING_S && logOdds > threshold.value + (told ? AFTER_FIRST[kind] : 0);
    threshold.hear(logOdds);
    if (!counts) return undefined;
    this.#course.hear(kind, at);
    if (this.#course.course.firstCrack !== null) for (const each of Object.values(this.#thresholds)) each.freeze();
    return { at, kind, sure };
  }

  #eachSecond(): void {
    const { now } = this.#onsets;
    this.#thresholds.first.pass(now);
    this.#thresholds.second.pass(now);
    this.#course.pass(now);
    if (this.#clipped > CLIPPED_A_SECOND) this.#clippingAt = now;
    this.#clipped = 0;
  }

  #trouble(now: number): Trouble | undefined {
    if (now - this.#spoiltAt < SILENT_S) return 'spoilt';
    if (now - this.#clippingAt < SILENT_S) return 'clipping';
    return now - this.#quietSince > SILENT_S ? 'silent' : undefined;
  }
}
