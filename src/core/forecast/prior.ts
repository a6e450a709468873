import { methodOf, type UsualSeconds } from '../gear/index.ts';
import type { StretchBelief } from './beliefs.ts';
import { type Circumstances, FEATURE, type Places, processFeatures } from './features.ts';
import { FREEDOM, type Prior } from './gaussianFit.ts';
import { rangeEdge } from './predictive.ts';

// How the circumstances act on the log of the time to first crack: mean and sd of the belief. Directions: handbook,
// section 4; sizes common roasting knowledge. A household's own roasts take over from them.
const MASS = { air: [-0.6, 0.45], contact: [0.4, 0.4], both: [0.2, 0.3] } as const;
// What the gear has kept from the roast before counts for more where a socket limits how much heat there is.
const HOT = { socket: [-0.25, 0.18], other: [-0.15, 0.15] } as const;
const BELIEFS: readonly (readonly [number, number, number])[] = [
  [FEATURE.ambient, -0.05, 0.04],
  [FEATURE.dense, 0.05, 0.12],
  ...processFeatures.map(({ column, time }) => [column, time.mean, time.sd] as const),
];
/** What is set, and the wind that takes of it. */
const OF_HEAT: readonly (readonly [number, number, number])[] = [
  [FEATURE.wind, 0.04, 0.04],
  [FEATURE.heat, -0.85, 0.55],
];
/** Gear differs by at least so much of its method's range, whatever a roast differs from the next. */
const LEAST_GEAR_PART = 0.7;

/** The prior of one stretch for a method and the gear and lots at hand; `gearMean` gives each gear's usual length of it. */
export function priorOf(
  belief: StretchBelief,
  asked: Circumstances,
  places: Places,
  gearMean: (gearId: string) => UsualSeconds,
): Prior {
  const mean = new Float64Array(belief.eye ? places.eyeSize : places.size);
  const sd = new Float64Array(mean.length).fill(belief.eye?.shadeSd ?? 0);
  if (belief.eye) sd[places.slope] = belief.eye.slopeSd;
  sd[places.lot] = belief.lotSd;
  const { heatedBy, heatFrom } = methodOf(asked.method);
  const acts = (all: typeof BELIEFS, share: number) => {
    for (const [index, by, spread] of all) {
      mean[index] = by * share;
      sd[index] = spread * Math.max(share, 0.3);
    }
  };
  const hot = HOT[heatFrom === 'socket' ? 'socket' : 'other'];
  acts([...BELIEFS, [FEATURE.mass, ...MASS[heatedBy]], [FEATURE.hot, ...hot]], belief.share);
  acts(OF_HEAT, belief.heatShare ?? belief.share);
  mean[FEATURE.earlier] = belief.residualCorrelation;
  sd[FEATURE.earlier] = belief.residualCorrelationSd;
  const { lateS, earlyS } = methodOf(asked.method).firstCrack;
  const rough = (Math.log(lateS / earlyS) / USUAL_LOG_RANGE) ** ROUGHER_BY;
  const noiseSd = belief.noiseSd * rough;
  for (const [id, place] of places.gear) {
    const usual = gearMean(id);
    mean[place] = Math.log(usual.medianS);
    // The first roast on a gear has its method's range: what differs from roast to roast is part of it.
    const whole = Math.log(usual.lateS / usual.earlyS) / (2 * rangeEdge(FREEDOM));
    sd[place] = Math.sqrt(Math.max(whole ** 2 - noiseSd ** 2, (LEAST_GEAR_PART * whole) ** 2));
  }
  return { mean, sd, noiseSd, noiseWorth: NOISE_WORTH };
}

/** Methods whose times range wider from household to household are rougher from day to day too; fitted. */
const USUAL_LOG_RANGE = 0.62;
const ROUGHER_BY = 0.8;
/** The belief in the noise is worth so many roasts. */
const NOISE_WORTH = 3;
