import { type Process, processes } from '../../src/core/bean/index.ts';
import { normal, type Random } from '../../src/core/chance/index.ts';
import { heatControl, type MethodId, methodOf, usualGramsOf } from '../../src/core/gear/index.ts';
import type { Milestones, Wind } from '../../src/core/roast/index.ts';
import { type ShadeNumber, shadeNumbers, shadeOf } from '../../src/core/shade/index.ts';
import { gearModels, type SimulatedRoast, shadeC, simulateRoast } from '../../src/core/simulate/index.ts';
import type { Scenario, ScenarioRoast } from './scenario.ts';

const SHADES: readonly ShadeNumber[] = [2, 3, 3, 4, 4, 4, 5, 5, 6];
const LIMIT_S = 2400;
/** Roasts after which a beginner's hand is half as wild. */
const LEARNS_IN = 6;
/** Gear loses what it keeps of its heat, minutes. */
const COOLS_MIN = 15;

/**
 * A household's roasts over a year, made by the simulation, oldest first: some pieces of gear, a lot after the other, batches
 * that vary, seasons, days with several batches, gas and mains that are not the same every day, a pace that wanders, a hand
 * that learns, an eye with habits. Roasts that never cracked are left out, as people leave them out.
 */
export function simulateHousehold(
  methods: readonly MethodId[],
  count: number,
  world: Scenario,
  random: Random,
): ScenarioRoast[] {
  const gear = methods.map((method, i) => drawGear(method, i, world, random));
  const byClock = random() < world.byClock;
  const roasts: ScenarioRoast[] = [];
  let lot = drawLot(0, world, random);
  let left = 6 + Math.floor(random() * 10);
  for (let i = 0; i < count; i++) {
    if (left-- <= 0) {
      lot = drawLot(i, world, random);
      left = 5 + Math.floor(random() * 10);
    }
    const its = gear[Math.floor(random() ** 1.6 * gear.length)] ?? gear[0];
    if (!its) return roasts;
    // The day's next batch comes soon, or after a tidy-up.
    const again = roasts.at(-1)?.gearId === its.id && random() < world.again;
    const sinceMin = again ? 3 + 40 * random() ** 2 : undefined;
    roasts.push(...oneRoast(its, lot, { season: i / count, sinceMin, byClock }, world, random));
  }
  return roasts;
}

function drawGear(method: MethodId, i: number, world: Scenario, random: Random) {
  return {
    id: `gear${i}`,
    method,
    strength: Math.exp(normal(random) * gearModels[method].spread * 0.8),
    grams: usualGramsOf({ method }) * Math.exp(normal(random) * world.batches),
    keepsHeat: Math.max(0, world.keepsHeat * (1 + 0.5 * normal(random))),
    habitC: shadeNumbers.map(() => normal(random) * world.eyeC.habit),
    // These change from roast to roast.
    drift: normal(random) * world.drift.sd,
    made: 0,
  };
}

function drawLot(i: number, world: Scenario, random: Random) {
  return {
    id: `lot${i}`,
    process: (random() < 0.55 ? 'washed' : processes[Math.floor(random() * processes.length)]) as Process,
    gramsPerMl: 0.7 + normal(random) * 0.03,
    moisturePercent: 11 + normal(random) * 0.8,
    looksC: normal(random) * world.eyeC.lot,
  };
}

interface Day {
  readonly season: number;
  readonly sinceMin: number | undefined;
  readonly byClock: boolean;
}

