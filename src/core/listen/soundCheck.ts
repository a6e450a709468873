/** What hinders it from hearing. */
export type Trouble = 'silent' | 'clipping' | 'spoilt';

/** A sample at full scale is clipped; so many within a second hinder. */
const FULL_SCALE = 0.985;
const CLIPPED_A_SECOND = 40;
/** No microphone is so quiet. */
const SILENT = 1e-5;
/** So long silence lasts before it is told, and so long a trouble is told after it was seen, seconds. */
const TOLD_S = 3;

/** Looks at each sample before it is heard: whether it is sound at all, and none too loud. */
export class SoundCheck {
  #quietSince = 0;
  #clipped = 0;
  #spoiltAt = Number.NEGATIVE_INFINITY;
  #clippingAt = Number.NEGATIVE_INFINITY;

  /** The sample as it is heard, `now` seconds from the start: what is no number is silence, and nothing lies beyond full scale. */
  checked(sample: number, now: number): number {
    if (!Number.isFinite(sample)) {
      this.#spoiltAt = now;
      return 0;
    }
    const loud = Math.abs(sample);
    if (loud >= FULL_SCALE) this.#clipped++;
    if (loud > SILENT) this.#quietSince = now;
    return loud > 1 ? Math.sign(sample) : sample;
  }

  /** A second has gone by. */
  eachSecond(now: number): void {
    if (this.#clipped > CLIPPED_A_SECOND) this.#clippingAt = now;
    this.#clipped = 0;
  }

  trouble(now: number): Trouble | undefined {
    if (now - this.#spoiltAt < TOLD_S) return 'spoilt';
    if (now - this.#clippingAt < TOLD_S) return 'clipping';
    return now - this.#quietSince > TOLD_S ? 'silent' : undefined;
  }
}
