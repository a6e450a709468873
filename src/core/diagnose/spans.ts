import { type Expectation, FREEDOM, lengthFrom, type Prediction, rangeEdge } from '../forecast/index.ts';
import { methodOf, type UsualSeconds } from '../gear/index.ts';
import { type Milestones, shownApartS } from '../roast/index.ts';
import { type ShadeNumber, shadeOf } from '../shade/index.ts';

/** A stretch of the roast against what is usual for it. */
export interface Span {
  /** As it is shown: between the times of the clock. */
  readonly seconds: number;
  readonly usual: UsualSeconds;
  /** How far it lies off, in standard deviations of the log: below 0 too short. */
  readonly off: number;
}

/** How each judged stretch is called in a sentence. */
export const spanNames = {
  drying: 'Drying',
  browning: 'Browning',
  middle: 'Browning',
  toFirstCrack: 'First crack',
  afterCrack: 'After first crack',
  pace: 'After first crack',
  total: 'The whole roast',
} as const;
/** A stretch that is judged. */
export type SpanKey = keyof typeof spanNames;
/** The stretches of a roast that could be judged. */
export type Spans = Readonly<Partial<Record<SpanKey, Span>>>;

/** However steady a household is, less of a difference is not tasted: 7 % of the stretch; common roasting knowledge. */
const LEAST_SD = 0.07;

/**
 * Every stretch that the marks give, against what this household's record says is usual on the gear. `middle` is browning
 * once it is known how drying went; `pace` is the time after first crack for the shade that was reached, `afterCrack`
 * for the one that was wanted.
 */
export function spansOf(reached: Milestones, usual: Expectation, wanted: ShadeNumber, got?: ShadeNumber): Spans {
  const { fits, usualTimes } = usual;
  const { yellow, firstCrack, pull } = reached;
  const spans: Partial<Record<SpanKey, Span>> = {};
  const judge = (key: SpanKey, fromS: number, toS: number, prediction: Prediction) => {
    const lasted = toS - fromS;
    if (lasted < 1) return;
    const sd = Math.max(prediction.sd, LEAST_SD);
    // The range is the one that it is judged by, so that what stands out also lies outside it.
    const off = (Math.log(lasted) - prediction.mean) / sd;
    spans[key] = { seconds: shownApartS(fromS, toS), usual: lengthFrom({ ...prediction, sd }), off };
  };
  const toYellow = fits.predict('toYellow');
  if (yellow !== undefined) judge('drying', 0, yellow, toYellow);
  if (firstCrack !== undefined) judge('toFirstCrack', 0, firstCrack, fits.predict('toFirstCrack'));
  if (yellow !== undefined && firstCrack !== undefined) {
    judge('browning', yellow, firstCrack, fits.predict('yellowToFirst'));
    judge('middle', yellow, firstCrack, fits.predict('yellowToFirst', fits.residualOf('toYellow', yellow)));
  }
  if (firstCrack !== undefined && pull !== undefined) {
    const to = (shade: ShadeNumber) => {
      const medium = fits.predict('firstToPull', 0, shade);
      return {
        ...medium,
        mean: medium.mean + Math.log(shadeOf(shade).afterCrackShare),
        // The beans have a colour, not a number: half a shade either way is the same pull.
        sd: Math.hypot(medium.sd, SHADE_SD / shadeOf(shade).afterCrackShare),
      };
    };
    judge('afterCrack', firstCrack, pull, to(wanted));
    if (got !== undefined) judge('pace', firstCrack, pull, to(got));
  }
  if (pull !== undefined) {
    const width = Math.log(usualTimes.pull.lateS / usualTimes.pull.earlyS) / (2 * rangeEdge(FREEDOM));
    judge('total', 0, pull, { mean: Math.log(usualTimes.pull.medianS), sd: width, freedom: FREEDOM });
  }
  return spans;
}

/** Steps between shades are about 0.25 of medium's time; a shade is seen to about half of one. */
const SHADE_SD = 0.12;

/** A whole roast beside its method's range for the shade, seconds (handbook, tables 4 and 5). */
export function againstMethod(method: Parameters<typeof methodOf>[0], pullS: number, shade: ShadeNumber) {
  const { pull, firstCrack } = methodOf(method);
  const byShade = (pull.medianS - firstCrack.medianS) * (shadeOf(shade).afterCrackShare - 1);
  return { seconds: pullS, earlyS: pull.earlyS + byShade, lateS: pull.lateS + byShade };
}
