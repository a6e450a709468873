import type { Lot } from '../bean/index.ts';
import { lotAge } from '../bean/index.ts';
import { middleOf } from '../chance/index.ts';
import {
  circumstancesOf,
  type Expectation,
  expectationFor,
  type ForecastQuestion,
  KNOWN_FROM,
  meantPullS,
  type PastRoast,
  settingsOf,
} from '../forecast/index.ts';
import {
  controlsOf,
  coolDownMinOf,
  type Gear,
  gramsOnTray,
  heatControl,
  type Method,
  methodOf,
  traysOf,
  usualGramsOf,
} from '../gear/index.ts';
import { probeMovedByC, rateOfRise, readingAt, trustedReadings } from '../heat/index.ts';
import { type Written, type WrittenAs, writtenAs } from '../household/index.ts';
import {
  asSeen,
  believedMilestones,
  finalShade,
  type LiveEntry,
  liveEntries,
  type Milestones,
  meantShade,
  type Roast,
  roastedGrams,
  USUAL_AMBIENT_C,
} from '../roast/index.ts';
import { believableLoss, type ShadeNumber, shadeOf } from '../shade/index.ts';
import type { Cup } from '../taste/index.ts';
import { localDay } from '../units/index.ts';
import { wasLiked } from './complaints.ts';
import { type HeatHere, heatHere } from './heatHere.ts';
import { complaintsOf, type PulledPart, partsOf, type Seen, withoutCrackAtPull } from './seen.ts';
import { againstMethod, type Spans, spansOf } from './spans.ts';

/** What a diagnosis is made from; everything but the roast may be missing. */
export interface CaseFacts {
  readonly roast: Roast;
  readonly lot: Lot | undefined;
  readonly gear: Gear | undefined;
  /** The household's earlier roasts, newest first, without this one. */
  readonly past: readonly PastRoast[];
  readonly cups: readonly Cup[];
  /** A jar of it was frozen, which keeps it longer than its days tell. */
  readonly frozen?: boolean | undefined;
  /** From the last pull on this gear to this charge, minutes. */
  readonly sinceLastMin?: number | undefined;
  /** This gear's own reading at first crack, °C. */
  readonly ownFirstCrackC?: number | undefined;
  /** How the household writes amounts, temperatures and shades. */
  readonly units?: WrittenAs | undefined;
}

/** How dark it was meant to be and came out. */
interface Shades {
  /** The shade that was meant for the last pull. */
  readonly meant: ShadeNumber;
  readonly got: ShadeNumber | undefined;
  /** Each pull with the shade that was planned for it: one, or the parts of a staged pull. */
  readonly parts: readonly PulledPart[];
}

/** When it was pulled. */
interface Pulled {
  /** How much later (below 0 sooner) than its rule named, seconds; undefined where it names no time. */
  readonly lateS: number | undefined;
  /** First crack was pressed at the pull itself: when it began nobody knows. */
  readonly atCrack: boolean;
}

/** What was weighed; undefined when it was not, or when it cannot be. */
interface Loss {
  readonly percent: number | undefined;
  /** Against table 5 for the shade it was given, in standard deviations. */
  readonly off: number | undefined;
}

/** °C a minute at first crack and just before the pull, where the readings bear it. */
interface Rates {
  readonly atFirstCrack: number | undefined;
  readonly atPull: number | undefined;
}

/** A roast as the rules read it: its figures against what is usual here, what was seen and what was tasted. */
export interface Case extends CaseFacts, Seen {
  readonly method: Method;
  readonly live: readonly LiveEntry[];
  readonly reached: Milestones;
  /** The same beans in the same gear as they are usually roasted here: usual batch and heat, cold gear, mild weather. */
  readonly usual: Expectation;
  /** Earlier roasts on this gear that say what is usual; 0 means the method's own figures do. */
  readonly ownRoasts: number;
  readonly usualGrams: number;
  /** The air that is usual here, °C. */
  readonly usualAmbientC: number;
  readonly spans: Spans;
  /** The same stretches against the method's own range, whatever is usual here. */
  readonly byMethod: Spans;
  /** The whole roast beside its method's range. */
  readonly methodRange: ReturnType<typeof againstMethod> | undefined;
  readonly shades: Shades;
  readonly pulled: Pulled;
  readonly loss: Loss;
  readonly rates: Rates;
  readonly heat: HeatHere;
  /** How far the reading at first crack is off the gear's own, °C, where that is far enough to ask. */
  readonly probeOffC: number | undefined;
  readonly stirs: number;
  readonly hot: boolean;
  readonly greenAge: ReturnType<typeof lotAge>;
  /** It was liked: then what stands out is a remark and no fault. */
  readonly liked: boolean;
  readonly written: Written;
}

