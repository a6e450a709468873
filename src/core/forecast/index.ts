export { type Conditions, paceFactor, weatherWord } from './conditions.ts';
export {
  type Expectation,
  expectationFor,
  type ForecastMilestone,
  forecastMilestones,
  type Intent,
} from './expectation.ts';
export { type Forecast, forecastFrom, knownOrExpected } from './forecast.ts';
export { DEGREES_TO_SECOND_CRACK, type PullAt, pullAt } from './pullAt.ts';
