import type { Measure, Picture, Refusal } from '@/core/look';
import type { RoastLook } from '@/core/roast';
import type { TrayWish } from '@/core/simulate';
import type { PhotoIn } from '@/store/photoRow';

/** What a photo shows: whole beans, ground coffee, or a plain thing that the camera is held to. */
export type LookedAt = RoastLook['of'] | 'reference';

/** What became of a photo that was chosen. */
export type Looked =
  /** It is no picture that this browser can read; why, and what to do. */
  | { readonly kind: 'unreadable'; readonly words: string }
  | { readonly kind: 'refused'; readonly refuse: Refusal }
  | { readonly kind: 'measured'; readonly measure: Measure; readonly photo: PhotoIn };

/** How a picture would do: why it would be refused, or that a shadow lies on its paper. */
export interface Aim {
  readonly refuse?: Refusal;
  readonly shadow?: true;
}

/** What the worker that looks at photos does. */
export interface LookerContract {
  /** Looks at something small, so that what looks has been through its code once when the photo comes. */
  makeReady(): void;
  /** Looks at a file; the photo to be kept comes back smaller, and without what the camera wrote into it. */
  look(file: Blob, of: LookedAt): Promise<Looked>;
  /** Draws a tray of simulated beans as a photo, and looks at it: the same for the same seed. */
  tray(wish: TrayWish, seed: number): Promise<Looked>;
  /** What is wrong with what the camera sees now; nothing where all is well. */
  check(frame: Picture, of: LookedAt): Aim;
}
