import { type Process, processes } from '../bean/index.ts';
import { normal, type Random } from '../chance/index.ts';
import { type MethodId, methodOf, usualGramsOf } from '../gear/index.ts';
import type { Milestones, Wind } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';
import { gearModels } from './gearModel.ts';
import { simulateRoast } from './simulateRoast.ts';

/** How rough a simulated household's roasting is; 1 as it was developed with. */
export interface Roughness {
  /** Spread of everything from day to day, and of the marks. */
  readonly days: number;
  /** Share of marks that are forgotten, and that are taken from a stray pop. */
  readonly forgotten: number;
  readonly strayed: number;
}

/** A roast of a simulated household, as its journal has it. */
export interface WorldRoast {
  readonly method: MethodId;
  readonly gearId: string;
  readonly lotId: string;
  readonly process: Process;
  readonly gramsPerMl: number;
  readonly greenGrams: number;
  readonly ambientC: number;
  readonly wind: Wind;
  /** Minutes since the pull before on the same gear, where that was the same day. */
  readonly sinceMin: number | undefined;
  readonly heat: number;
  readonly shade: ShadeNumber;
  readonly reached: Milestones;
  /** As it really was, without slips of the hand. */
  readonly truth: { readonly yellow: number; readonly firstCrack: number; readonly pull: number };
}

export const calmWorld: Roughness = { days: 0.6, forgotten: 0.05, strayed: 0.01 };
export const usualWorld: Roughness = { days: 1, forgotten: 0.1, strayed: 0.03 };
export const roughWorld: Roughness = { days: 1.6, forgotten: 0.15, strayed: 0.06 };

const SHADES: readonly ShadeNumber[] = [2, 3, 3, 4, 4, 4, 5, 5, 6];

/**
 * A household's roasts over a year, made by the simulation: one to three pieces of gear, a lot after the other, batches
 * that vary, seasons, days with two batches, gas and mains that are not the same every day. Roasts that never cracked are
 * left out, as people leave them out.
 */
export function simulateHousehold(
  methods: readonly MethodId[],
  count: number,
  rough: Roughness,
  random: Random,
): WorldRoast[] {
  const gear = methods.map((method, i) => ({
    id: `gear${i}`,
    method,
    strength: Math.exp(normal(random) * gearModels[method].spread * 0.8),
    grams: usualGramsOf({ method }) * Math.exp(normal(random) * 0.12),
  }));
  const roasts: WorldRoast[] = [];
  let lot = drawLot(random, 0);
  let left = 6 + Math.floor(random() * 10);
  for (let i = 0; i < count; i++) {
    if (left-- <= 0) {
      lot = drawLot(random, i);
      left = 5 + Math.floor(random() * 10);
    }
    const its = gear[Math.floor(random() ** 1.6 * gear.length)] ?? gear[0];
    if (!its) return roasts;
    const last = roasts.at(-1);
    // One in three is the day's next batch: soon after, or after a tidy-up.
    const again = last?.gearId === its.id && random() < 0.35;
    const sinceMin = again ? 3 + 40 * random() ** 2 : undefined;
    roasts.push(...oneRoast(its, lot, i / count, sinceMin, rough, random));
  }
  return roasts;
}

function drawLot(random: Random, i: number) {
  return {
    id: `lot${i}`,
    process: (random() < 0.55 ? 'washed' : processes[Math.floor(random() * processes.length)]) as Process,
    gramsPerMl: 0.7 + normal(random) * 0.03,
    moisturePercent: 11 + normal(random) * 0.8,
  };
}

function oneRoast(
  its: { readonly id: string; readonly method: MethodId; readonly strength: number; readonly grams: number },
  lot: ReturnType<typeof drawLot>,
  season: number,
  sinceMin: number | undefined,
  rough: Roughness,
  random: Random,
): WorldRoast[] {
  const { controls } = methodOf(its.method);
  const ambientC = 12 - 10 * Math.cos(2 * Math.PI * season) + normal(random) * 4 * rough.days;
  const wind: Wind = random() < 0.12 * rough.days ? 'strong' : random() < 0.3 ? 'breeze' : 'calm';
  const greenGrams = its.grams * Math.exp(normal(random) * 0.13);
  const heat = heatControl(its.method);
  const steps = heat && random() < 0.35 ? Math.round(normal(random) * 1.1) : 0;
  const value = heat ? Math.min(heat.most, Math.max(heat.least + heat.by, heat.start + steps * heat.by)) : 0;
  const shade = SHADES[Math.floor(random() * SHADES.length)] as ShadeNumber;
  let set = false;
  const roast = simulateRoast(
    {
      method: its.method,
      controls,
      lot,
      greenGrams,
      ambientC,
      wind,
      strength: its.strength,
      supply: Math.exp(normal(random) * 0.025 * rough.days),
      minutesSinceLast: sinceMin,
    },
    { shade, limitS: 2400 },
    random,
    () => {
      if (set || !heat || value === heat.start) return [];
      set = true;
      return [{ control: heat.id, value }];
    },
  );
  if (roast.firstCrack === undefined || roast.yellow === undefined || roast.stuck) return [];
  const truth = { yellow: roast.yellow, firstCrack: roast.firstCrack, pull: roast.pull };
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
      reached: marks(roast, rough, random),
      truth,
    },
  ];
}

function heatControl(method: MethodId) {
  for (const control of methodOf(method).controls)
    if (control.kind === 'step' && control.axis === 'heat') return control;
  return undefined;
}

/** What the person marks: a few seconds off, now and then nothing, now and then a stray pop for first crack. */
function marks(roast: ReturnType<typeof simulateRoast>, rough: Roughness, random: Random): Milestones {
  const near = (at: number | undefined, sdS: number) =>
    at === undefined || random() < rough.forgotten ? undefined : Math.max(1, at + normal(random) * sdS * rough.days);
  const yellow = near(roast.yellow, roast.yellow ? roast.yellow * 0.03 : 0);
  const strayS = random() < rough.strayed ? 20 + random() * 40 : 0;
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
