import type { Forecast, UsualHere } from '../../forecast/index.ts';
import type { GearReminder, Method } from '../../gear/index.ts';
import type { LiveEntry, Milestones, Roast } from '../../roast/index.ts';
import type { ShadeNumber } from '../../shade/index.ts';
import type { FirstCrackC } from '../firstCrackC.ts';
import type { PlannedMoveNow } from '../plannedMoves.ts';
import type { PullDue } from '../pullsDue.ts';
import type { Reading } from '../rateOfRise.ts';

/** Writes amounts as the household wants them. */
interface HeatWords {
  readonly temperature: (celsius: number) => string;
  readonly degrees: (celsius: number) => string;
  readonly shade: (shade: ShadeNumber) => string;
}

/** How things stand at the heat: all that decides what is to be told. */
export interface HeatSituation {
  /** Seconds from charge; while preheating, seconds of preheat. */
  readonly nowS: number;
  readonly charged: boolean;
  readonly live: readonly LiveEntry[];
  /** What was marked. */
  readonly reached: Milestones;
  /** What was marked or can be heard from the taps; pulls and dangers count from it. */
  readonly heard: Milestones;
  readonly forecasts: readonly Forecast[];
  readonly usual: UsualHere;
  /** The pulls to come, the next first; the last one empties the gear. */
  readonly pulls: readonly PullDue[];
  readonly batch: Pick<Roast, 'greenGrams' | 'ambientC' | 'wind' | 'place'>;
  readonly method: Method;
  readonly moves: readonly PlannedMoveNow[];
  readonly reminders: readonly GearReminder[];
  readonly preheat: {
    readonly minutes?: number | undefined;
    readonly celsius?: number | undefined;
    readonly sign?: string | undefined;
  };
  /** Readings that nobody doubts, in order of time. */
  readonly readings: readonly Reading[];
  readonly firstC: FirstCrackC;
  /** The gear's own reading at first crack, where it has one. */
  readonly ownC: number | undefined;
  /** °C a minute, where readings bear it. */
  readonly ratePerMin: number | undefined;
  readonly words: HeatWords;
  /** What was put off: the key of each question, with its weight then. */
  readonly putOff: ReadonlyMap<string, number>;
}
