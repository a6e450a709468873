import { believed } from './believed.ts';
import { type CountedPop, type GearEar, type HeardOfRoast, heardOfRoast, leastOn, soundsAsUsual } from './knownGear.ts';
import { Course, type CrackCourse, type CrackKind } from './milestones.ts';
import { type Ear, judged } from './net.ts';
import { type Onset, Onsets } from './onsets.ts';
import { SoundCheck, type Trouble } from './soundCheck.ts';
import { AdaptiveThreshold } from './threshold.ts';

/** A crack as it was heard: when, seconds from the start of the sound, and how surely, from 0 to 1. */
export interface HeardCrack {
  readonly at: number;
  readonly kind: CrackKind;
  readonly sure: number;
}

/** How it stands. */
export interface ListenerState {
  /** Seconds of sound so far. */
  readonly now: number;
  /** Seconds since the beans went in, or of sound where that was before it. */
  readonly roastingS: number;
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
  /** Whether it sounds as it usually does on this gear; undefined where that is not known, or not yet. */
  readonly asUsual: boolean | undefined;
  /** What the gear can be known by, once first crack has rolled. */
  readonly learnt: HeardOfRoast | undefined;
}

/** What a listener is made with. */
interface ListenerOptions {
  readonly sampleRate: number;
  readonly ear: Ear;
  readonly gear?: GearEar | undefined;
}

/** How surely something must sound like a crack, log odds; how it was chosen stands in docs/listening.md. */
const RANGE = { start: 1, least: -1.5, most: 4 } as const;
/** So long it hears what is usual here before anything counts. */
const SETTLING_S = 20;
/** So high the threshold lies in a kitchen that sounds like cracks. */
const NOISY = 1;
/** So many pops are remembered: a first crack of a full pan has fewer. */
const REMEMBERED_POPS = 400;
const HEARS_SECOND_FROM_HZ = 22_000;

/**
 * Listens to samples as they come, in blocks of any size, in constant memory. `ear` is what training made, `gear` what is known
 * of how this gear sounds. Samples are from −1 to 1; what is no number counts as silence, and is told.
 */
export class Listener {
  readonly #onsets: Onsets;
  readonly #check = new SoundCheck();
  readonly #thresholds = { first: new AdaptiveThreshold(RANGE), second: new AdaptiveThreshold(RANGE) };
  readonly #ear: Ear;
  readonly #sampleRate: number;
  readonly #gear: GearEar | undefined;
  #pops: CountedPop[] = [];
  #course = new Course();
  #mistaken: readonly CountedPop[] = [];
  #chargedS = 0;
  #asUsual: boolean | undefined;
  #backgroundDb = 0;
  #samples = 0;

  constructor({ sampleRate, ear, gear }: ListenerOptions) {
    if (!(sampleRate >= 8000 && sampleRate <= 192_000)) throw new RangeError(`no sample rate: ${sampleRate}`);
    this.#onsets = new Onsets(sampleRate);
    this.#ear = ear;
    this.#gear = gear;
    this.#sampleRate = sampleRate;
  }

