import { normal, type Random } from '../chance/index.ts';
import type { BeansNow } from './simulation.ts';

/** A thermometer in the simulated beans. */
export interface ProbeHabits {
  /** How slowly it follows, s. */
  readonly lagS: number;
  readonly offsetC: number;
  readonly noiseC: number;
  /** How much of what it shows is the hot metal or air around the beans. */
  readonly surroundings: number;
  /** Share of readings that are lost, and that are nonsense. */
  readonly drops: number;
  readonly nonsense: number;
}

/** A thin probe in the beans. */
export const usualProbe: ProbeHabits = {
  lagS: 9,
  offsetC: 5,
  noiseC: 0.5,
  surroundings: 0.06,
  drops: 0.01,
  nonsense: 0.002,
};

/** A probe that is read once a second: it lags, is off by its own amount, wavers, drops out, and now and then says nonsense. */
export class SimulatedProbe {
  private shownC: number;

  constructor(
    private readonly random: Random,
    private readonly habits: ProbeHabits = usualProbe,
    startC = 20,
  ) {
    this.shownC = startC;
  }

  /** What it shows a second later, °C; undefined for a lost reading. */
  read(now: Pick<BeansNow, 'shellC' | 'beanC' | 'gearC'>): number | undefined {
    const { lagS, offsetC, noiseC, surroundings, drops, nonsense } = this.habits;
    const around = now.beanC * (1 - surroundings) + now.gearC * surroundings;
    this.shownC += (around - this.shownC) / lagS;
    const chance = this.random();
    const wavering = normal(this.random) * noiseC;
    if (chance < drops) return undefined;
    return chance < drops + nonsense ? 9999 : Math.round((this.shownC + offsetC + wavering) * 10) / 10;
  }
}
