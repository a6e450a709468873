import { median } from 'd3-array';
import { seededRandom } from '../chance/index.ts';
import type { SimulationSetUp } from './setUp.ts';
import { type Ending, type SimulatedRoast, simulateRoast } from './simulateRoast.ts';

/** What is asked: the same beans, but in other gear or circumstances, or with controls set otherwise from the start. */
export interface WhatIf {
  readonly change: Partial<
    Pick<SimulationSetUp, 'method' | 'controls' | 'greenGrams' | 'ambientC' | 'wind' | 'minutesSinceLast'>
  >;
  readonly moves: readonly { readonly control: string; readonly value: string | number }[];
}

/** How the changed roast stands to the unchanged: factors on the times, and what else is different. */
export interface WhatIfAnswer {
  readonly firstCrackTimes: number;
  readonly pullTimes: number;
  /** Change of the share of beans with scorched spots, -1 to 1. */
  readonly scorchedBy: number;
  /** The beans would not get there. */
  readonly stuck: boolean;
}

const SEEDS = [1, 2, 3] as const;
const LIMIT_S = 3000;

/** Simulates the roast both ways, with the same beans, and compares. Medians over three batches of beans. */
export function whatIf(setUp: SimulationSetUp, ending: Ending, asked: WhatIf): WhatIfAnswer {
  const run = (its: SimulationSetUp, moves: WhatIf['moves'], seed: number): SimulatedRoast => {
    let made = moves.length === 0;
    return simulateRoast(its, { ...ending, limitS: LIMIT_S }, seededRandom(seed), () => {
      if (made) return [];
      made = true;
      return moves;
    });
  };
  const pairs = SEEDS.map(
    (seed) => [run(setUp, [], seed), run({ ...setUp, ...asked.change }, asked.moves, seed)] as const,
  );
  return {
    firstCrackTimes: median(pairs, ([a, b]) => (b.firstCrack ?? LIMIT_S) / (a.firstCrack ?? LIMIT_S)) as number,
    pullTimes: median(pairs, ([a, b]) => b.pull / a.pull) as number,
    scorchedBy: median(pairs, ([a, b]) => b.end.scorched - a.end.scorched) as number,
    stuck: pairs.some(([, b]) => b.stuck),
  };
}
