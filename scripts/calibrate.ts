// Fits the physical figures of src/core/simulate/gearModel.ts to the medians of the methods table: npx tsx scripts/calibrate.ts
// Prints the rows to be pasted there; downhill simplex (Nelder & Mead, Computer Journal 7 (1965), 308).
import { seededRandom } from '../src/core/chance/index.ts';
import { type MethodId, methodIds, methodOf } from '../src/core/gear/index.ts';
import { type GearModel, gearModels, manyHouseholds, simulateRoast } from '../src/core/simulate/index.ts';

const FITTED = ['metalW', 'contactWPerK', 'gasRiseK', 'gasWPerK', 'startRiseK', 'gearJPerK'] as const;
const STRAY = 0.02;

function medium(id: MethodId) {
  const { controls, batchGrams } = methodOf(id);
  return simulateRoast(
    { method: id, controls, lot: { process: 'washed' }, greenGrams: batchGrams.usual },
    { shade: 4, limitS: 3000 },
    seededRandom(1),
  );
}

function misfit(id: MethodId, begin: GearModel, logs: readonly number[]): number {
  const row = gearModels[id] as Record<(typeof FITTED)[number], number>;
  FITTED.forEach((key, i) => {
    row[key] = begin[key] * Math.exp(logs[i] as number);
  });
  const roast = medium(id);
  const { yellow, firstCrack, pull } = methodOf(id);
  const off = (found: number | undefined, wanted: number) => Math.log((found ?? 3000) / wanted) ** 2;
  const times = off(roast.yellow, yellow.medianS) + off(roast.firstCrack, firstCrack.medianS);
  const gap = off(roast.pull - (roast.firstCrack ?? 0), pull.medianS - firstCrack.medianS);
  // Figures near where they began are as good as any others that fit.
  return times + 0.5 * gap + STRAY * 0.01 * logs.reduce((sum, each) => sum + each * each, 0);
}

function simplex(f: (x: number[]) => number, size: number, steps: number): number[] {
  let points: number[][] = Array.from({ length: size + 1 }, (_, i) =>
    Array.from({ length: size }, (__, j) => (i === j + 1 ? 0.25 : 0) as number),
  );
  let values = points.map(f);
  for (let step = 0; step < steps; step++) {
    const order = values.map((_, i) => i).sort((a, b) => (values[a] as number) - (values[b] as number));
    points = order.map((i) => points[i] as number[]);
    values = order.map((i) => values[i] as number);
    const worst = points[size] as number[];
    const middle = worst.map((_, j) =>
      points.slice(0, size).reduce((sum, point) => sum + (point[j] as number) / size, 0),
    );
    const along = (by: number) => middle.map((m, j) => m + by * ((worst[j] as number) - m));
    const tries = [-1, -2, -0.5, 0.5].map(along);
    const best = tries.map((x) => ({ x, value: f(x) })).reduce((a, b) => (b.value < a.value ? b : a));
    if (best.value < (values[size] as number)) [points[size], values[size]] = [best.x, best.value];
    else {
      points = points.map((point) => point.map((each, j) => (each + (points[0]?.[j] as number)) / 2));
      values = points.map(f);
    }
  }
  return points[0] as number[];
}

/** The spread of gear that gives first crack the range of the table, found by halving over 120 roasts of many households. */
function fitSpread(id: MethodId): number {
  const { controls, firstCrack } = methodOf(id);
  const wanted = Math.log(firstCrack.lateS / firstCrack.earlyS);
  let [low, high] = [0.01, 0.6];
  for (let i = 0; i < 9; i++) {
    const spread = (low + high) / 2;
    const random = seededRandom(7);
    const times = Array.from({ length: 120 }, () => {
      const setUp = manyHouseholds(id, spread, random);
      return simulateRoast({ ...setUp, controls }, { afterFirstCrackS: 1, limitS: 2400 }, random).firstCrack ?? 2400;
    }).sort((a, b) => a - b);
    if (Math.log((times[107] as number) / (times[12] as number)) < wanted) low = spread;
    else high = spread;
  }
  return Math.round(((low + high) / 2) * 1000) / 1000;
}

const asked = process.argv.slice(2);
for (const id of methodIds) {
  if (asked.length > 0 && !asked.includes(id)) continue;
  const begin = { ...gearModels[id] };
  const logs = simplex((x) => misfit(id, begin, x), FITTED.length, 90);
  misfit(id, begin, logs);
  (gearModels[id] as { spread: number }).spread = fitSpread(id);
  const roast = medium(id);
  const { yellow, firstCrack, pull } = methodOf(id);
  const row = Object.entries(gearModels[id]).map(([key, value]) => `${key}: ${Number(value.toPrecision(4))}`);
  console.log(`  ${id}: { ${row.join(', ')} },`);
  console.log(
    `    // yellow ${roast.yellow} of ${yellow.medianS}, first crack ${roast.firstCrack?.toFixed(0)} of ${firstCrack.medianS}, pull ${roast.pull} of ${pull.medianS}, loss ${roast.end.lossPercent.toFixed(1)} %, second ${roast.secondCrack?.toFixed(0)}`,
  );
}
