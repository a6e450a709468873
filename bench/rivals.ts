// Simple ways to foretell a stretch, to hold the forecast against.
import { type MethodId, methodOf } from '../src/core/gear/index.ts';
import type { ScenarioRoast } from './scenarios/scenario.ts';

/** What is foretold: first crack or the pull, from charge or from the last mark before it. */
export const moments = [
  'first crack at charge',
  'first crack at yellow',
  'pull at charge',
  'pull at first crack',
] as const;
export type Moment = (typeof moments)[number];

export const rivals = ['last roast', 'mean on the gear', 'mean on gear and lot', 'regression'] as const;
export type Rival = (typeof rivals)[number];

/** From when to when a moment's stretch goes, by the marks; undefined where one is missing. */
export function stretchAt(
  moment: Moment,
  marks: Partial<ScenarioRoast['truth']>,
): readonly [number, number] | undefined {
  const { yellow, firstCrack, pull } = marks;
  const ends = {
    'first crack at charge': [0, firstCrack],
    'first crack at yellow': [yellow, firstCrack],
    'pull at charge': [0, pull],
    'pull at first crack': [firstCrack, pull],
  } as const;
  const [from, to] = ends[moment];
  return from === undefined || to === undefined ? undefined : [from, to];
}

/** What a rival expects of the stretch, seconds; the method's table until it has something to go by. */
export function rivalStretch(
  rival: Rival,
  moment: Moment,
  past: readonly ScenarioRoast[],
  asked: ScenarioRoast,
): number {
  const own = past.flatMap((roast) => {
    const ends = roast.gearId === asked.gearId ? stretchAt(moment, roast.reached) : undefined;
    return ends ? [{ roast, stretch: ends[1] - ends[0] }] : [];
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

function tableStretch(moment: Moment, method: MethodId): number {
  const { yellow, firstCrack, pull } = methodOf(method);
  const at = { yellow: yellow.medianS, firstCrack: firstCrack.medianS, pull: pull.medianS };
  const [from, to] = stretchAt(moment, at) as readonly [number, number];
  return to - from;
}

/** Ordinary least squares on an intercept, the weight and the air; a hair of ridge keeps it solvable. */
function leastSquares(own: readonly { roast: ScenarioRoast; stretch: number }[], asked: ScenarioRoast): number {
  const x = (roast: ScenarioRoast) => [1, roast.greenGrams / 100, roast.ambientC / 10];
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