/** Reads a roast for the rules. */
export function caseOf(facts: CaseFacts): Case {
  const { lot, gear, past } = facts;
  const roast = asSeen(facts.roast);
  const live = liveEntries(roast.entries);
  const meant = meantShade(roast);
  const { crackAtPull, ...believed } = withoutCrackAtPull(believedMilestones(live), meant);
  const reached: Milestones = believed;
  const own = past.filter((each) => each.gearId === roast.gearId);
  const itsGear = gear ?? { method: 'other' as const };
  const asked = circumstancesOf(roast, lot, gear);
  const known = own.length >= KNOWN_FROM;
  const usualOnTray =
    (known ? middleOf(own.map((each) => each.greenGrams)) : undefined) ?? gramsOnTray(gear, usualGramsOf(itsGear));
  const usualGrams = usualOnTray * traysOf(itsGear);
  const ambients = known ? own.flatMap(({ ambientC }) => (ambientC === undefined ? [] : [ambientC])) : [];
  const question: ForecastQuestion = {
    ...asked,
    shade: meant,
    greenGrams: usualOnTray,
    gearHot: undefined,
    ambientC: undefined,
    wind: undefined,
    heat: known ? middleOf(own.map((each) => each.heat ?? 1)) : undefined,
  };
  const usual = expectationFor(question, past);
  const got = finalShade(roast);
  const loss = believableLoss(roast.greenGrams, roastedGrams(roast));
  const shade = got ?? meant;
  const readings = trustedReadings(live);
  const atCrack = reached.firstCrack === undefined ? undefined : readingAt(readings, reached.firstCrack);
  const { firstCrack, pull } = reached;
  const expected = {
    yellow: usual.usualTimes.yellow.medianS,
    firstCrack: usual.usualTimes.firstCrack.medianS,
    pull: usual.usualTimes.pull.medianS,
  };
  const settings = settingsOf(roast.plannedMoves, live);
  const rulesAt = roast.plannedParts ? undefined : meantPullS(roast.pullRule, reached);
  return {
    ...facts,
    roast,
    method: methodOf(itsGear.method),
    live,
    reached,
    usual,
    ownRoasts: usual.fromRoasts,
    usualGrams,
    usualAmbientC: middleOf(ambients) ?? USUAL_AMBIENT_C,
    spans: spansOf(reached, usual, meant, got),
    byMethod: spansOf(reached, expectationFor(asTheMethod(question), []), meant, got),
    methodRange: pull === undefined ? undefined : againstMethod(itsGear.method, pull, shade),
    shades: { meant, got, parts: partsOf(roast, live, meant, got) },
    pulled: { lateS: rulesAt === undefined || pull === undefined ? undefined : pull - rulesAt, atCrack: crackAtPull },
    loss: {
      percent: loss,
      off: loss === undefined ? undefined : (loss - shadeOf(shade).lossPercent.mean) / LOSS_SD,
    },
    heat: heatHere(heatControl(controlsOf(itsGear)), settings, { ...expected, ...reached }, own),
    rates: {
      atFirstCrack: firstCrack === undefined ? undefined : rateOfRise(readings, firstCrack),
      atPull: pull === undefined ? undefined : rateOfRise(readings, pull),
    },
    probeOffC: probeMovedByC(atCrack, facts.ownFirstCrackC),
    stirs: live.filter((entry) => entry.kind === 'move' && entry.control === 'stir').length,
    hot:
      roast.gearHot === true ||
      (facts.sinceLastMin !== undefined && facts.sinceLastMin < HOT_SHARE * coolDownMinOf(itsGear)),
    greenAge: lot && lotAge(lot, localDay(roast.createdAt)),
    liked: wasLiked(roast.stars, facts.cups),
    written: writtenAs(facts.units),
    ...complaintsOf(roast, facts.cups, facts.frozen ?? false),
  };
}

/** The same as the method has it: its usual batch, its usual heat. */
const asTheMethod = (question: ForecastQuestion): ForecastQuestion => ({
  ...question,
  heat: undefined,
  usualGrams: undefined,
  greenGrams: methodOf(question.method).batchGrams.usual,
});

/** Between gears 1.5 points and within them 1 (handbook, section 5), together. */
const LOSS_SD = 1.8;
/** Gear that cooled for less than this part of its time counts as hot. */
const HOT_SHARE = 0.7;
