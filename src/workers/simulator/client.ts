import type { Ending, SimulationSetUp, WhatIf, WhatIfAnswer } from '@/core/simulate';
import { callOnce, type OneCall } from '../callOnce';
import type { SimulatorContract } from './contract';

/** Asks the simulation what would be otherwise, in a worker of its own. */
export function askWhatIf(setUp: SimulationSetUp, ending: Ending, asked: WhatIf): OneCall<WhatIfAnswer> {
  const worker = new Worker(new URL('./simulator.worker.ts', import.meta.url), { type: 'module' });
  return callOnce<SimulatorContract, WhatIfAnswer>(worker, (simulator) => simulator.whatIf(setUp, ending, asked));
}
