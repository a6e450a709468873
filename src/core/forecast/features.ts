import type { Process } from '../bean/index.ts';
import { type MethodId, methodOf, type UsualSeconds } from '../gear/index.ts';
import type { Milestones, Wind } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';
import type { Prior } from './gaussianFit.ts';
import type { Features } from './rows.ts';

/** What is known of a roast before the beans go in, as far as it bears on its times. */
export interface Circumstances {
  readonly method: MethodId;
  readonly gearId: string;
  readonly lotId: string;
  readonly process: Process;
  readonly gramsPerMl?: number | undefined;
  readonly greenGrams: number;
  readonly ambientC?: number | undefined;
  readonly wind?: Wind | undefined;
  readonly gearHot?: boolean | undefined;
  /** Minutes from the last pull on this gear to the beans going in; counts before `gearHot`. */
  readonly sinceMin?: number | undefined;
  /** Heat in the first minute against where the control starts: 1 as usual. */
  readonly heat?: number | undefined;
  readonly shade: ShadeNumber;
}

/** An earlier roast: its circumstances and when it reached what. */
export interface PastRoast extends Circumstances {
  readonly reached: Milestones;
  /** When the last beans came out, Unix milliseconds, where that is known. */
  readonly pulledMs?: number | undefined;
}

// The order of the shared coefficients; effects of gear and lot follow them. The earlier milestone stays first: its part
// differs from stretch to stretch, everything else of a roast does not.
const F = {
  earlier: 0,
  mass: 1,
  ambient: 2,
  wind: 3,
  hot: 4,
  heat: 5,
  dense: 6,
  natural: 7,
  honey: 8,
  wetHulled: 9,
  decaf: 10,
} as const;
const SHARED = 11;
const PROCESS_FEATURES: Partial<Record<Process, number>> = {
  natural: F.natural,
  honey: F.honey,
  wetHulled: F.wetHulled,
  decaf: F.decaf,
};

const USUAL_AMBIENT_C = 18;
const USUAL_GRAMS_PER_ML = 0.7;
const WINDS = { calm: 0, breeze: 1, strong: 2.5 } as const satisfies Record<Wind, number>;

/** Where each gear of a history, and the lot at hand, has its coefficient. */
export interface Places {
  readonly gear: ReadonlyMap<string, number>;
  /** The lot that is asked about, and its place. */
  readonly lotId: string;
  readonly lot: number;
  readonly size: number;
}

/**
 * Gives every piece of gear a place, and the lot that is asked about; `asked` has both, whether it was roasted before or
 * not. Other lots have none: what is particular to them is noise here, and a coefficient for each would cost the most.
 */
export function placesOf(past: readonly Circumstances[], asked: Circumstances): Places {
  const all = [...past, asked];
  const gear = new Map([...new Set(all.map((each) => each.gearId))].map((id, i) => [id, SHARED + i]));
  return { gear, lotId: asked.lotId, lot: SHARED + gear.size, size: SHARED + gear.size + 1 };
}

/** The features of a roast; `earlier` is how far an earlier milestone lay off its own forecast, in logs. */
export function featuresOf(roast: Circumstances, places: Places, earlier = 0): Features {
  const { ambientC, gramsPerMl } = roast;
  const process = PROCESS_FEATURES[roast.process];
  const features: (readonly [number, number])[] = [
    [F.earlier, earlier],
    [F.mass, Math.log(roast.greenGrams / methodOf(roast.method).batchGrams.usual)],
    [places.gear.get(roast.gearId) as number, 1],
  ];
  if (roast.lotId === places.lotId) features.push([places.lot, 1]);
  if (ambientC !== undefined) features.push([F.ambient, (ambientC - USUAL_AMBIENT_C) / 10]);
  if (roast.wind !== undefined && roast.wind !== 'calm') features.push([F.wind, WINDS[roast.wind]]);
  const warmth = warmthOf(roast);
  if (warmth > 0) features.push([F.hot, warmth]);
  if (roast.heat !== undefined && roast.heat !== 1) features.push([F.heat, Math.log(Math.max(0.2, roast.heat))]);
  if (gramsPerMl !== undefined) features.push([F.dense, (gramsPerMl - USUAL_GRAMS_PER_ML) * 10]);
  if (process !== undefined) features.push([process, 1]);
  return features;
}

