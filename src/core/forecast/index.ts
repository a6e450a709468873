export { circumstancesOf, pastRoastOf } from './circumstances.ts';
export { type Conditions, weatherWord } from './conditions.ts';
export { expectationFor } from './expectation.ts';
export type { Circumstances, PastRoast } from './features.ts';
export { type Forecast, forecastFrom, knownOrExpected, type ProbeOpinion } from './forecast.ts';
export { GaussianFit, type Observation, type Prediction, type Prior } from './gaussianFit.ts';
export { lengthFrom } from './predictive.ts';
export { DEGREES_TO_SECOND_CRACK, type PullAt, pullAt } from './pullAt.ts';
export { type Expectation, type ForecastMilestone, type ForecastQuestion, forecastMilestones } from './question.ts';
