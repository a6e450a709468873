// What is expected of roasts to come by the demo household's record and without any, and what is left of it as a roast goes on.
import { it } from 'node:test';
import {
  circumstancesOf,
  expectationFor,
  type ForecastQuestion,
  forecastFrom,
  heatStepsOf,
  pullForecast,
  settingsOf,
  usualHere,
  weatherWord,
} from '@/core/forecast';
import { controlsOf, heatControl, methodIds } from '@/core/gear';
import { liveEntries, milestonesOf } from '@/core/roast';
import { demo, demoGear, demoLots, demoPast } from '../demo.ts';
import { assertPinned } from '../pinned.ts';

const spread = (all: readonly { milestone: string; earlyS: number; medianS: number; lateS: number }[]) =>
  all.map(
    ({ milestone, earlyS, medianS, lateS }) =>
      `${milestone} ${[earlyS, medianS, lateS].map((s) => s.toFixed(1)).join(' ')}`,
  );

function asTheRoastGoesOn(question: ForecastQuestion, reached: Record<string, number | undefined>) {
  const expectation = expectationFor(question, demoPast);
  const moments = [30, 150, 300, 500, 700];
  return {
    from: `${expectation.fromRoasts} ${expectation.pullBy}`,
    usual: usualHere(expectation),
    at: moments.map((nowS) => {
      const known = Object.fromEntries(
        Object.entries(reached).filter(([name, s]) => name !== 'pull' && s !== undefined && s <= nowS),
      );
      return spread([
        ...forecastFrom(expectation, known, nowS),
        ...forecastFrom(expectation, known, nowS, { mean: Math.log(90), sd: 0.2, freedom: 9 }),
        pullForecast(expectation, { shade: 6, rule: { kind: 'firstSnaps' } }, known, nowS),
      ]).join(' · ');
    }),
  };
}

it('the same is expected of the same roasts', () => {
  const newest = demo.roasts.filter((_, i) => i % 5 === 0);
  const asked = newest.map((roast) => {
    const gear = demoGear.get(roast.gearId);
    const live = liveEntries(roast.entries);
    const question = { ...circumstancesOf(roast, demoLots.get(roast.lotId), gear), rule: roast.pullRule };
    const control = heatControl(controlsOf(gear));
    return [
      `${roast.createdAt} ${gear?.nickname}`,
      {
        ...asTheRoastGoesOn(question, milestonesOf(live)),
        set: settingsOf(roast.plannedMoves, live),
        steps: control ? heatStepsOf(settingsOf(roast.plannedMoves, live), control, milestonesOf(live)) : 'none',
      },
    ];
  });
  assertPinned('forecast', Object.fromEntries(asked));
});

it('and of methods without a record', () => {
  const weathers = [{}, { ambientC: 2, wind: 'strong' }, { ambientC: 38 }, { ambientC: 10, wind: 'light' }] as const;
  const rows = methodIds.map((method) => {
    const questions = ([2, 4, 6] as const).flatMap((shade) =>
      weathers.map(
        (weather) =>
          ({
            method,
            gearId: 'gear:a',
            lotId: 'lot:a',
            process: shade === 4 ? 'natural' : 'decaf',
            greenGrams: 60 * shade,
            shade,
            gearHot: shade === 2,
            ...weather,
          }) as unknown as ForecastQuestion,
      ),
    );
    return [
      method,
      questions.map(
        (question) =>
          `${weatherWord(question, method) ?? 'mild'}: ${spread(Object.entries(expectationFor(question, []).usualTimes).map(([milestone, at]) => ({ milestone, ...at }))).join(' · ')}`,
      ),
    ];
  });
  assertPinned('methods', Object.fromEntries(rows));
});
