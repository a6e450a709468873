import type { CrackCourse, GearEar, HeardCrack, ListenerState, RenderedCrack, Whistled } from '@/core/listen';

/** Told to the ear's worker. Samples come by the port, past the page. */
export type ToEar =
  /** Instead of a microphone: simulated beans, whose cracks are made audible second by second. */
  | { readonly kind: 'beginBeans'; readonly seed: number; readonly gear: GearEar | undefined }
  | { readonly kind: 'second'; readonly cracks: readonly RenderedCrack[] }
  | {
      readonly kind: 'begin';
      readonly sampleRate: number;
      readonly port: MessagePort;
      readonly gear: GearEar | undefined;
      /** Whistles are heard too. */
      readonly whistles: boolean;
    }
  /** The beans go in. */
  | { readonly kind: 'charge' }
  | { readonly kind: 'takeBack'; readonly milestone: keyof CrackCourse }
  /** Marked by hand, or known from before this began to listen. */
  | { readonly kind: 'know'; readonly milestone: keyof CrackCourse; readonly at: number };

/** Told by it, some times a second. Times are seconds of sound; `state.now` is the newest. */
export interface FromEar {
  readonly state: ListenerState;
  readonly heard: readonly HeardCrack[];
  readonly whistled: readonly Whistled[];
}
