import { type Process, processes, traitsOf, USUAL_GRAMS_PER_ML } from '../bean/index.ts';
import { type MethodId, methodOf } from '../gear/index.ts';
import { type Milestones, type PullRule, USUAL_AMBIENT_C, type Wind } from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';
import type { Setting } from './heatSet.ts';
import type { Features } from './rows.ts';

/** What is known of a roast before the beans go in, as far as it bears on its times. */
export interface Circumstances {
  readonly method: MethodId;
  readonly gearId: string;
  readonly lotId: string;
  readonly process: Process;
  readonly gramsPerMl?: number | undefined;
  readonly greenGrams: number;
  /** The batch this gear usually takes, where somebody said so; else its own roasts say it. */
  readonly usualGrams?: number | undefined;
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
  /** What the pull was meant to go by. */
  readonly rule?: PullRule | undefined;
  /** What was set on its gear, as far as it was noted. */
  readonly settings?: readonly Setting[] | undefined;
  /** When the last beans came out, Unix milliseconds, where that is known. */
  readonly pulledMs?: number | undefined;
}

/**
 * The order of the shared coefficients; effects of gear and lot follow them. The earlier milestone stays first: its part
 * differs from stretch to stretch, everything else of a roast does not.
 */
export const FEATURE = {
  earlier: 0,
  mass: 1,
  ambient: 2,
  wind: 3,
  hot: 4,
  heat: 5,
  dense: 6,
} as const;
/** After them the processes that take another time than washed beans do. */
const FIRST_PROCESS = 7;
const differing = processes.flatMap((process) => {
  const { time } = traitsOf(process);
  return time ? [{ process, time }] : [];
});
/** A feature for each process that differs from washed, with its place. */
export const processFeatures = differing.map((each, i) => ({ ...each, column: FIRST_PROCESS + i }));
const SHARED = FIRST_PROCESS + differing.length;

const WINDS = { calm: 0, breeze: 1, strong: 2.5 } as const satisfies Record<Wind, number>;

/** Where each gear of a history, and the lot at hand, has its coefficient. */
export interface Places {
  readonly gear: ReadonlyMap<string, number>;
  /** The lot that is asked about, and its place. */
  readonly lotId: string;
  readonly lot: number;
  readonly gearId: string;
  /** Where stretches that end by somebody's eye have the slope over all shades, and each shade roasted on the asked gear. */
  readonly slope: number;
  readonly shades: ReadonlyMap<ShadeNumber, number>;
  /** The batch against which that gear's batches are held, grams. */
  readonly usualGrams: number;
  /** Coefficients of a stretch without and with those of the eye. */
  readonly size: number;
  readonly eyeSize: number;
}

/**
 * Gives every piece of gear a place, and the lot that is asked about; `asked` has both, whether it was roasted before or
 * not. Other lots have none: what is particular to them is noise here, and a coefficient for each would cost the most.
 */
export function placesOf(past: readonly Circumstances[], asked: Circumstances): Places {
  const gear = new Map([...new Set([...past, asked].map((each) => each.gearId))].map((id, i) => [id, SHARED + i]));
  const lot = SHARED + gear.size;
  const slope = lot + 1;
  const own = past.filter(({ gearId }) => gearId === asked.gearId);
  const shades = new Map([...new Set(own.map(({ shade }) => shade))].sort().map((shade, i) => [shade, slope + 1 + i]));
  return {
    gear,
    lotId: asked.lotId,
    lot,
    gearId: asked.gearId,
    slope,
    shades,
    usualGrams: usualBatch(own, asked),
    size: slope,
    eyeSize: slope + 1 + shades.size,
  };
}

/**
 * A gear's usual batch: as somebody said, or the middle of its roasts. Before any, a batch unlike the method's is half taken
 * for the size of the gear.
 */
function usualBatch(own: readonly Circumstances[], { usualGrams, greenGrams, method }: Circumstances): number {
  if (usualGrams !== undefined && usualGrams > 0) return usualGrams;
  const usual = methodOf(method).batchGrams.usual;
  const logs = own.map((each) => Math.log(each.greenGrams)).filter(Number.isFinite);
  if (logs.length === 0) return greenGrams > 0 ? Math.sqrt(greenGrams * usual) : usual;
  return Math.exp(logs.reduce((a, b) => a + b, 0) / logs.length);
}

/**
 * The features of a roast; `earlier` is how far an earlier milestone lay off its own forecast, in logs, `byEye` whether its
 * shade bears on the stretch.
 */
export function featuresOf(roast: Circumstances, places: Places, earlier = 0, byEye = false): Features {
  const { ambientC, gramsPerMl } = roast;
  const processAt = processFeatures.find(({ process }) => process === roast.process)?.column;
  const own = roast.gearId === places.gearId;
  const features: (readonly [number, number])[] = [];
  addInPlace(features, FEATURE.earlier, Number.isFinite(earlier) ? earlier : 0);
  addInPlace(features, places.gear.get(roast.gearId), 1);
  if (roast.lotId === places.lotId) addInPlace(features, places.lot, 1);
  if (gramsPerMl !== undefined) addInPlace(features, FEATURE.dense, (gramsPerMl - USUAL_GRAMS_PER_ML) * 10);
  addInPlace(features, processAt, 1);
  if (byEye) addInPlace(features, places.slope, Math.log(shadeOf(roast.shade).afterCrackShare));
  // What these do is particular to each gear: an air popper's weight must not teach a pan.
  if (!own) return features;
  if (byEye) addInPlace(features, places.shades.get(roast.shade), 1);
  addInPlace(features, FEATURE.mass, Math.log(roast.greenGrams / places.usualGrams));
  if (ambientC !== undefined) addInPlace(features, FEATURE.ambient, (ambientC - USUAL_AMBIENT_C) / 10);
  if (roast.wind !== undefined && roast.wind !== 'calm') addInPlace(features, FEATURE.wind, WINDS[roast.wind]);
  const warmth = warmthOf(roast);
  if (warmth > 0) addInPlace(features, FEATURE.hot, warmth);
  if (roast.heat !== undefined && roast.heat !== 1)
    addInPlace(features, FEATURE.heat, Math.log(Math.max(0.2, roast.heat)));
  return features;
}

/** A value that is none says nothing, and must not make everything else none. Outside: it is called thousands of times. */
function addInPlace(features: (readonly [number, number])[], index: number | undefined, value: number): void {
  if (index !== undefined && Number.isFinite(value)) features.push([index, value]);
}

// Gear loses its heat by halves; a quarter of an hour is common roasting knowledge, what it does is learned on each gear.
const COOLS_MIN = 15;
/** Gear that was said to be hot, without the minutes: about so long after a pull the next beans go in. */
const SAID_HOT_MIN = 7;

/** How much of its heat the gear has left from the roast before, 0 to 1. */
function warmthOf({ sinceMin, gearHot }: Pick<Circumstances, 'sinceMin' | 'gearHot'>): number {
  const minutes = sinceMin ?? (gearHot ? SAID_HOT_MIN : undefined);
  if (minutes === undefined || !(minutes >= 0)) return 0;
  const warmth = Math.exp(-minutes / COOLS_MIN);
  return warmth < LEAST_WARMTH ? 0 : warmth;
}
const LEAST_WARMTH = 0.02;
