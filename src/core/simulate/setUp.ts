import type { Grading, Process } from '../bean/index.ts';
import type { Control, MethodId } from '../gear/index.ts';
import type { Wind } from '../roast/index.ts';

/** The beans as the simulation needs them. */
export interface SimulatedLot {
  readonly process: Process;
  readonly grading?: Grading | undefined;
  readonly gramsPerMl?: number | undefined;
  /** Water in the green, per cent by weight; 11 when absent. */
  readonly moisturePercent?: number | undefined;
}

/** One simulated roast before it begins. */
export interface SimulationSetUp {
  readonly method: MethodId;
  readonly controls: readonly Control[];
  readonly lot: SimulatedLot;
  readonly greenGrams: number;
  readonly ambientC?: number | undefined;
  readonly wind?: Wind | undefined;
  /** Heat of this household's gear against the method's; 1 when absent. */
  readonly strength?: number | undefined;
  /** Mains voltage or gas pressure against the usual; 1 when absent. */
  readonly supply?: number | undefined;
  /** Minutes since the last batch was pulled, where the gear is still warm. */
  readonly minutesSinceLast?: number | undefined;
}

/** Values of the gear's controls by their id. */
export type ControlValues = Readonly<Record<string, string | number | undefined>>;
