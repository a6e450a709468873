// What a probe adds to the forecast of first crack, on simulated gear with probes that lag, are off and hang in the metal.
import { normal, type Random, seededRandom } from '../src/core/chance/index.ts';
import { type Circumstances, expectationFor, forecastFrom, type PastRoast } from '../src/core/forecast/index.ts';
import { type MethodId, methodIds, methodOf, usualGramsOf } from '../src/core/gear/index.ts';
import type { ProbeLog, Reading } from '../src/core/heat/index.ts';
import { learnProbe } from '../src/core/probe/index.ts';
import { SimulatedProbe, simulateRoast, usualProbe } from '../src/core/simulate/index.ts';

const SHARES = [0.25, 0.5, 0.75, 0.9] as const;
const ROASTS = 14;

interface Row {
  readonly without: number[];
  readonly withIt: number[];
  inside: number;
  silent: number;
}

/** The roast before which a probe is put elsewhere: it reads so much higher or lower from then on, °C. */
const MOVED_AT = 8;
const MOVED_BY_C = 15;

/**
 * Runs so many pieces of gear, one household each, and prints the errors with and without the probe's opinion; `moved`
 * puts each probe elsewhere half of the way.
 */
export function probeBacktest(gears: number, seed: number, moved = false): void {
  const random = seededRandom(seed);
  const rows = new Map<number, Row>(SHARES.map((share) => [share, { without: [], withIt: [], inside: 0, silent: 0 }]));
  for (let i = 0; i < gears; i++) oneGear(methodIds[i % 8] as MethodId, moved, rows, random);
  console.log(
    `\nFirst crack with and without a probe, ${gears} simulated pieces of gear${moved ? ' whose probe is moved' : ''}, seed ${seed}`,
  );
  for (const [share, { without, withIt, inside, silent }] of rows) {
    const mean = (values: readonly number[]) => (100 * values.reduce((a, b) => a + b, 0)) / Math.max(1, values.length);
    console.log(
      `  ${100 * share} % of the way  without ${mean(without).toFixed(2)} %  with ${mean(withIt).toFixed(2)} %  inside 80 %: ${((100 * inside) / Math.max(1, withIt.length)).toFixed(0)} %  silent ${silent} of ${silent + withIt.length}`,
    );
  }
}

function oneGear(method: MethodId, moved: boolean, rows: ReadonlyMap<number, Row>, random: Random): void {
  const strength = Math.exp(normal(random) * 0.12);
  const habits = {
    ...usualProbe,
    offsetC: normal(random) * 8,
    lagS: 4 + random() * 14,
    surroundings: random() * 0.15,
  };
  const past: PastRoast[] = [];
  const logs: ProbeLog[] = [];
  for (let i = 0; i < ROASTS; i++) {
    const lot = { process: 'washed' as const, gramsPerMl: 0.7, moisturePercent: 11 + normal(random) * 0.6 };
    const asked: Circumstances = {
      method,
      gearId: 'gear',
      lotId: 'lot',
      process: 'washed',
      gramsPerMl: 0.7,
      greenGrams: usualGramsOf({ method }) * Math.exp(normal(random) * 0.13),
      ambientC: 18 + normal(random) * 6,
      shade: 4,
    };
    const supply = Math.exp(normal(random) * 0.04);
    const setUp = {
      ...asked,
      controls: methodOf(method).controls,
      lot,
      strength,
      supply,
      ambientC: asked.ambientC ?? 18,
    };
    const { yellow, firstCrack, pull, curve } = simulateRoast(setUp, { shade: 4, limitS: 2400 }, random);
    if (yellow === undefined || firstCrack === undefined) continue;
    const elsewhere = moved && i >= MOVED_AT ? MOVED_BY_C * Math.sign(habits.offsetC) : 0;
    const probe = new SimulatedProbe(random, { ...habits, offsetC: habits.offsetC + elsewhere });
    const readings = curve.flatMap((now): Reading[] => {
      const celsius = probe.read(now);
      return celsius === undefined || celsius > 400 ? [] : [{ at: now.atS, celsius, streamed: true }];
    });
    const marked = { yellow: yellow * Math.exp(normal(random) * 0.03), firstCrack: firstCrack + normal(random) * 3 };
    const [expectation, learned] = [expectationFor(asked, past), learnProbe(logs)];
    for (const [share, row] of rows) {
      const nowS = firstCrack * share;
      const reached = marked.yellow < nowS ? { yellow: marked.yellow } : {};
      const opinion = learned?.opinion(
        readings.filter(({ at }) => at <= nowS),
        nowS,
        reached.yellow,
      );
      const crack = (said?: typeof opinion) =>
        forecastFrom(expectation, reached, nowS, said).find(({ milestone }) => milestone === 'firstCrack');
      const [bare, told] = [crack(), opinion && crack(opinion)];
      if (!told || !bare) {
        row.silent++;
        continue;
      }
      row.without.push(Math.abs(bare.medianS / firstCrack - 1));
      row.withIt.push(Math.abs(told.medianS / firstCrack - 1));
      row.inside += Number(firstCrack >= told.earlyS && firstCrack <= told.lateS);
    }
    past.unshift({ ...asked, reached: { ...marked, pull } });
    logs.unshift({ readings, firstCrackS: marked.firstCrack, yellowS: marked.yellow });
  }
}
