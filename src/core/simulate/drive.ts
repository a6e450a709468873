import { USUAL_GRAMS_PER_ML } from '../bean/index.ts';
import { type Control, initialValue, methodOf } from '../gear/index.ts';
import { USUAL_AMBIENT_C, type Wind } from '../roast/index.ts';
import { toCelsius } from '../units/index.ts';
import { gearModels } from './gearModel.ts';
import type { Drive } from './physics.ts';
import type { ControlValues, SimulationSetUp } from './setUp.ts';

/** The conditions of a moment: what drives the beans, and how well they move. */
export interface Moment {
  readonly drive: Drive;
  /** 1 well; below 0.5 they begin to scorch. */
  readonly movement: number;
}

const USUAL_MOISTURE_PERCENT = 11;
/** The gas takes this share of the metal's warmth with it. */
const WALL_SHARE = 0.12;
/** Cooling of the gear between batches, a minute; and where it stands at a pull, °C. */
const GEAR_COOLS_PER_MIN = 0.09;
const GEAR_AT_PULL_C = 190;
/** What a wind adds to the losses, and takes off the gas. */
const WIND_LOSS = { calm: 1, breeze: 1.1, strong: 1.25 } as const satisfies Record<Wind, number>;
const WIND_GAS = { calm: 1, breeze: 0.985, strong: 0.95 } as const satisfies Record<Wind, number>;
/** Most that stirring adds to the movement, and how long a stir lasts, s. */
const STIR = 0.35;
/** How long a stir moves the beans, seconds. */
export const STIR_LASTS_S = 25;

/**
 * What a batch and its levers come to. The handbook gives the directions (sections 3 and 4: a large batch is slow and moves
 * badly, a gentle flame is slow, a lid keeps heat, a distance weakens the gun); the sizes are ours, set so that `bench core` keeps
 * to its table 4 on every method.
 */
const BATCH = {
  /** How the heat that reaches the beans grows with their weight: all of them lie in a stream of air, a heap shows its surface. */
  reachExponent: { air: 1, contact: 0.66, both: 0.75 },
  /** A larger batch holds the air back, which comes out hotter. */
  holdsAirExponent: 0.45,
  /** From so many times the usual batch on they move worse, by so much for each time more. */
  heavyForAir: { from: 1.45, by: 1.8 },
  crowded: { from: 1.3, by: 0.6 },
  /** Beans never lie quite still. */
  leastMovement: 0.1,
} as const;
const LEVER = {
  /** Heat of a flame in words, from “off” to the greatest; the third is usual. */
  words: [0, 0.7, 1, 1.25, 1.4],
  /** Of the heat so much is there at the lowest step, the rest grows with it. */
  heatFloor: 0.4,
  airFloor: 0.7,
  /** More air is cooler air: so much of the heat for each share of it. */
  airCools: 0.06,
  fanAir: 1.25,
  lidHeat: 0.93,
  lidLoss: 1.25,
  distanceExponent: 0.35,
  movementPerTilt: 0.05,
  movementPerDrumSpeed: 0.25,
} as const;
/** Where gear that holds a temperature gives its rated heat, as its temperature and as that above the air, °C. */
const RATED = { setC: 250, riseC: 230 } as const;
/** Contact needs movement: so much of it at none, so much more for each share of it, and at most so much. */
const CONTACT = { still: 0.7, perMovement: 0.3, most: 1.3 } as const;
/** How a bean's size for heating follows its density (small and light ones heat faster), and that of a peaberry. */
const SIZE = { densityExponent: 0.8, peaberry: 0.94 } as const;

/** Dry mass of a batch, kg. */
export function dryKgOf({ greenGrams, lot }: Pick<SimulationSetUp, 'greenGrams' | 'lot'>): number {
  return (greenGrams / 1000) * (1 - (lot.moisturePercent ?? USUAL_MOISTURE_PERCENT) / 100);
}

/** Temperature of the gear when the beans go in, °C: its own start, or what is left of the last batch's heat. */
export function gearStartC(setUp: SimulationSetUp): number {
  const ambientC = setUp.ambientC ?? USUAL_AMBIENT_C;
  const own = ambientC + gearModels[setUp.method].startRiseK;
  if (setUp.minutesSinceLast === undefined) return own;
  const left = ambientC + (GEAR_AT_PULL_C - ambientC) * Math.exp(-GEAR_COOLS_PER_MIN * setUp.minutesSinceLast);
  return Math.max(own, left);
}

