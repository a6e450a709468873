/**
 * Beans in heat as ordinary differential equations, in the structure that H. G. Schwartzberg published for batch roasting
 * ("Modeling bean heating during batch roasting of coffee beans", in Engineering and Food for the 21st Century, CRC Press
 * 2002): heat from gas and from hot metal, evaporation, an exothermic end. Two additions of ours: a shell and a core, so
 * that a hurried bean is raw inside, and browning as a reaction of its own.
 */

/** What is integrated, in this order: shell and core temperature °C, moisture (dry basis), exothermic heat J/kg, browning, dry matter lost, gear °C. */
export type State = Float64Array;
/** The place of each in it. */
export const STATE = { shell: 0, core: 1, moisture: 2, reacted: 3, browned: 4, dryLost: 5, gear: 6 } as const;
/** So many numbers describe the beans and the gear. */
export const STATE_SIZE = 7;

/** What drives the beans at a moment: fixed during one step. */
export interface Drive {
  /** Dry mass of the batch, kg, and as it was weighed green. */
  readonly dryKg: number;
  readonly greenKg: number;
  /** Heat that reaches the gear's metal, and temperature and conductance of the gas, W, °C, W/K. */
  readonly metalW: number;
  readonly gasC: number;
  readonly gasWPerK: number;
  /** Contact between metal and beans, W/K. */
  readonly contactWPerK: number;
  readonly gearJPerK: number;
  readonly lossWPerK: number;
  readonly ambientC: number;
  /** The gas is warmed by the metal by this share of how far that is above the surroundings. */
  readonly wallShare: number;
  /** 1 for usual beans; below for small ones, which dry and heat through faster. */
  readonly size: number;
}

/** The shell takes this part of the bean's mass; heat goes on to the core at so many W per kg and K. Ours. */
const SHELL_SHARE = 0.3;
const INWARD_W_PER_KG_K = 85;
// Schwartzberg's constants: specific heat, drying (bean diameter in mm), the exothermic reaction, heat of vaporisation.
const DRYING_A = 4.32e9;
const DRYING_K = 9889;
const BEAN_MM = 5.5;
const REACTION_W_PER_KG = 1.162e8;
const REACTION_K = 5500;
const REACTION_J_PER_KG = 232_000;
const VAPOUR_J_PER_KG = 2.79e6;
const KELVIN = 273.15;
/** Browning as an Arrhenius reaction, scaled to 1 a second at this temperature. Fitted, see docs/decisions. */
const BROWNING_K = 30_000;
const BROWNING_AT_C = 200;

/** Specific heat of beans, J/kg dry matter and K, at a temperature and moisture. Source: Schwartzberg 2002. */
export function specificHeat(celsius: number, moisture: number): number {
  return 1099 + 7 * celsius + 5000 * moisture;
}

/** Mean temperature of the bean mass, °C. */
export function beanC(state: State): number {
  return SHELL_SHARE * (state[STATE.shell] as number) + (1 - SHELL_SHARE) * (state[STATE.core] as number);
}

/** Writes the rates of change of `state` under `drive` into `out`, each a second. */
export function ratesInto(out: State, state: State, drive: Drive): void {
  // Destructuring an array costs an iterator, and this runs millions of times.
  const shell = state[STATE.shell] as number;
  const core = state[STATE.core] as number;
  const moisture = state[STATE.moisture] as number;
  const reacted = state[STATE.reacted] as number;
  const dryLost = state[STATE.dryLost] as number;
  const gear = state[STATE.gear] as number;
  const mean = SHELL_SHARE * shell + (1 - SHELL_SHARE) * core;
  const cp = specificHeat(mean, Math.max(moisture, 0));
  const drying =
    ((DRYING_A * moisture * moisture) / (BEAN_MM * drive.size) ** 2) * Math.exp(-DRYING_K / (mean + KELVIN));
  const reaction =
    Math.max(0, 1 - reacted / REACTION_J_PER_KG) *
    REACTION_W_PER_KG *
    Math.exp(-REACTION_K / (core + KELVIN)) *
    REACTION_SCALE;
  const inward = (INWARD_W_PER_KG_K / drive.size) * (shell - core);
  const gasC = drive.gasC + drive.wallShare * (gear - drive.ambientC);
  const fromGas = (drive.gasWPerK * (gasC - shell)) / drive.dryKg;
  const fromMetal = (drive.contactWPerK * (gear - shell)) / drive.dryKg;
  // Water leaves from the whole bean, so its heat is taken where the mass is.
  const vapour = drying * VAPOUR_J_PER_KG;
  out[STATE.shell] = (fromGas + fromMetal - inward - SHELL_SHARE * vapour) / (SHELL_SHARE * cp);
  out[STATE.core] = (inward + reaction - (1 - SHELL_SHARE) * vapour) / ((1 - SHELL_SHARE) * cp);
  out[STATE.moisture] = -drying;
  out[STATE.reacted] = reaction;
  out[STATE.browned] = arrhenius(BROWNING_K, BROWNING_AT_C, mean);
  out[STATE.dryLost] = Math.max(0, dryLossAt(mean) - dryLost) / DRY_LOSS_TAKES_S;
  out[STATE.gear] =
    (drive.metalW - drive.lossWPerK * (gear - drive.ambientC) - drive.contactWPerK * (gear - shell)) / drive.gearJPerK;
}

/**
 * Schwartzberg's reaction heat was fitted to plant roasters at full fire; on gentle home gear the whole of it would make
 * every roast run away, so a part of it is taken. Fitted together with the methods.
 */
const REACTION_SCALE = 0.012;

/** Dry matter that a temperature drives off in the end, share; and how fast it goes. Fitted to the losses of handbook table 5. */
const DRY_LOSS: readonly (readonly [number, number])[] = [
  [150, 0],
  [180, 0.014],
  [200, 0.043],
  [211, 0.063],
  [217, 0.076],
  [224, 0.093],
  [231, 0.113],
  [239, 0.142],
  [255, 0.2],
];
const DRY_LOSS_TAKES_S = 12;

function dryLossAt(celsius: number): number {
  for (let i = DRY_LOSS.length - 1; i > 0; i--) {
    const [from, at] = DRY_LOSS[i - 1] as readonly [number, number];
    const [to, then] = DRY_LOSS[i] as readonly [number, number];
    if (celsius >= from) return at + ((then - at) * (celsius - from)) / (to - from);
  }
  return 0;
}

function arrhenius(perKelvin: number, atC: number, celsius: number): number {
  return Math.exp(perKelvin * (1 / (atC + KELVIN) - 1 / (celsius + KELVIN)));
}
