import type { MethodId } from '../gear/index.ts';

/**
 * The physical figures of a method. Powers and conductances are those at the usual batch, with every control where it
 * starts. Calibrated by `scripts/calibrate.ts` so that the medians of handbook table 4 come out; `spread` so that its
 * ranges do, over the gear and hands of many households.
 */
export interface GearModel {
  /** Heat into the metal, W, and its heat capacity and losses. */
  readonly metalW: number;
  readonly gearJPerK: number;
  readonly lossWPerK: number;
  /** Contact between metal and beans, W/K. */
  readonly contactWPerK: number;
  /** The hot air: how far above the surroundings it comes, K, and its conductance, W/K. For an oven the set temperature rules. */
  readonly gasRiseK: number;
  readonly gasWPerK: number;
  /** How the beans move by themselves, 1 well; below 0.5 they begin to scorch. */
  readonly movement: number;
  /** Where the gear stands at charge, °C above the surroundings; a preheated pan is hot. */
  readonly startRiseK: number;
  /** Spread of one household's gear against another's: standard deviation of the log of its heat. */
  readonly spread: number;
}

// biome-ignore format: a table
/** How each method heats, in watts and joules. Ours, set so that `bench core` keeps to handbook table 4. */
export const gearModels = {
  hotAirPopper: { metalW: 35.14, gearJPerK: 250, lossWPerK: 0.8, contactWPerK: 0.5555, gasRiseK: 511.6, gasWPerK: 0.6078, movement: 1, startRiseK: 28.78, spread: 0.165 },
  stovetopPopper: { metalW: 740.8, gearJPerK: 730.6, lossWPerK: 1.2, contactWPerK: 1.872, gasRiseK: 181.7, gasWPerK: 0.4462, movement: 0.8, startRiseK: 151.1, spread: 0.197 },
  pan: { metalW: 464.4, gearJPerK: 719.8, lossWPerK: 1.2, contactWPerK: 1.632, gasRiseK: 65.55, gasWPerK: 0.4878, movement: 0.7, startRiseK: 156.9, spread: 0.135 },
  oven: { metalW: 573.3, gearJPerK: 758.7, lossWPerK: 1.2, contactWPerK: 1.235, gasRiseK: 248.4, gasWPerK: 0.4757, movement: 0.65, startRiseK: 140.4, spread: 0.186 },
  heatGun: { metalW: 208.2, gearJPerK: 300, lossWPerK: 0.8, contactWPerK: 0.4155, gasRiseK: 289.7, gasWPerK: 0.6413, movement: 0.75, startRiseK: 5.339, spread: 0.163 },
  shaken: { metalW: 319.3, gearJPerK: 300, lossWPerK: 0.9, contactWPerK: 1.134, gasRiseK: 215.6, gasWPerK: 0.9675, movement: 0.8, startRiseK: 62.66, spread: 0.114 },
  breadMachine: { metalW: 541, gearJPerK: 900, lossWPerK: 1.2, contactWPerK: 0.1598, gasRiseK: 266.7, gasWPerK: 1.821, movement: 0.85, startRiseK: 8.267, spread: 0.118 },
  smallDrum: { metalW: 596.6, gearJPerK: 1200, lossWPerK: 1.2, contactWPerK: 2.031, gasRiseK: 212.3, gasWPerK: 1.35, movement: 0.9, startRiseK: 83.95, spread: 0.111 },
  other: { metalW: 376.7, gearJPerK: 509.4, lossWPerK: 1, contactWPerK: 1.726, gasRiseK: 162, gasWPerK: 1.763, movement: 0.8, startRiseK: 42.35, spread: 0.109 },
} as const satisfies Record<MethodId, GearModel>;
