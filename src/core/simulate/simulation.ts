import type { Random } from '../chance/index.ts';
import { crackOnsets, USUAL_AMBIENT_C } from '../roast/index.ts';
import { brownedToC, toneAtC, YELLOW_C } from './browning.ts';
import { dryKgOf, gearStartC, type Moment, momentOf, STIR_LASTS_S } from './drive.ts';
import { integrateInPlace, rungeKuttaInPlace } from './integrate.ts';
import { beanC, type Drive, STATE, STATE_SIZE, type State } from './physics.ts';
import { drawPopulation, type Population } from './population.ts';
import type { ControlValues, SimulationSetUp } from './setUp.ts';

/** A crack as it was heard. */
export interface HeardCrack {
  readonly atS: number;
  readonly crack: 'first' | 'second';
}

/** How the beans stand at a moment. */
export interface BeansNow {
  readonly atS: number;
  readonly beanC: number;
  readonly shellC: number;
  readonly gearC: number;
  /** Colour of the batch, and of its palest and darkest twentieth, tones of the bean ramp. */
  readonly tone: number;
  readonly paleTone: number;
  readonly darkTone: number;
  /** Browning read as a temperature, °C. */
  readonly brownedC: number;
  /** Loss of weight so far, per cent of green. */
  readonly lossPercent: number;
  /** Share of the beans with scorched spots, 0 to 1. */
  readonly scorched: number;
  readonly movement: number;
  /** 0 none to 1 thick. */
  readonly smoke: number;
}

const STEP_S = 1;
const CHECK_EVERY_S = 15;
const SCORCH_FROM_C = 262;
const SCORCH_PER_K_S = 0.00005;

/**
 * One roast of a population of beans, moved on in time as far as it is asked. Seeded by `random`; the same draws and the
 * same moves give the same roast.
 */
export class Simulation {
  private readonly state: State;
  private readonly population: Population;
  private values: ControlValues = {};
  private lastStirS = Number.NEGATIVE_INFINITY;
  private elapsedS = 0;
  private scorched = 0;
  private nextFirst = 0;
  private nextSecond = 0;
  private readonly heard: HeardCrack[] = [];
  private yellowAtS: number | undefined;
  private movement: number;
  private moment: Moment | undefined;
  private momentUntilS = 0;
  private checkedUntilS = 0;
  private parts = 1;

  constructor(
    private readonly setUp: SimulationSetUp,
    private readonly random: Random,
  ) {
    const dryKg = dryKgOf(setUp);
    const ambientC = setUp.ambientC ?? USUAL_AMBIENT_C;
    this.state = new Float64Array(STATE_SIZE);
    this.state[STATE.shell] = ambientC;
    this.state[STATE.core] = ambientC;
    this.state[STATE.moisture] = setUp.greenGrams / 1000 / dryKg - 1;
    this.state[STATE.gear] = gearStartC(setUp);
    this.movement = momentOf(setUp, {}, 0, Number.NEGATIVE_INFINITY).movement;
    this.population = drawPopulation(setUp.lot, setUp.greenGrams, this.movement, random);
  }

  /** A move of the person: the new value of a control, or an act such as a stir. */
  move(control: string, value?: string | number): void {
    if (value === undefined) this.lastStirS = this.elapsedS;
    else this.values = { ...this.values, [control]: value };
    this.moment = undefined;
    this.checkedUntilS = 0;
  }

  /** Moves the roast on to `atS` seconds from charge, whole seconds; earlier times are passed over. */
  advanceTo(atS: number): void {
    while (this.elapsedS + STEP_S <= atS) {
      const moment = this.momentNow();
      this.movement = moment.movement;
      const before = beanC(this.state);
      this.integrate(moment.drive);
      this.elapsedS += STEP_S;
      this.hear(before, beanC(this.state));
      if (this.yellowAtS === undefined && brownedToC(this.state[STATE.browned] as number) >= YELLOW_C)
        this.yellowAtS = this.elapsedS;
      // Where beans lie still they take on the heat of what they lie on.
      const contactC =
        (this.state[STATE.shell] as number) +
        Math.max(
          0,
          (this.state[STATE.gear] as number) - (this.state[STATE.shell] as number),
          moment.drive.gasC - (this.state[STATE.shell] as number),
        ) *
          Math.max(0, 0.85 - moment.movement);
      this.scorched = Math.min(1, this.scorched + Math.max(0, contactC - SCORCH_FROM_C) * SCORCH_PER_K_S * STEP_S);
    }
  }

