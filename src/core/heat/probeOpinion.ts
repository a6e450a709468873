import type { ProbeOpinion } from '../forecast/index.ts';
import type { Reading } from './rateOfRise.ts';

/** One earlier roast on the gear: its readings and when first crack was marked. */
export interface ProbeLog {
  readonly readings: readonly Reading[];
  readonly firstCrackS: number;
  readonly yellowS?: number | undefined;
}

/** What a gear's probe has shown on its way to first crack, and how well that told the time that was left. */
export interface LearnedProbe {
  /** What it says now; undefined while it has nothing to say, or reads yellow so far off that it must have been moved. */
  readonly opinion: (
    readings: readonly Reading[],
    nowS: number,
    yellowS: number | undefined,
  ) => ProbeOpinion | undefined;
}
