import type { GearEar, HeardAgain, KnownMoment } from '@/core/listen';

/** A recording that is listened to once more. */
export interface Again {
  readonly samples: Float32Array;
  readonly sampleRate: number;
  readonly gear: GearEar | undefined;
  readonly known: readonly KnownMoment[];
}

/** What the worker that listens again does. `tell` is called with the share that is done, 0 to 1. */
export interface AgainContract {
  listen(recording: Again, tell: (share: number) => void | Promise<void>): Promise<HeardAgain>;
}
