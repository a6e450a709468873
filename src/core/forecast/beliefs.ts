import { type MethodId, methodOf, type UsualSeconds } from '../gear/index.ts';
import { FIRST_CRACK_END_SHARE, SECOND_CRACK_SHARE } from '../shade/index.ts';

/** The stretches that are learned, each as the log of its length. */
export type StretchKey = 'toYellow' | 'toFirstCrack' | 'yellowToFirst' | 'firstCrack' | 'firstToSecond' | 'firstToPull';

/** What is believed of a stretch before any roast. */
export interface StretchBelief {
  /** Its usual length on the method; its range gives how far gear differs. */
  readonly usual: UsualSeconds;
  readonly noiseSd: number;
  /** How strongly the circumstances act on this stretch against the time to first crack. */
  readonly share: number;
  /** The same of the heat that is set and the wind; as `share` where it is absent. */
  readonly heatShare?: number;
  /** How much of an earlier milestone's deviation carries over. */
  readonly residualCorrelation: number;
  readonly residualCorrelationSd: number;
  /** How far lots differ. */
  readonly lotSd: number;
  /** How far a household's eye for shades differs from the table's, over all shades and at one, where it ends by eye. */
  readonly eye?: { readonly slopeSd: number; readonly shadeSd: number };
  /** Of how far the gear's last roasts lay off, so much is there again. */
  readonly persistence: number;
}

/** How far gear differs from yellow to first crack, and after it, against the whole range to a stretch's end. Fitted. */
const BROWNING_WIDTHS = 1.1;
const AFTER_WIDTHS = 0.95;

/** Usual length of a stretch on a method (handbook, table 4). */
export function usualStretch(method: MethodId, key: StretchKey): UsualSeconds {
  const { yellow, firstCrack, pull } = methodOf(method);
  const between = (a: UsualSeconds, b: UsualSeconds, share: number, widths: number): UsualSeconds => {
    const medianS = (b.medianS - a.medianS) * share;
    const spread = (b.lateS / b.earlyS) ** (widths / 2);
    return { medianS, earlyS: medianS / spread, lateS: medianS * spread };
  };
  switch (key) {
    case 'toYellow':
      return yellow;
    case 'toFirstCrack':
      return firstCrack;
    case 'yellowToFirst':
      return between(yellow, firstCrack, 1, BROWNING_WIDTHS);
    case 'firstCrack':
      return between(firstCrack, pull, FIRST_CRACK_END_SHARE, AFTER_WIDTHS);
    case 'firstToSecond':
      return between(firstCrack, pull, SECOND_CRACK_SHARE, AFTER_WIDTHS);
    case 'firstToPull':
      return between(firstCrack, pull, 1, AFTER_WIDTHS);
  }
}

/** Beliefs of a stretch that ends with the beans, not with somebody's eye. */
const beans = { lotSd: 0.04, persistence: 0 };
/** Of the pace of the last roasts on a gear so much stays for the next; heard once, then the roast itself tells. Fitted. */
const PERSISTENCE = 0.25;
/** What is believed of each stretch before any roast is known: how far it spreads, and what moves it. Ours, widths from handbook table 4. */
export const beliefs: Readonly<Record<StretchKey, Omit<StretchBelief, 'usual'>>> = {
  toYellow: {
    noiseSd: 0.07,
    share: 0.9,
    residualCorrelation: 0,
    residualCorrelationSd: 0.01,
    ...beans,
    persistence: PERSISTENCE,
  },
  toFirstCrack: {
    noiseSd: 0.065,
    share: 1,
    residualCorrelation: 0,
    residualCorrelationSd: 0.01,
    ...beans,
    persistence: PERSISTENCE,
  },
  yellowToFirst: {
    noiseSd: 0.09,
    share: 1.1,
    // The nearer the beans come to what heats them, the more a little more heat does.
    heatShare: 1.5,
    residualCorrelation: 0.9,
    residualCorrelationSd: 0.4,
    ...beans,
  },
  firstCrack: { noiseSd: 0.2, share: 0.8, residualCorrelation: 0.5, residualCorrelationSd: 0.5, ...beans },
  firstToSecond: { noiseSd: 0.13, share: 0.9, residualCorrelation: 0.6, residualCorrelationSd: 0.5, ...beans },
  firstToPull: {
    noiseSd: 0.14,
    share: 0.8,
    residualCorrelation: 0.5,
    residualCorrelationSd: 0.35,
    lotSd: 0.08,
    eye: { slopeSd: 0.25, shadeSd: 0.1 },
    persistence: 0,
  },
};
