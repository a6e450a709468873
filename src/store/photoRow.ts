import type { SeenBean, SeenEllipse, White } from '@/core/look';

/** The photo that a look at a roast was taken from (its id is the look's). It lies apart, so that it can be removed alone. */
export interface PhotoRow {
  readonly id: string;
  readonly roastId: string;
  /** As the browser names it: `image/jpeg`. */
  readonly mime: string;
  readonly bytes: ArrayBuffer;
  /** How many bytes, so that what photos take is known without reading them. */
  readonly size: number;
  readonly width: number;
  readonly height: number;
  /** White in its light, linear: with it the light is taken out. */
  readonly white: White;
  readonly marks: readonly SeenBean[];
  /** Scorched patches of beans that were not clear enough to be measured. */
  readonly patches?: readonly SeenEllipse[];
}

/** A photo without what only its roast knows. */
export type PhotoIn = Omit<PhotoRow, 'id' | 'roastId'>;
