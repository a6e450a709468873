import type { GearEar, HeardOfRoast } from './knownGear.ts';
import { type HeardCrack, Listener } from './listener.ts';
import type { CrackCourse } from './milestones.ts';
import type { Ear } from './net.ts';

/** A milestone that a person marked or corrected, seconds of the sound. */
export interface KnownMoment {
  readonly milestone: keyof CrackCourse;
  readonly at: number;
}

/** What is heard in a whole sound. */
export interface HeardAgain {
  readonly cracks: readonly HeardCrack[];
  readonly course: CrackCourse;
  readonly learnt: HeardOfRoast | undefined;
}

interface Recording {
  /** From −1 to 1. */
  readonly samples: Float32Array;
  readonly sampleRate: number;
  readonly ear: Ear;
  readonly gear?: GearEar | undefined;
  /** What the person knows better by now. */
  readonly known: readonly KnownMoment[];
}

/** Listens to a recording second by second, with what was corrected known at its time; yields the share that is done, 0 to 1. */
export function* listenAgain({ samples, known, ...options }: Recording): Generator<number, HeardAgain> {
  const listener = new Listener(options);
  const cracks: HeardCrack[] = [];
  const waiting = [...known].sort((a, b) => a.at - b.at);
  for (let from = 0; from < samples.length; from += options.sampleRate) {
    cracks.push(...listener.push(samples.subarray(from, from + options.sampleRate)));
    const { now } = listener.state();
    for (let next = waiting[0]; next && next.at <= now; next = waiting[0]) {
      listener.know(next.milestone, next.at);
      waiting.shift();
    }
    yield Math.min(1, (from + options.sampleRate) / samples.length);
  }
  const { course, learnt } = listener.state();
  return { cracks, course, learnt };
}
