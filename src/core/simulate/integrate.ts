import { type Drive, ratesInto, STATE, STATE_SIZE, type State } from './physics.ts';

/** Largest error of one step that is let pass, by Richardson: °C for temperatures; the other states move far less. */
const TOLERANCE_C = 0.01;
const SMALLEST_STEP_S = 1 / 64;

const k1 = new Float64Array(STATE_SIZE);
const k2 = new Float64Array(STATE_SIZE);
const k3 = new Float64Array(STATE_SIZE);
const k4 = new Float64Array(STATE_SIZE);
const middle = new Float64Array(STATE_SIZE);

/** One classical Runge-Kutta step of fourth order, in place. */
export function rungeKuttaInPlace(state: State, drive: Drive, stepS: number): void {
  ratesInto(k1, state, drive);
  shift(middle, state, k1, stepS / 2);
  ratesInto(k2, middle, drive);
  shift(middle, state, k2, stepS / 2);
  ratesInto(k3, middle, drive);
  shift(middle, state, k3, stepS);
  ratesInto(k4, middle, drive);
  for (let i = 0; i < STATE_SIZE; i++)
    state[i] =
      (state[i] as number) +
      (stepS / 6) * ((k1[i] as number) + 2 * ((k2[i] as number) + (k3[i] as number)) + (k4[i] as number));
}

function shift(out: State, state: State, rates: State, byS: number): void {
  for (let i = 0; i < STATE_SIZE; i++) out[i] = (state[i] as number) + byS * (rates[i] as number);
}

const whole = new Float64Array(STATE_SIZE);
const halves = new Float64Array(STATE_SIZE);

/**
 * Moves `state` on by `stepS` seconds, in place. The step is done once whole and once in two halves; where the two differ
 * by more than the tolerance it is parted. Gives the number of steps that were taken.
 */
export function integrateInPlace(state: State, drive: Drive, stepS: number): number {
  whole.set(state);
  rungeKuttaInPlace(whole, drive, stepS);
  halves.set(state);
  rungeKuttaInPlace(halves, drive, stepS / 2);
  rungeKuttaInPlace(halves, drive, stepS / 2);
  const error = Math.max(difference(STATE.shell), difference(STATE.core), difference(STATE.gear)) / 15;
  if (error > TOLERANCE_C && stepS / 2 >= SMALLEST_STEP_S)
    return integrateInPlace(state, drive, stepS / 2) + integrateInPlace(state, drive, stepS / 2);
  state.set(halves);
  return 2;
}

const difference = (i: number) => Math.abs((whole[i] as number) - (halves[i] as number));
