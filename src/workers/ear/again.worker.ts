import { expose } from 'comlink';
import { listenAgain, readEar } from '@/core/listen';
import type { AgainContract } from './againContract';
import stored from './ear.json';

/** The share that is done is told this often, as a share of the whole. */
const TOLD = 0.02;

const contract: AgainContract = {
  async listen(recording, tell) {
    const steps = listenAgain({ ...recording, ear: readEar(stored) });
    let told = 0;
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (step.value - told < TOLD) continue;
      told = step.value;
      await tell(told);
    }
  },
};
expose(contract);
