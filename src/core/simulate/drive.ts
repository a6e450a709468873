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
export const STIR_LASTS_S = 25;
/** Above this many times the usual batch hot air no longer lifts the beans. */
const LIFTS_UP_TO = 1.45;

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
  // Heat by contact and flame goes over the batch's surface; beans in a stream of air each meet it.
  const reach = heatedBy === 'air' ? times : times ** (heatedBy === 'both' ? 0.75 : 0.66);
  const held = heatedBy === 'air' ? times ** 0.45 : 1;
  const stirred = nowS - lastStirS < STIR_LASTS_S ? STIR : 0;
  const lifted = heatedBy === 'air' && times > LIFTS_UP_TO ? (times - LIFTS_UP_TO) * 1.8 : 0;
  const crowded = heatedBy !== 'air' && times > 1.3 ? (times - 1.3) * 0.6 : 0;
  const rise =
    lever.setC === undefined
      ? model.gasRiseK * strength * held * lever.lid
      : (lever.setC - ambientC) * (model.gasRiseK / 230) * strength;
  return {
    movement: Math.max(0.1, model.movement + lever.movement + stirred - lifted - crowded),
    drive: {
      dryKg: dryKgOf(setUp),
      greenKg: setUp.greenGrams / 1000,
      metalW: lever.setC === undefined ? model.metalW * strength : model.metalW * (lever.setC / 250) * strength,
      gasC: ambientC + rise * WIND_GAS[wind],
      // Small beans have more surface for their weight.
      gasWPerK: (model.gasWPerK * reach * lever.air) / sizeOf(setUp),
      contactWPerK:
        (model.contactWPerK / sizeOf(setUp)) *
        reach *
        Math.min(1.3, 0.7 + 0.3 * (model.movement + lever.movement + stirred)),
      gearJPerK: model.gearJPerK,
      lossWPerK: model.lossWPerK * WIND_LOSS[wind] * (lever.lid < 1 ? 1.25 : 1),
      ambientC,
      size: sizeOf(setUp),
      wallShare: WALL_SHARE,
    },
  };
}

/** Small and light beans heat through faster, dense ones slower. */
function sizeOf({ lot }: SimulationSetUp): number {
  const density = (lot.gramsPerMl ?? USUAL_GRAMS_PER_ML) / USUAL_GRAMS_PER_ML;
  return density ** 0.8 * (lot.grading === 'peaberry' ? 0.94 : 1);
}

/** What the controls come to. `setC` is there where the gear holds a temperature. */
function levers(controls: readonly Control[], values: ControlValues) {
  const lever = { heat: 1, air: 1, lid: 1, movement: 0, setC: undefined as number | undefined };
  for (const control of controls) {
    const value = values[control.id] ?? initialValue(control);
    switch (control.kind) {
      case 'switch':
        if (control.id === 'lid' && value === control.on) lever.lid *= 0.93;
        if (control.id === 'fan' && value === control.on) lever.air *= 1.25;
        break;
      case 'words':
        lever.heat *= [0, 0.7, 1, 1.25, 1.4][control.words.indexOf(String(value))] ?? 1;
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
  else if (control.axis === 'heat') lever.heat *= 0.4 + 0.6 * share;
  else if (control.axis === 'air') {
    // More air carries more heat over the beans, though each breath of it is cooler.
    lever.air *= 0.7 + 0.3 * share;
    lever.heat *= 1.06 - 0.06 * share;
  } else if (control.unit === 'cm') lever.heat *= (control.start / Math.max(value, 1)) ** 0.35;
  else if (control.id === 'tilt') lever.movement += value * 0.05;
  else if (control.id === 'drumSpeed') lever.movement += (share - 1) * 0.25;
}
