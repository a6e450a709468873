import { formatClock } from '../../units/index.ts';
import type { HeatSituation } from './situation.ts';
import type { Telling } from './telling.ts';

/** Hand-warm within 2 to 4 minutes. Source: handbook, section 2. */
export const HAND_WARM_S = 240;
const TOLD_S = 60;
/** A heap of more than this cools slowly, grams of green; common roasting knowledge. */
const LARGE_GRAMS = 200;

/** After the pull: a word on large batches, a signal at four minutes, and one when they are hand-warm. */
export function cooling({ reached, nowS, batch }: HeatSituation): Telling[] {
  const { pull, cooled } = reached;
  if (pull === undefined) return [];
  const since = nowS - pull;
  if (cooled !== undefined) {
    if (nowS - cooled > TOLD_S) return [];
    return [
      { key: 'handWarm', level: 'due', text: `Hand-warm after ${formatClock(cooled - pull)}. Chaff off, then weigh.` },
    ];
  }
  if (since >= HAND_WARM_S)
    return [
      {
        key: `cool${Math.floor((since - HAND_WARM_S) / 60)}`,
        level: 'due',
        text: `${formatClock(since)} of cooling: hand-warm by now? If not, more air, a thinner layer.`,
      },
    ];
  return batch.greenGrams > LARGE_GRAMS && since < TOLD_S
    ? [{ key: 'heap', level: 'soon', text: 'A large batch: spread it out, the second half on a tray of its own.' }]
    : [];
}
