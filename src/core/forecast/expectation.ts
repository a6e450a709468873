import type { PastRoast } from './features.ts';
import { forecastFrom } from './forecast.ts';
import type { Expectation, ForecastQuestion } from './question.ts';
import { fitStretches } from './stretchFits.ts';

/**
 * Learns from the household's earlier roasts, on this gear and on others, what to expect of one more; they come
 * newest first. The first roast of all already has a forecast, from the method's figures.
 */
export function expectationFor(question: ForecastQuestion, past: readonly PastRoast[]): Expectation {
  const fits = fitStretches(past, question);
  const base = { question, fits };
  const forecasts = forecastFrom(base, {}, 0);
  const usualTimes = Object.fromEntries(
    forecasts.map((each) => [each.milestone, each]),
  ) as unknown as Expectation['usualTimes'];
  const fromRoasts = past.filter(
    (each) => each.gearId === question.gearId && each.reached.firstCrack !== undefined,
  ).length;
  return {
    ...base,
    usualTimes,
    fromRoasts,
    pullBy: forecasts.find(({ milestone }) => milestone === 'pull')?.by ?? 'rule',
  };
}