  /** Takes the next samples; what was heard in them, each once, up to 25 ms after it sounded. */
  push(samples: ArrayLike<number>): HeardCrack[] {
    const heard: HeardCrack[] = [];
    for (let i = 0; i < samples.length; i++) {
      const onset = this.#onsets.push(this.#check.checked(samples[i] as number, this.#onsets.now));
      const crack = onset && this.#judge(onset);
      if (crack) heard.push(crack);
      if (++this.#samples % this.#sampleRate === 0) this.#eachSecond();
    }
    return heard;
  }

  state(): ListenerState {
    const { now } = this.#onsets;
    const { course } = this.#course;
    return {
      now,
      roastingS: now - this.#chargedS,
      levelDb: this.#onsets.level().now,
      course,
      trouble: this.#check.trouble(now),
      settling: now < SETTLING_S,
      noisy: this.#thresholds.first.isRaisedAbove(NOISY),
      hearsSecond: this.#sampleRate >= HEARS_SECOND_FROM_HZ,
      asUsual: this.#asUsual,
      learnt: this.#learnt(course),
    };
  }

  /** The beans go in: what cracked in the preheat was the kitchen, and what is usual with beans is learnt anew. */
  charge(): void {
    [this.#course, this.#pops, this.#mistaken] = [new Course(), [], []];
    for (const each of Object.values(this.#thresholds)) each.thaw();
    this.#chargedS = this.#onsets.now;
    this.#asUsual = undefined;
  }

  /** The person takes a milestone back: for the rest of this roast it listens more strictly. */
  takeBack(milestone: keyof CrackCourse): void {
    this.#course.takeBack(milestone);
    if (milestone === 'firstCrack') this.#mistaken = this.#pops.splice(0);
    this.#thresholds[milestone === 'secondCrack' ? 'second' : 'first'].stricter();
  }

  /** The person marked a milestone, seconds of the sound; below 0 before it began. */
  know(milestone: keyof CrackCourse, at: number): void {
    this.#course.know(milestone, at);
    // Before that it does not know yet what is usual.
    if (this.#onsets.now < SETTLING_S) return;
    for (const each of Object.values(this.#thresholds)) each.freeze();
  }

  #judge({ at, features, peakDb }: Onset): HeardCrack | undefined {
    const [nothing, first, second] = judged(features, this.#ear);
    const told = this.#course.course.firstCrack !== null;
    // No bean snaps before first crack: whatever sounds like it then is the kitchen.
    const kind: CrackKind = !told || first >= second ? 'first' : 'second';
    const sure = kind === 'first' ? first : second;
    const logOdds = ratioOf(sure, nothing + (told ? 0 : second));
    const threshold = this.#thresholds[kind];
    // What sounds like snaps before first crack is this kitchen too, and must be exceeded afterwards.
    if (!told) this.#thresholds.second.hear(ratioOf(second, nothing + first));
    const belief = believed(logOdds - threshold.value, kind, this.#course.course);
    threshold.hear(logOdds);
    if (at <= SETTLING_S || belief === 'nothing') return undefined;
    if (belief === 'told') return { at, kind, sure };
    this.#course.hear(kind, at, logOdds);
    if (kind === 'first') this.#pops.push({ at, logOdds, peakDb });
    if (this.#pops.length > REMEMBERED_POPS) this.#pops.shift();
    if (this.#course.course.firstCrack !== null) for (const each of Object.values(this.#thresholds)) each.freeze();
    return { at, kind, sure };
  }

  #eachSecond(): void {
    const { now } = this.#onsets;
    this.#thresholds.first.pass(now);
    this.#thresholds.second.pass(now);
    this.#course.pass(now);
    // As long as nothing cracks: pops are no background.
    if (this.#course.course.firstCrack === null) this.#backgroundDb = this.#onsets.level().usual;
    if (this.#gear && this.#asUsual === undefined && now - this.#chargedS >= SETTLING_S) this.#meet(this.#gear);
    this.#check.eachSecond(now);
  }

  /** What is usual is known now: if it is as on this gear before, what its pops are like holds too. */
  #meet(gear: GearEar): void {
    this.#asUsual = soundsAsUsual(gear, this.#backgroundDb);
    if (this.#asUsual) this.#thresholds.first.atLeast(leastOn(gear));
  }

  #learnt({ firstCrack, firstCrackEnd }: CrackCourse): HeardOfRoast | undefined {
    if (firstCrack === null) return undefined;
    const rolling = this.#pops.filter(({ at }) => at >= firstCrack && at <= (firstCrackEnd ?? at));
    return heardOfRoast(rolling, this.#backgroundDb, this.#mistaken);
  }
}

/** Log odds of one against the other. */
const ratioOf = (one: number, other: number) => Math.log((one + 1e-9) / (other + 1e-9));
