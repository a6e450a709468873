import { max, median, quantileSorted } from 'd3-array';

/** What listening learnt of one roast whose first crack a person marked or took. */
export interface HeardOfRoast {
  /** How loud it usually was before first crack, dB of full scale. */
  readonly backgroundDb: number;
  /** How far its pops stood out of that, dB; the middle one. */
  readonly cracksDb: number;
  /** How surely three of four pops sounded like cracks, log odds. */
  readonly clear: number;
  /** What was taken for first crack before it, and taken back by the person: how surely half of that sounded so, log odds. */
  readonly mistaken?: number | undefined;
}

/** What is known of how a piece of gear sounds, from so many roasts. */
export interface GearEar extends HeardOfRoast {
  readonly roasts: number;
}

/** A pop as it was counted. */
export interface CountedPop {
  readonly at: number;
  readonly logOdds: number;
  readonly peakDb: number;
}

/** Fewer pops say nothing of a gear. */
const LEAST_POPS = 8;
/** Older roasts than the newest so many say little: the phone stands elsewhere by now. */
const NEWEST = 5;

/** What the pops of a rolling first crack say; undefined where too few were heard. */
export function heardOfRoast(
  pops: readonly CountedPop[],
  backgroundDb: number,
  mistaken: readonly CountedPop[],
): HeardOfRoast | undefined {
  if (pops.length < LEAST_POPS) return undefined;
  const odds = pops.map(({ logOdds }) => logOdds).sort((a, b) => a - b);
  const peakDb = median(pops, ({ peakDb }) => peakDb) as number;
  return {
    backgroundDb: tenth(backgroundDb),
    cracksDb: tenth(peakDb - backgroundDb),
    clear: tenth(quantileSorted(odds, 0.25) as number),
    ...(mistaken.length > 0 && { mistaken: tenth(median(mistaken, ({ logOdds }) => logOdds) as number) }),
  };
}

const tenth = (value: number) => Math.round(value * 10) / 10;

/** How a gear sounds, by what was heard of its roasts, newest first; undefined where nothing was. */
export function gearEar(heard: readonly HeardOfRoast[]): GearEar | undefined {
  const newest = heard.slice(0, NEWEST);
  if (newest.length === 0) return undefined;
  const middle = (key: 'backgroundDb' | 'cracksDb' | 'clear') => median(newest, (each) => each[key]) as number;
  return {
    roasts: newest.length,
    backgroundDb: middle('backgroundDb'),
    cracksDb: middle('cracksDb'),
    clear: middle('clear'),
    mistaken: max(newest, ({ mistaken }) => mistaken),
  };
}

/** It asks for so much less than what three of four pops reach, log odds. */
const BELOW_CLEAR = 1;
/** And never for more than this: another bean may sound otherwise. */
const MOST_ASKED = 2;

/** How surely something must sound like a pop on this gear at least, log odds: more than what was mistaken for one, less than its pops. */
export const leastOn = ({ clear, mistaken }: GearEar): number =>
  Math.min(clear, MOST_ASKED, Math.max(clear - BELOW_CLEAR, mistaken ?? clear - BELOW_CLEAR));

/** A background so far from the usual one is another place, another day's fan or a phone in a pocket, dB. */
const UNLIKE_DB = 10;

/** Whether it sounds now as it usually does on this gear. */
export const soundsAsUsual = ({ backgroundDb }: GearEar, nowDb: number): boolean =>
  Math.abs(nowDb - backgroundDb) <= UNLIKE_DB;

/** How far pops must stand out to be called clear, or to be told at all, dB. Ours. */
const STANDS_OUT_DB = { clearly: 18, somewhat: 8 };
/** From here on three of four pops sound surely like pops, log odds. */
const CLEAR = 1.5;

/** How well pops stand out of the noise of a gear. */
export function cracksStandOut({ cracksDb }: GearEar): 'clearly' | 'somewhat' | 'hardly' {
  if (cracksDb >= STANDS_OUT_DB.clearly) return 'clearly';
  return cracksDb >= STANDS_OUT_DB.somewhat ? 'somewhat' : 'hardly';
}

/** Whether pops of a gear sound like nothing else. */
export const soundsClear = ({ clear }: GearEar): boolean => clear >= CLEAR;