/** What drives the beans at `nowS` with the controls as they stand; `lastStirS` is when they were last stirred. */
export function momentOf(setUp: SimulationSetUp, values: ControlValues, nowS: number, lastStirS: number): Moment {
  const model = gearModels[setUp.method];
  const { heatedBy, batchGrams } = methodOf(setUp.method);
  const times = setUp.greenGrams / batchGrams.usual;
  const wind = setUp.wind ?? 'calm';
  const ambientC = setUp.ambientC ?? USUAL_AMBIENT_C;
  const lever = levers(setUp.controls, values);
  const strength = (setUp.strength ?? 1) * (setUp.supply ?? 1) * lever.heat;
  const reach = times ** BATCH.reachExponent[heatedBy];
  const held = heatedBy === 'air' ? times ** BATCH.holdsAirExponent : 1;
  const stirred = nowS - lastStirS < STIR_LASTS_S ? STIR : 0;
  const { from, by } = heatedBy === 'air' ? BATCH.heavyForAir : BATCH.crowded;
  const crowded = Math.max(0, times - from) * by;
  const movement = model.movement + lever.movement + stirred;
  const rise =
    lever.setC === undefined
      ? model.gasRiseK * strength * held * lever.lid
      : (lever.setC - ambientC) * (model.gasRiseK / RATED.riseC) * strength;
  return {
    movement: Math.max(BATCH.leastMovement, movement - crowded),
    drive: {
      dryKg: dryKgOf(setUp),
      greenKg: setUp.greenGrams / 1000,
      metalW: lever.setC === undefined ? model.metalW * strength : model.metalW * (lever.setC / RATED.setC) * strength,
      gasC: ambientC + rise * WIND_GAS[wind],
      // Small beans have more surface for their weight.
      gasWPerK: (model.gasWPerK * reach * lever.air) / sizeOf(setUp),
      contactWPerK:
        (model.contactWPerK / sizeOf(setUp)) *
        reach *
        Math.min(CONTACT.most, CONTACT.still + CONTACT.perMovement * movement),
      gearJPerK: model.gearJPerK,
      lossWPerK: model.lossWPerK * WIND_LOSS[wind] * (lever.lid < 1 ? LEVER.lidLoss : 1),
      ambientC,
      size: sizeOf(setUp),
      wallShare: WALL_SHARE,
    },
  };
}

/** Small and light beans heat through faster, dense ones slower. */
function sizeOf({ lot }: SimulationSetUp): number {
  const density = (lot.gramsPerMl ?? USUAL_GRAMS_PER_ML) / USUAL_GRAMS_PER_ML;
  return density ** SIZE.densityExponent * (lot.grading === 'peaberry' ? SIZE.peaberry : 1);
}

/** What the controls come to. `setC` is there where the gear holds a temperature. */
function levers(controls: readonly Control[], values: ControlValues) {
  const lever = { heat: 1, air: 1, lid: 1, movement: 0, setC: undefined as number | undefined };
  for (const control of controls) {
    const value = values[control.id] ?? initialValue(control);
    switch (control.kind) {
      case 'switch':
        if (control.id === 'lid' && value === control.on) lever.lid *= LEVER.lidHeat;
        if (control.id === 'fan' && value === control.on) lever.air *= LEVER.fanAir;
        break;
      case 'words':
        lever.heat *= LEVER.words[control.words.indexOf(String(value))] ?? 1;
        break;
      case 'step':
        stepLever(lever, control, Number(value));
        break;
      case 'act':
        break;
    }
  }
  return lever;
}

function stepLever(
  lever: { heat: number; air: number; movement: number; setC: number | undefined },
  control: Extract<Control, { kind: 'step' }>,
  value: number,
): void {
  const share = value / control.start;
  if (control.unit === '°C') lever.setC = value;
  else if (control.unit === '°F') lever.setC = toCelsius(value, 'F');
  else if (control.axis === 'heat') lever.heat *= LEVER.heatFloor + (1 - LEVER.heatFloor) * share;
  else if (control.axis === 'air') {
    // More air carries more heat over the beans, though each breath of it is cooler.
    lever.air *= LEVER.airFloor + (1 - LEVER.airFloor) * share;
    lever.heat *= 1 + LEVER.airCools * (1 - share);
  } else if (control.unit === 'cm') lever.heat *= (control.start / Math.max(value, 1)) ** LEVER.distanceExponent;
  else if (control.id === 'tilt') lever.movement += value * LEVER.movementPerTilt;
  else if (control.id === 'drumSpeed') lever.movement += (share - 1) * LEVER.movementPerDrumSpeed;
}
