// How good the forecast is, on histories made by the simulation: after each roast the next one is forecast and compared.
import { seededRandom } from '../src/core/chance/index.ts';
import { expectationFor, type Forecast, forecastFrom, type PastRoast } from '../src/core/forecast/index.ts';
import { type MethodId, methodIds, methodOf } from '../src/core/gear/index.ts';
import { type Roughness, simulateHousehold, type WorldRoast } from '../src/core/simulate/index.ts';

/** The three moments at which a forecast is asked: what for, and how a rival answers. */
type Moment = 'before' | 'afterYellow' | 'afterFirstCrack';
const moments: readonly Moment[] = ['before', 'afterYellow', 'afterFirstCrack'];
const rivals = ['last roast', 'mean on the gear', 'mean on gear and lot', 'regression on weight and ambient'] as const;
type Rival = (typeof rivals)[number];

interface Score {
  errors: number;
  count: number;
}

export interface BacktestResult {
  /** Mean absolute percentage error, ours and the rivals', by moment. */
  readonly errors: Readonly<Record<Moment, Readonly<Record<'ours' | Rival, number>>>>;
  /** Share of outcomes inside the 80 % interval, per cent, by moment and by method. */
  readonly inside: Readonly<Record<Moment, number>>;
  readonly insideByMethod: Readonly<Partial<Record<MethodId, number>>>;
  readonly forecasts: number;
}

/** What is forecast at a moment, as a stretch from the last known point, and its truth; undefined where a mark is missing. */
function taskOf(moment: Moment, roast: WorldRoast): { fromS: number; truthS: number } | undefined {
  const { yellow, firstCrack } = roast.reached;
  switch (moment) {
    case 'before':
      return { fromS: 0, truthS: roast.truth.firstCrack };
    case 'afterYellow':
      return yellow === undefined ? undefined : { fromS: yellow, truthS: roast.truth.firstCrack };
    case 'afterFirstCrack':
      return firstCrack === undefined ? undefined : { fromS: firstCrack, truthS: roast.truth.pull };
  }
}

const stretchOf = (moment: Moment, { reached }: WorldRoast): number | undefined => {
  const [from, to] = {
    before: [0, reached.firstCrack],
    afterYellow: [reached.yellow, reached.firstCrack],
    afterFirstCrack: [reached.firstCrack, reached.pull],
  }[moment];
  return from === undefined || to === undefined ? undefined : to - from;
};

function tableStretch(moment: Moment, method: MethodId): number {
  const { yellow, firstCrack, pull } = methodOf(method);
  if (moment === 'before') return firstCrack.medianS;
  return moment === 'afterYellow' ? firstCrack.medianS - yellow.medianS : pull.medianS - firstCrack.medianS;
}

/** What a rival expects of the stretch; the method's table until it has something to go by. */
function rivalStretch(rival: Rival, moment: Moment, past: readonly WorldRoast[], asked: WorldRoast): number {
  const own = past.flatMap((roast) => {
    const stretch = roast.gearId === asked.gearId ? stretchOf(moment, roast) : undefined;
    return stretch === undefined ? [] : [{ roast, stretch }];
  });
  const mean = (all: typeof own) => all.reduce((sum, { stretch }) => sum + stretch, 0) / all.length;
  if (own.length === 0) return tableStretch(moment, asked.method);
  if (rival === 'last roast') return own.at(-1)?.stretch as number;
  if (rival === 'mean on the gear') return mean(own);
  if (rival === 'mean on gear and lot') {
    const lot = own.filter(({ roast }) => roast.lotId === asked.lotId);
    return lot.length > 0 ? mean(lot) : mean(own);
  }
  return own.length < 5 ? mean(own) : leastSquares(own, asked);
}

/** Ordinary least squares on an intercept, the weight and the air; a hair of ridge keeps it solvable. */
function leastSquares(own: readonly { roast: WorldRoast; stretch: number }[], asked: WorldRoast): number {
  const x = (roast: WorldRoast) => [1, roast.greenGrams / 100, roast.ambientC / 10];
  const a = [0, 1, 2].map((i) =>
    [0, 1, 2].map(
      (j) =>
        own.reduce((sum, { roast }) => sum + (x(roast)[i] as number) * (x(roast)[j] as number), 0) +
        (i === j ? 1e-6 : 0),
    ),
  );
  const b = [0, 1, 2].map((i) => own.reduce((sum, { roast, stretch }) => sum + (x(roast)[i] as number) * stretch, 0));
  const beta = solve3(a, b);
  const value = x(asked).reduce((sum, each, i) => sum + each * (beta[i] as number), 0);
  return Number.isFinite(value) && value > 1 ? value : own.reduce((sum, { stretch }) => sum + stretch, 0) / own.length;
}

