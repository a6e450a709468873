import { formatClock } from '../../units/index.ts';
import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

/** Hand-warm within 2 to 4 minutes (handbook, section 2), s. */
const COOL_WITHIN_S = 240;
const SLOW_S = 330;

/** The beans went on roasting after the pull. */
export const slowCooling: Rule = {
  id: 'slowCooling',
  explains: ['bitter', 'flat', 'bready'],
  against: ['stoppedShort'],
  causes: [],
  signs: ({ reached }) => {
    const { pull, cooled } = reached;
    const tookS = pull === undefined || cooled === undefined ? undefined : cooled - pull;
    return [
      fact(
        tookS !== undefined && tookS > COOL_WITHIN_S,
        `The beans were hand-warm ${formatClock(tookS ?? 0)} after the pull; four minutes is the most.`,
        (tookS ?? 0) > SLOW_S ? 1.05 : 0.6,
      ),
      fact(tookS !== undefined && tookS <= COOL_WITHIN_S, 'They were cool in time.', -2),
    ];
  },
  says: () => 'The beans cooled too slowly and went on roasting.',
  propose: () => ({ change: { kind: 'care', care: 'coolFaster' }, question: 'Cooled in under four minutes?' }),
};
