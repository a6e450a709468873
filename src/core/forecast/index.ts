export { circumstancesAt, circumstancesOf, pastRoastOf, type RoastTold, toldBy } from './circumstances.ts';
export { MATTERS_C, weatherWord } from './conditions.ts';
export { expectationFor } from './expectation.ts';
export type { Circumstances, PastRoast } from './features.ts';
export {
  type Forecast,
  forecastFrom,
  knownOrExpected,
  type ProbeOpinion,
  type PullWish,
  pullForecast,
} from './forecast.ts';
export { FREEDOM, GaussianFit, type Prediction } from './gaussianFit.ts';
export { type Setting, settingAt, settingsOf, stepsAbove } from './heatSet.ts';
export { type HeatSteps, type HeatStretch, heatStepsOf, heatStretches, usualHeat } from './heatSteps.ts';
export { overdispersionOf as loosenessOf } from './overdispersion.ts';
export { pastRoastsOf, sinceMinOf } from './pastRoasts.ts';
export { lengthFrom, rangeEdge } from './predictive.ts';
export {
  DEGREES_TO_SECOND_CRACK,
  goesByShade,
  meantPullS,
  pullAt,
  SECOND_CRACK_LATE_S,
  wantedIntoSecondS,
} from './pullAt.ts';
export type { Expectation, ForecastQuestion } from './question.ts';
export { packRows } from './rows.ts';
export { KNOWN_FROM, type UsualHere, usualHere } from './usualHere.ts';