function solve3(a: number[][], b: number[]): number[] {
  const m = a.map((row, i) => [...row, b[i] as number]);
  for (let i = 0; i < 3; i++) {
    const pivot = m
      .slice(i)
      .reduce((best, row, k) => (Math.abs(row[i] as number) > Math.abs(m[best]?.[i] as number) ? i + k : best), i);
    [m[i], m[pivot]] = [m[pivot] as number[], m[i] as number[]];
    for (let k = 0; k < 3; k++) {
      if (k === i) continue;
      const factor = (m[k]?.[i] as number) / (m[i]?.[i] as number);
      for (let j = i; j < 4; j++) (m[k] as number[])[j] = (m[k]?.[j] as number) - factor * (m[i]?.[j] as number);
    }
  }
  return m.map((row, i) => (row[3] as number) / (row[i] as number));
}

/** Runs the backtest over `households`, each of 12 to 80 roasts, seeded. */
export function backtest(households: number, rough: Roughness, seed: number): BacktestResult {
  const random = seededRandom(seed);
  const scores = new Map<string, Score>();
  const hits = new Map<string, Score>();
  let forecasts = 0;
  const add = (map: Map<string, Score>, key: string, value: number) => {
    const score = map.get(key) ?? { errors: 0, count: 0 };
    map.set(key, { errors: score.errors + value, count: score.count + 1 });
  };
  for (let i = 0; i < households; i++) {
    const methods = Array.from(
      { length: 1 + Math.floor(random() * 3) },
      (_, k) => methodIds[(i + k * 3 + (k > 0 ? Math.floor(random() * 8) : 0)) % 8] as MethodId,
    );
    const roasts = simulateHousehold([...new Set(methods)], 12 + Math.floor(random() * 69), rough, random);
    roasts.forEach((asked, at) => {
      if (at === 0) return;
      const past = roasts.slice(0, at);
      const expectation = expectationFor(asked, past.toReversed() as readonly PastRoast[]);
      for (const moment of moments) {
        const task = taskOf(moment, asked);
        if (!task) continue;
        const { yellow, firstCrack } = asked.reached;
        const reached =
          moment === 'before'
            ? {}
            : moment === 'afterYellow'
              ? { yellow: yellow as number }
              : { ...(yellow === undefined ? {} : { yellow }), firstCrack: firstCrack as number };
        const found = forecastFrom(expectation, reached, task.fromS).find(
          ({ milestone }) => milestone === (moment === 'afterFirstCrack' ? 'pull' : 'firstCrack'),
        ) as Forecast;
        forecasts++;
        const off = (value: number) => Math.abs(value - task.truthS) / task.truthS;
        add(scores, `${moment}/ours`, off(found.medianS));
        for (const rival of rivals)
          add(scores, `${moment}/${rival}`, off(task.fromS + rivalStretch(rival, moment, past, asked)));
        const inside = Number(task.truthS >= found.earlyS && task.truthS <= found.lateS);
        add(hits, moment, inside);
        add(hits, asked.method, inside);
      }
    });
  }
  const rate = (map: Map<string, Score>, key: string) =>
    (100 * (map.get(key)?.errors ?? Number.NaN)) / (map.get(key)?.count ?? 1);
  const by = <T>(value: (moment: Moment) => T) =>
    Object.fromEntries(moments.map((moment) => [moment, value(moment)])) as Record<Moment, T>;
  return {
    errors: by(
      (moment) =>
        Object.fromEntries(
          (['ours', ...rivals] as const).map((each) => [each, rate(scores, `${moment}/${each}`)]),
        ) as Record<'ours' | Rival, number>,
    ),
    inside: by((moment) => rate(hits, moment)),
    insideByMethod: Object.fromEntries(methodIds.flatMap((id) => (hits.has(id) ? [[id, rate(hits, id)]] : []))),
    forecasts,
  };
}

/** Prints a backtest as a table. */
export function printBacktest(title: string, result: BacktestResult): void {
  console.log(`\n${title}: ${result.forecasts} forecasts`);
  for (const moment of moments) {
    const errors = result.errors[moment];
    const gear = errors['mean on the gear'];
    console.log(
      `  ${moment.padEnd(16)} ours ${errors.ours.toFixed(2)} %  ${rivals.map((rival) => `${rival} ${errors[rival].toFixed(2)} %`).join('  ')}  against the gear's mean ${((100 * (errors.ours - gear)) / gear).toFixed(0)} %  inside 80 %: ${result.inside[moment].toFixed(1)} %`,
    );
  }
  console.log(
    `  inside 80 % by method: ${Object.entries(result.insideByMethod)
      .map(([id, value]) => `${id} ${value?.toFixed(0)} %`)
      .join('  ')}`,
  );
}
