import type { Ending, SimulationSetUp, WhatIf, WhatIfAnswer } from '@/core/simulate';

/** What the simulator's worker does. Only plain data crosses. */
export interface SimulatorContract {
  whatIf(setUp: SimulationSetUp, ending: Ending, asked: WhatIf): WhatIfAnswer;
}