function oneRoast(
  its: ReturnType<typeof drawGear>,
  lot: ReturnType<typeof drawLot>,
  { season, sinceMin, byClock }: Day,
  world: Scenario,
  random: Random,
): ScenarioRoast[] {
  const { controls, firstCrack, pull } = methodOf(its.method);
  const green = world.learning * Math.exp((-its.made * Math.LN2) / LEARNS_IN);
  const days = world.days * (1 + 6 * green);
  const { sd, memory } = world.drift;
  its.drift = memory * its.drift + Math.sqrt(1 - memory ** 2) * sd * normal(random);
  its.made++;
  const ambientC = 12 - 10 * Math.cos(2 * Math.PI * season) + normal(random) * 4 * days;
  const wind: Wind = random() < 0.12 * world.days ? 'strong' : random() < 0.3 ? 'breeze' : 'calm';
  const greenGrams = its.grams * Math.exp(normal(random) * 0.13);
  const heat = heatSteps(its.method);
  const steps = heat && random() < 0.35 ? Math.round(normal(random) * 1.1) : 0;
  const value = heat ? Math.min(heat.most, Math.max(heat.least + heat.by, heat.start + steps * heat.by)) : 0;
  const shade = SHADES[Math.floor(random() * SHADES.length)] as ShadeNumber;
  const warm = sinceMin === undefined ? 0 : its.keepsHeat * Math.exp(-sinceMin / COOLS_MIN);
  const seconds = Math.max(
    10,
    Math.round(((pull.medianS - firstCrack.medianS) * shadeOf(shade).afterCrackShare) / 5) * 5,
  );
  const keptS = seconds + world.keepsS.late + normal(random) * world.keepsS.spread;
  const seenC = (its.habitC[shade - 1] as number) + lot.looksC + normal(random) * world.eyeC.each;
  let set = false;
  const roast = simulateRoast(
    {
      method: its.method,
      controls,
      lot,
      greenGrams,
      ambientC,
      wind,
      // Pace goes by about the strength; a beginner has it too high.
      strength: its.strength * Math.exp(its.drift + warm + green),
      supply: Math.exp(normal(random) * 0.025 * days),
      minutesSinceLast: sinceMin,
    },
    byClock
      ? { afterFirstCrackS: Math.max(5, keptS), limitS: LIMIT_S }
      : { brownedC: shadeC(shade) + seenC, limitS: LIMIT_S },
    random,
    () => {
      if (set || !heat || value === heat.start) return [];
      set = true;
      return [{ control: heat.id, value }];
    },
  );
  if (roast.firstCrack === undefined || roast.yellow === undefined || roast.stuck) return [];
  return [
    {
      method: its.method,
      gearId: its.id,
      lotId: lot.id,
      process: lot.process,
      gramsPerMl: lot.gramsPerMl,
      greenGrams,
      ambientC,
      wind,
      sinceMin,
      heat: heat ? value / heat.start : 1,
      shade,
      rule: byClock ? { kind: 'afterFirstCrack', seconds } : undefined,
      reached: marks(world, roast, random),
      truth: { yellow: roast.yellow, firstCrack: roast.firstCrack, pull: roast.pull },
    },
  ];
}

function heatSteps(method: MethodId) {
  const control = heatControl(methodOf(method).controls);
  return control?.kind === 'step' ? control : undefined;
}

/** What the person marks: a few seconds off, now and then nothing, now and then a stray pop for first crack. */
function marks(world: Scenario, roast: SimulatedRoast, random: Random): Milestones {
  const near = (at: number | undefined, sdS: number) =>
    at === undefined || random() < world.forgotten ? undefined : Math.max(1, at + normal(random) * sdS * world.days);
  const yellow = near(roast.yellow, roast.yellow ? roast.yellow * 0.03 : 0);
  const strayS = random() < world.strayed ? 20 + random() * 40 : 0;
  const firstCrack = near(roast.firstCrack, 3);
  const firstCrackEnd = near(roast.firstCrackEnd, 6);
  const secondCrack = near(roast.secondCrack, 3);
  return {
    ...(yellow === undefined ? {} : { yellow }),
    ...(firstCrack === undefined ? {} : { firstCrack: Math.max(1, firstCrack - strayS) }),
    ...(firstCrackEnd === undefined ? {} : { firstCrackEnd }),
    ...(secondCrack === undefined ? {} : { secondCrack }),
    pull: roast.pull,
  };
}
