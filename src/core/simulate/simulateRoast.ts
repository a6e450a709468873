import type { Random } from '../chance/index.ts';
import { crackOnsets } from '../roast/index.ts';
import type { ShadeNumber } from '../shade/index.ts';
import { shadeC } from './browning.ts';
import type { SimulationSetUp } from './setUp.ts';
import { type BeansNow, type HeardCrack, Simulation } from './simulation.ts';

/** What a person does during a simulated roast, asked every second; the answer is made at once. */
export type Operator = (
  now: BeansNow,
  roast: TrueMilestones,
) => readonly { readonly control: string; readonly value?: string | number | undefined }[];

/** The true milestones of a simulated roast, seconds from charge; one that was not reached is absent. */
interface TrueMilestones {
  readonly yellow: number | undefined;
  readonly firstCrack: number | undefined;
  readonly firstCrackEnd: number | undefined;
  readonly secondCrack: number | undefined;
}

/** What came of a simulated roast. */
export interface SimulatedRoast extends TrueMilestones {
  readonly pull: number;
  readonly end: BeansNow;
  readonly cracks: readonly HeardCrack[];
  /** Once a second, from charge to pull. */
  readonly curve: readonly {
    readonly atS: number;
    readonly beanC: number;
    readonly shellC: number;
    readonly gearC: number;
  }[];
  /** The beans did not get there; it was given up at the limit. */
  readonly stuck: boolean;
}

/** When a simulated roast ends. */
export interface Ending {
  /** Pulled at this shade, as the eye sees it, or at this browning read as a temperature, °C; */
  readonly shade?: ShadeNumber;
  readonly brownedC?: number | undefined;
  /** or at this time after first crack began to roll, whichever comes first. */
  readonly afterFirstCrackS?: number | undefined;
  /** Given up after so long. */
  readonly limitS?: number;
}

const LIMIT_S = 2700;
const FIRE_C = 248;

/** A whole roast: charge to pull, with `hand` making the moves. Every draw comes from `random`. */
export function simulateRoast(setUp: SimulationSetUp, ending: Ending, random: Random, hand?: Operator): SimulatedRoast {
  const simulation = new Simulation(setUp, random);
  const curve: { atS: number; beanC: number; shellC: number; gearC: number }[] = [];
  const limitS = ending.limitS ?? LIMIT_S;
  const darkC = ending.brownedC ?? (ending.shade && shadeC(ending.shade));
  let onsets: TrueMilestones = {
    yellow: undefined,
    firstCrack: undefined,
    firstCrackEnd: undefined,
    secondCrack: undefined,
  };
  let heard = 0;
  for (let atS = 1; ; atS++) {
    simulation.advanceTo(atS);
    const now = simulation.now();
    curve.push({ atS, beanC: now.beanC, shellC: now.shellC, gearC: now.gearC });
    if (simulation.cracks.length !== heard || onsets.yellow !== simulation.yellowS) {
      heard = simulation.cracks.length;
      onsets = milestonesNow(simulation, atS, onsets);
    }
    const dark = darkC !== undefined && now.brownedC >= darkC;
    const late =
      ending.afterFirstCrackS !== undefined &&
      onsets.firstCrack !== undefined &&
      atS >= onsets.firstCrack + ending.afterFirstCrackS;
    const stuck = atS >= limitS;
    if (dark || late || stuck || now.beanC >= FIRE_C)
      return {
        ...onsets,
        firstCrackEnd: firstCrackEnd(simulation, atS),
        pull: atS,
        end: now,
        cracks: simulation.cracks,
        curve,
        stuck,
      };
    if (hand) for (const { control, value } of hand(now, onsets)) simulation.move(control, value);
  }
}

function milestonesNow(simulation: Simulation, nowS: number, before: TrueMilestones): TrueMilestones {
  return {
    yellow: simulation.yellowS,
    firstCrack: before.firstCrack ?? crackOnsets('first', times(simulation, 'first'), nowS).rollingS,
    firstCrackEnd: undefined,
    secondCrack: before.secondCrack ?? crackOnsets('second', times(simulation, 'second'), nowS).rollingS,
  };
}

/** Known only when all is heard: what looks like the end may be a lull. */
function firstCrackEnd(simulation: Simulation, nowS: number): number | undefined {
  return crackOnsets('first', times(simulation, 'first'), nowS).endS;
}

function times(simulation: Simulation, crack: HeardCrack['crack']): number[] {
  return simulation.cracks.flatMap((each) => (each.crack === crack ? [each.atS] : []));
}
