import { seededRandom } from '../src/core/chance/index.ts';
import { expectationFor, forecastFrom } from '../src/core/forecast/index.ts';
import { methodOf } from '../src/core/gear/index.ts';
import { simulateRoast } from '../src/core/simulate/index.ts';
import { type Figure, quantile } from './report.ts';
import { usualScenario } from './scenarios/scenario.ts';
import { simulateHousehold } from './scenarios/simulateHousehold.ts';

/** How fast the core is by itself: whole simulated roasts, and a forecast with 500 past roasts. */
export function coreFigures(): Figure[] {
  const random = seededRandom(9);
  const { controls } = methodOf('stovetopPopper');
  const roastOnce = () =>
    simulateRoast(
      { method: 'stovetopPopper', controls, lot: { process: 'washed' }, greenGrams: 225 },
      { shade: 4 },
      random,
    );
  const timed = (times: number, work: () => void) => {
    const spent = Array.from({ length: times }, () => {
      const at = performance.now();
      work();
      return performance.now() - at;
    });
    return quantile(spent, 0.5);
  };
  for (let i = 0; i < 40; i++) roastOnce();
  const past = simulateHousehold(['hotAirPopper', 'stovetopPopper', 'oven'], 520, usualScenario, random).slice(0, 500);
  const asked = past[0] as (typeof past)[number];
  const learn = () => void forecastFrom(expectationFor(asked, past), { yellow: 120 }, 130);
  const expectation = expectationFor(asked, past);
  const update = () => void forecastFrom(expectation, { yellow: 120 }, 130);
  for (let i = 0; i < 60; i++) learn();
  return [
    { what: 'one whole simulated roast, median of 100', value: timed(100, roastOnce), most: 10, unit: 'ms' },
    {
      what: `forecast learned anew from ${past.length} past roasts, median of 40`,
      value: timed(40, learn),
      most: 5,
      unit: 'ms',
    },
    { what: 'the same forecast updated during the roast', value: timed(40, update), most: 5, unit: 'ms' },
  ];
}
