import type { Lot } from '../bean/index.ts';
import { lotAge } from '../bean/index.ts';
import {
  circumstancesOf,
  type Expectation,
  expectationFor,
  type ForecastQuestion,
  type PastRoast,
} from '../forecast/index.ts';
import { controlsOf, coolDownMinOf, type Gear, type Method, methodOf, usualGramsOf } from '../gear/index.ts';
import { rateOfRise, readingAt } from '../heat/index.ts';
import {
  believedMilestones,
  finalShade,
  type LiveEntry,
  liveEntries,
  type Milestones,
  meantShade,
  type Roast,
  roastedGrams,
} from '../roast/index.ts';
import { lossPercent, type ShadeNumber, shadeOf } from '../shade/index.ts';
import type { Cup } from '../taste/index.ts';
import { localDay } from '../units/index.ts';
import { type Complaint, complaintsOfCups, complaintsOfNote, wasLiked } from './complaints.ts';
import { type HeatControl, heatControl, heatNear } from './heatSet.ts';
import { againstMethod, type Spans, spansOf } from './spans.ts';

/** What a diagnosis is made from; everything but the roast may be missing. */
export interface CaseFacts {
  readonly roast: Roast;
  readonly lot: Lot | undefined;
  readonly gear: Gear | undefined;
  /** The household's earlier roasts, newest first, without this one. */
  readonly past: readonly PastRoast[];
  readonly cups: readonly Cup[];
  /** From the last pull on this gear to this charge, minutes. */
  readonly sinceLastMin?: number | undefined;
  /** This gear's own reading at first crack, °C. */
  readonly ownFirstCrackC?: number | undefined;
}

/** A roast as the rules read it: its figures against what is usual here, what was seen and what was tasted. */
export interface Case extends CaseFacts {
  readonly method: Method;
  readonly live: readonly LiveEntry[];
  readonly reached: Milestones;
  /** The same beans in the same gear as they are usually roasted here: usual batch and heat, cold gear, mild weather. */
  readonly usual: Expectation;
  /** Earlier roasts on this gear that say what is usual; 0 means the method's own figures do. */
  readonly ownRoasts: number;
  readonly usualGrams: number;
  readonly spans: Spans;
  readonly beyondMethod: -1 | 0 | 1;
  /** The shade that was meant for the last pull. */
  readonly meant: ShadeNumber;
  readonly got: ShadeNumber | undefined;
  /** Loss against table 5 for the shade it was given, in standard deviations; undefined when it was not weighed. */
  readonly lossOff: number | undefined;
  readonly lossPercent: number | undefined;
  readonly heat: HeatControl | undefined;
  /** Steps above (below 0) the usual setting in the first stretch, and from yellow to first crack. */
  readonly heatEarly: number;
  readonly heatMiddle: number;
  readonly heatLate: number;
  /** °C a minute at first crack and just before the pull, where the readings bear it. */
  readonly rateAtFirstCrack: number | undefined;
  readonly rateAtPull: number | undefined;
  /** Reading at the mark of first crack against the gear's own, °C. */
  readonly readingOffC: number | undefined;
  readonly stirs: number;
  readonly hot: boolean;
  readonly greenAge: ReturnType<typeof lotAge>;
  /** It was liked: then what stands out is a remark and no fault. */
  readonly liked: boolean;
  readonly complaints: ReadonlyMap<Complaint, readonly string[]>;
}

/** Reads a roast for the rules. */
export function caseOf(facts: CaseFacts): Case {
  const { roast, lot, gear, past } = facts;
  const live = liveEntries(roast.entries);
  const reached = believedMilestones(live);
  const own = past.filter((each) => each.gearId === roast.gearId);
  const its = gear ?? { method: 'other' as const };
  const asked = circumstancesOf(roast, lot, gear);
  const usualGrams = own.length >= ENOUGH ? median(own.map((each) => each.greenGrams)) : usualGramsOf(its);
  const question: ForecastQuestion = {
    ...asked,
    shade: meantShade(roast),
    greenGrams: usualGrams,
    gearHot: undefined,
    ambientC: undefined,
    wind: undefined,
    heat: own.length >= ENOUGH ? median(own.map((each) => each.heat ?? 1)) : undefined,
  };
  const usual = expectationFor(question, past);
  const got = finalShade(roast);
  const roasted = roastedGrams(roast);
  const loss = roasted === undefined ? undefined : lossPercent(roast.greenGrams, roasted);
  const meant = meantShade(roast);
  const shade = got ?? meant;
  const readings = live.flatMap((entry) =>
    entry.kind === 'reading' ? [{ at: entry.at, celsius: entry.celsius, streamed: entry.source === 'probe' }] : [],
  );
  const atCrack = reached.firstCrack === undefined ? undefined : readingAt(readings, reached.firstCrack);
  const heat = heatControl(controlsOf(its));
  const { yellow, firstCrack, pull } = reached;
  return {
    ...facts,
    method: methodOf(its.method),
    live,
    reached,
    usual,
    ownRoasts: usual.fromRoasts,
    usualGrams,
    spans: spansOf(reached, usual, meant, got),
    beyondMethod: pull === undefined ? 0 : againstMethod(its.method, pull, shade),
    meant,
    got,
    lossPercent: loss,
    lossOff: loss === undefined ? undefined : (loss - shadeOf(shade).lossPercent.mean) / LOSS_SD,
    heat,
    heatEarly: heatNear(live, heat, 0, yellow ?? usual.at.yellow.medianS),
    heatMiddle: heatNear(live, heat, yellow ?? usual.at.yellow.medianS, firstCrack ?? usual.at.firstCrack.medianS),
    heatLate: heatNear(live, heat, firstCrack ?? usual.at.firstCrack.medianS, pull ?? usual.at.pull.medianS),
    rateAtFirstCrack: firstCrack === undefined ? undefined : rateOfRise(readings, firstCrack),
    rateAtPull: pull === undefined ? undefined : rateOfRise(readings, pull),
    readingOffC:
      atCrack === undefined || facts.ownFirstCrackC === undefined ? undefined : atCrack - facts.ownFirstCrackC,
    stirs: live.filter((entry) => entry.kind === 'move' && entry.control === 'stir').length,
    hot:
      roast.gearHot === true ||
      (facts.sinceLastMin !== undefined && facts.sinceLastMin < HOT_SHARE * coolDownMinOf(its)),
    greenAge: lot && lotAge(lot, localDay(roast.createdAt)),
    liked: wasLiked(roast.stars, facts.cups),
    complaints: complaintsSeen(facts),
  };
}

/** So many roasts on a gear say what is usual on it. */
const ENOUGH = 4;
/** Between gears 1.5 points and within them 1 (handbook, section 5), together. */
const LOSS_SD = 1.8;
/** Gear that cooled for less than this part of its time counts as hot. */
const HOT_SHARE = 0.7;

/** Complaints of the cups, and those that the look of the beans makes. */
function complaintsSeen({ roast, cups }: CaseFacts): Map<Complaint, readonly string[]> {
  const found: Map<Complaint, readonly string[]> = new Map([
    ...complaintsOfNote(roast.note, roast.stars),
    ...complaintsOfCups(cups),
  ]);
  if (roast.evenness === 'patchy') found.set('uneven', ['patchy']);
  if (roast.spots === 'many') found.set('scorched', ['many spots']);
  if (roast.bite === 'palerInside' || roast.snap === 'hard')
    found.set('raw', [roast.bite === 'palerInside' ? 'paler inside' : 'hard to break']);
  return found;
}

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 === 1
    ? (sorted[Math.floor(half)] as number)
    : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
}
