export { type Expectation, expectationFor, type ForecastMilestone, forecastMilestones } from './expectation.ts';
export { type Forecast, forecastFrom, knownOrExpected } from './forecast.ts';
