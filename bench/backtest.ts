// How good the forecast is, on histories made by the simulation: after each roast the next one is forecast and compared.
import { seededRandom } from '../src/core/chance/index.ts';
import { expectationFor, forecastFrom, type PastRoast } from '../src/core/forecast/index.ts';
import { type MethodId, methodIds } from '../src/core/gear/index.ts';
import type { Milestones } from '../src/core/roast/index.ts';

import { quantile } from './report.ts';
import { type Moment, moments, type Rival, rivalStretch, rivals, stretchAt } from './rivals.ts';
import { type Scenario, type ScenarioName, type ScenarioRoast, scenarios } from './scenarios/scenario.ts';
import { simulateHousehold } from './scenarios/simulateHousehold.ts';

/** One forecast that was made and what came of it. */
interface Outcome {
  readonly moment: Moment;
  readonly household: string;
  readonly world: ScenarioName;
  readonly method: MethodId;
  /** Roasts on the gear before this one. */
  readonly earlier: number;
  readonly byClock: boolean;
  /** Error against the truth, per cent, ours and the rivals'. */
  readonly off: Readonly<Record<'ours' | Rival, number>>;
  readonly inside: boolean;
}

/** Runs every world with its own seed, so many households each, and prints the tables. */
export function printBacktest(households: number, seed: number): void {
  const names = Object.keys(scenarios) as ScenarioName[];
  const all = names.flatMap((name, i) => backtest(name, scenarios[name], households, seed + i));
  console.log(
    `\nForecast backtest, ${households} simulated households in each of ${names.length} worlds, seeds ${seed} to ${seed + names.length - 1}, ${all.length} forecasts`,
  );
  console.log(
    'Mean absolute error, %, with the interval that holds 90 % of resampled households; in brackets, inside 80 %',
  );
  printRow('', moments);
  printTable(all, 'all', () => true);
  for (const name of names) printTable(all, name, ({ world }) => world === name);
  printTable(all, 'by eye', ({ byClock }) => !byClock);
  printTable(all, 'by the clock', ({ byClock }) => byClock);
  for (const [title, from, to] of [
    ['no roast on the gear', 0, 0],
    ['one', 1, 1],
    ['2 or 3', 2, 3],
    ['4 to 7', 4, 7],
    ['8 and more', 8, 999],
  ] as const)
    printTable(all, title, ({ earlier }) => earlier >= from && earlier <= to);
  for (const method of methodIds) printTable(all, method, (each) => each.method === method);
  console.log('Simple ways on the same roasts, %');
  for (const rival of rivals) printTable(all, rival, () => true, rival);
}

function backtest(name: ScenarioName, world: Scenario, households: number, seed: number): Outcome[] {
  const random = seededRandom(seed);
  return Array.from({ length: households }, (_, i) => {
    const methods = Array.from(
      { length: 1 + Math.floor(random() * 3) },
      (_, k) => methodIds[(i + k * 3 + (k > 0 ? Math.floor(random() * 8) : 0)) % 8] as MethodId,
    );
    const roasts = simulateHousehold([...new Set(methods)], 12 + Math.floor(random() * 69), world, random);
    return roasts.flatMap((_, at) => outcomesOf(roasts, at, name, `${name}${i}`));
  }).flat();
}

function outcomesOf(roasts: readonly ScenarioRoast[], at: number, world: ScenarioName, household: string): Outcome[] {
  const asked = roasts[at] as ScenarioRoast;
  const past = roasts.slice(0, at);
  const expectation = expectationFor(asked, past.toReversed() as readonly PastRoast[]);
  const earlier = past.filter(
    ({ gearId, reached }) => gearId === asked.gearId && reached.firstCrack !== undefined,
  ).length;
  return moments.flatMap((moment): Outcome[] => {
    const [fromS] = stretchAt(moment, asked.reached) ?? [];
    const truthS = moment.startsWith('pull') ? asked.truth.pull : asked.truth.firstCrack;
    if (fromS === undefined || truthS <= fromS) return [];
    const milestone = moment.startsWith('pull') ? 'pull' : 'firstCrack';
    const found = forecastFrom(expectation, reachedBy(moment, asked.reached), fromS).find(
      (each) => each.milestone === milestone,
    );
    if (!found) return [];
    const off = (atS: number) => (100 * Math.abs(atS - truthS)) / truthS;
    const theirs = rivals.map((rival) => [rival, off(fromS + rivalStretch(rival, moment, past, asked))]);
    return [
      {
        moment,
        household,
        world,
        method: asked.method,
        earlier,
        byClock: asked.rule !== undefined,
        off: { ours: off(found.medianS), ...Object.fromEntries(theirs) } as Outcome['off'],
        inside: truthS >= found.earlyS && truthS <= found.lateS,
      },
    ];
  });
}

function reachedBy(moment: Moment, { yellow, firstCrack }: Milestones): Milestones {
  if (moment.endsWith('charge')) return {};
  const marked = yellow === undefined ? {} : { yellow };
  return moment.endsWith('yellow') || firstCrack === undefined ? marked : { ...marked, firstCrack };
}

function printTable(
  all: readonly Outcome[],
  title: string,
  among: (outcome: Outcome) => boolean,
  who: 'ours' | Rival = 'ours',
): void {
  const cells = moments.map((moment) => {
    const some = all.filter((each) => each.moment === moment && among(each));
    if (some.length === 0) return '';
    const [least, most] = resampled(some, who);
    const inside = (100 * some.filter((each) => each.inside).length) / some.length;
    return `${mean(some.map(({ off }) => off[who])).toFixed(1)} [${least.toFixed(1)} to ${most.toFixed(1)}]${who === 'ours' ? ` (${inside.toFixed(0)})` : ''}`;
  });
  printRow(title, cells);
}

function printRow(title: string, cells: readonly string[]): void {
  console.log(`  ${title.padEnd(22)}${cells.map((cell) => cell.padEnd(26)).join('')}`);
}

const RESAMPLES = 200;

/** The middle 90 % of the mean error when whole households are drawn again: roasts of one are not independent. */
function resampled(some: readonly Outcome[], who: 'ours' | Rival): readonly [number, number] {
  const random = seededRandom(1);
  const offs = new Map<string, number[]>();
  for (const { household, off } of some) offs.set(household, [...(offs.get(household) ?? []), off[who]]);
  const byHousehold = [...offs.values()];
  const means = Array.from({ length: RESAMPLES }, () => {
    const drawn = byHousehold.map(() => byHousehold[Math.floor(random() * byHousehold.length)] as number[]);
    return mean(drawn.flat());
  });
  return [quantile(means, 0.05), quantile(means, 0.95)];
}

const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / Math.max(1, values.length);
