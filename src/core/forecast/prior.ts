import { methodOf, type UsualSeconds } from '../gear/index.ts';
import type { StretchBelief } from './beliefs.ts';
import { type Circumstances, FEATURE, type Places, processFeatures } from './features.ts';
import { FREEDOM, type Prior } from './gaussianFit.ts';
import { rangeEdge } from './predictive.ts';

// How the circumstances act on the log of the time to first crack: mean and sd of the belief. Directions: handbook,
// section 4; sizes common roasting knowledge. A household's own roasts take over from them.
const MASS = { air: [-0.25, 0.25], contact: [0.4, 0.4], both: [0.2, 0.3] } as const;
const BELIEFS: readonly (readonly [number, number, number])[] = [
  [FEATURE.ambient, -0.05, 0.04],
  [FEATURE.wind, 0.04, 0.04],
  [FEATURE.hot, -0.15, 0.1],
  [FEATURE.heat, -0.85, 0.55],
  [FEATURE.dense, 0.05, 0.12],
  ...processFeatures.map(({ column, time }) => [column, time.mean, time.sd] as const),
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
  const [massMean, massSd] = MASS[methodOf(asked.method).heatedBy];
  mean[FEATURE.mass] = massMean * belief.share;
  sd[FEATURE.mass] = massSd * Math.max(belief.share, 0.3);
  for (const [index, by, spread] of BELIEFS) {
    mean[index] = by * belief.share;
    sd[index] = spread * Math.max(belief.share, 0.3);
  }
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
