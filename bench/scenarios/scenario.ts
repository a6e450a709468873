import type { Process } from '../../src/core/bean/index.ts';
import type { MethodId } from '../../src/core/gear/index.ts';
import type { Milestones, PullRule, Wind } from '../../src/core/roast/index.ts';
import type { ShadeNumber } from '../../src/core/shade/index.ts';

/** What a simulated household's roasting is like; spreads of logs where nothing else is said. */
export interface Scenario {
  /** Spread of everything from day to day, and of the marks; 1 as it was developed with. */
  readonly days: number;
  /** Share of marks that are forgotten, and that are taken from a stray pop. */
  readonly forgotten: number;
  readonly strayed: number;
  /** Share of roasts that are the day's next batch, and how much faster gear is that just came off the heat. */
  readonly again: number;
  readonly keepsHeat: number;
  /** How far a gear's pace wanders, and how much of that is left a roast later. */
  readonly drift: { readonly sd: number; readonly memory: number };
  /** How much faster and less steady the first roasts are than those of a practised hand. */
  readonly learning: number;
  /** How far off its shade a pull by eye is, °C of browning: each time, by the habit on a gear for a shade, and by the lot. */
  readonly eyeC: { readonly each: number; readonly habit: number; readonly lot: number };
  /** Share of households that pull by the clock from first crack, and how well they keep it: seconds late, and their spread. */
  readonly byClock: number;
  readonly keepsS: { readonly late: number; readonly spread: number };
  /** Spread of a gear's own usual batch against its method's. */
  readonly batches: number;
}

export const usualScenario: Scenario = {
  days: 1,
  forgotten: 0.1,
  strayed: 0.03,
  again: 0.35,
  keepsHeat: 0.1,
  drift: { sd: 0.03, memory: 0.6 },
  learning: 0,
  eyeC: { each: 1.5, habit: 1.5, lot: 1 },
  byClock: 0.25,
  keepsS: { late: 4, spread: 6 },
  batches: 0.2,
};
const calmScenario: Scenario = {
  ...usualScenario,
  days: 0.6,
  forgotten: 0.05,
  strayed: 0.01,
  drift: { sd: 0.015, memory: 0.8 },
  eyeC: { each: 0.7, habit: 1, lot: 0.5 },
  keepsS: { late: 1, spread: 3 },
};
const roughScenario: Scenario = {
  ...usualScenario,
  days: 1.6,
  forgotten: 0.15,
  strayed: 0.06,
  drift: { sd: 0.06, memory: 0.4 },
  eyeC: { each: 2.5, habit: 2.5, lot: 2 },
  keepsS: { late: 8, spread: 12 },
  batches: 0.35,
};
/** People who begin: faster and wilder at first. */
const learnersScenario: Scenario = { ...usualScenario, learning: 0.15, drift: { sd: 0.04, memory: 0.9 } };
/** People who roast batch after batch on a day, on gear that stays hot. */
const busyScenario: Scenario = { ...usualScenario, again: 0.75, keepsHeat: 0.2, drift: { sd: 0.03, memory: 0.7 } };

/** Every scenario that something learned has to hold in. */
export const scenarios = {
  calm: calmScenario,
  usual: usualScenario,
  rough: roughScenario,
  learners: learnersScenario,
  busy: busyScenario,
} as const satisfies Record<string, Scenario>;
export type ScenarioName = keyof typeof scenarios;

/** A roast of a simulated household, as its journal has it. */
export interface ScenarioRoast {
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
  readonly rule: PullRule | undefined;
  readonly reached: Milestones;
  /** As it really was, without slips of the hand. */
  readonly truth: { readonly yellow: number; readonly firstCrack: number; readonly pull: number };
}