// Gear loses its heat by halves; a quarter of an hour is common roasting knowledge, what it does is learned on each gear.
const COOLS_MIN = 15;
/** Gear that was said to be hot, without the minutes: about so long after a pull the next beans go in. */
const SAID_HOT_MIN = 7;

/** How much of its heat the gear has left from the roast before, 0 to 1. */
export function warmthOf({ sinceMin, gearHot }: Pick<Circumstances, 'sinceMin' | 'gearHot'>): number {
  const minutes = sinceMin ?? (gearHot ? SAID_HOT_MIN : undefined);
  if (minutes === undefined || !(minutes >= 0)) return 0;
  const warmth = Math.exp(-minutes / COOLS_MIN);
  return warmth < LEAST_WARMTH ? 0 : warmth;
}
const LEAST_WARMTH = 0.02;

/** What is believed of a stretch before any roast. */
export interface StretchBelief {
  /** Its usual length on the method; its range gives how far gear differs. */
  readonly usual: UsualSeconds;
  readonly noiseSd: number;
  /** How strongly the circumstances act on this stretch against the time to first crack. */
  readonly share: number;
  /** How much of an earlier milestone's deviation carries over. */
  readonly carries: number;
  readonly carriesSd: number;
}

// How the circumstances act on the log of the time to first crack: mean and sd of the belief. Directions: handbook,
// section 4; sizes common roasting knowledge. A household's own roasts take over from them.
const MASS = { air: [-0.25, 0.25], contact: [0.4, 0.4], both: [0.2, 0.3] } as const;
const BELIEFS: readonly (readonly [number, number, number])[] = [
  [F.ambient, -0.05, 0.04],
  [F.wind, 0.04, 0.04],
  [F.hot, -0.14, 0.1],
  [F.heat, -0.65, 0.55],
  [F.dense, 0.05, 0.12],
  [F.natural, -0.01, 0.03],
  [F.honey, 0, 0.03],
  [F.wetHulled, 0, 0.03],
  [F.decaf, -0.02, 0.03],
];
const LOT_SD = 0.04;
/** Of the method's whole range this part is from gear to gear. */
const GEAR_PART = 0.92;
/** A range of 80 % is so many standard deviations wide. */
const RANGE_SDS = 2.563;

/** The prior of one stretch for a method and the gear and lots at hand. `methods` tells each gear's own method. */
export function priorOf(
  belief: StretchBelief,
  asked: Circumstances,
  places: Places,
  gearMean: (gearId: string) => UsualSeconds,
): Prior {
  const mean = new Float64Array(places.size);
  const sd = new Float64Array(places.size).fill(LOT_SD);
  const [massMean, massSd] = MASS[methodOf(asked.method).heatedBy];
  mean[F.mass] = massMean * belief.share;
  sd[F.mass] = massSd * Math.max(belief.share, 0.3);
  for (const [index, by, its] of BELIEFS) {
    mean[index] = by * belief.share;
    sd[index] = its * Math.max(belief.share, 0.3);
  }
  mean[F.earlier] = belief.carries;
  sd[F.earlier] = belief.carriesSd;
  for (const [id, place] of places.gear) {
    const usual = gearMean(id);
    mean[place] = Math.log(usual.medianS);
    sd[place] = (Math.log(usual.lateS / usual.earlyS) / RANGE_SDS) * GEAR_PART;
  }
  const { lateS, earlyS } = methodOf(asked.method).firstCrack;
  const rough = (Math.log(lateS / earlyS) / USUAL_LOG_RANGE) ** ROUGHER_BY;
  return { mean, sd, noiseSd: belief.noiseSd * rough, noiseWorth: NOISE_WORTH };
}

/** Methods whose times range wider from household to household are rougher from day to day too; fitted. */
const USUAL_LOG_RANGE = 0.62;
const ROUGHER_BY = 0.8;
/** The belief in the noise is worth so many roasts. */
const NOISE_WORTH = 3;