  /** The step is checked now and then and after every move; in between it is as fine as the last check found needful. */
  private integrate(drive: Drive): void {
    if (this.elapsedS >= this.checkedUntilS) {
      this.parts = Math.max(1, integrateInPlace(this.state, drive, STEP_S) / 2);
      this.checkedUntilS = this.elapsedS + CHECK_EVERY_S;
    } else for (let i = 0; i < this.parts; i++) rungeKuttaInPlace(this.state, drive, STEP_S / this.parts);
  }

  /** Worked out anew only when a move was made or a stir wears off. */
  private momentNow(): Moment {
    if (!this.moment || this.elapsedS >= this.momentUntilS) {
      this.moment = momentOf(this.setUp, this.values, this.elapsedS, this.lastStirS);
      const wearsOffS = this.lastStirS + STIR_LASTS_S;
      this.momentUntilS = wearsOffS > this.elapsedS ? wearsOffS : Number.POSITIVE_INFINITY;
    }
    return this.moment;
  }

  /** Everything heard so far, in order of time. */
  get cracks(): readonly HeardCrack[] {
    return this.heard;
  }

  /** When all beans had turned yellow; undefined before. */
  get yellowS(): number | undefined {
    return this.yellowAtS;
  }

  /** When first and second crack began to roll, by everything heard so far; undefined before. */
  rolling(): { readonly firstCrack: number | undefined; readonly secondCrack: number | undefined } {
    const times = (crack: HeardCrack['crack']) =>
      this.heard.flatMap((each) => (each.crack === crack ? [each.atS] : []));
    return {
      firstCrack: crackOnsets('first', times('first'), this.elapsedS).rollingS,
      secondCrack: crackOnsets('second', times('second'), this.elapsedS).rollingS,
    };
  }

  now(): BeansNow {
    const state = this.state;
    const mean = beanC(state);
    const brownedC = brownedToC(state[STATE.browned] as number);
    const spread = 1.65 * this.population.spreadC;
    const dryKg = dryKgOf(this.setUp);
    const roastedKg =
      dryKg * (1 - (state[STATE.dryLost] as number)) + dryKg * Math.max(0, state[STATE.moisture] as number);
    return {
      atS: this.elapsedS,
      beanC: mean,
      shellC: state[STATE.shell] as number,
      gearC: state[STATE.gear] as number,
      brownedC,
      tone: toneAtC(brownedC),
      paleTone: toneAtC(brownedC - spread),
      darkTone: toneAtC(brownedC + spread),
      lossPercent: 100 * (1 - roastedKg / (this.setUp.greenGrams / 1000)),
      scorched: this.scorched,
      movement: this.movement,
      smoke: Math.min(1, Math.max(0, (mean - 205) / 35)),
    };
  }

  private hear(fromC: number, toC: number): void {
    const { first, second } = this.population;
    const nowC = Math.max(fromC, toC);
    if (!((first[this.nextFirst] as number) <= nowC) && !((second[this.nextSecond] as number) <= nowC)) return;
    const pops: HeardCrack[] = [];
    // The order inside one second is chance.
    const at = () => this.elapsedS - STEP_S * this.random();
    while (this.nextFirst < first.length && (first[this.nextFirst] as number) <= nowC) {
      pops.push({ atS: at(), crack: 'first' });
      this.nextFirst++;
    }
    while (this.nextSecond < second.length && (second[this.nextSecond] as number) <= nowC) {
      pops.push({ atS: at(), crack: 'second' });
      this.nextSecond++;
    }
    this.heard.push(...pops.sort((a, b) => a.atS - b.atS));
  }
}
