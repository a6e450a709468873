import { formatClock } from '../../units/index.ts';
import { clockAgrees, offWords, swappedBy, yellowSwappedBy } from '../markDoubts.ts';
import type { Rule } from '../rule.ts';
import { fact } from '../signs.ts';

/** One stretch so far short and the next so far long, in standard deviations. */
const ONE_OFF = 1.3;
const YELLOW_OFF = 1;

/** A mark was pressed at another moment than it happened. */
export const misMarked: Rule = {
  id: 'misMarked',
  explains: [],
  against: ['rushedBrowning', 'draggedBrowning', 'stall', 'stoppedShort', 'wentTooFar', 'hotStart'],
  causes: [],
  signs: (evidence) => {
    const { spans, probeOffC, reached, complaints } = evidence;
    const { middle } = spans;
    const after = spans.pace ?? spans.afterCrack;
    const [swapped, yellow] = [swappedBy(evidence), yellowSwappedBy(evidence)];
    return [
      fact(
        swapped > ONE_OFF,
        `First crack stands at ${formatClock(reached.firstCrack ?? 0)}: that makes browning ${(middle?.off ?? 0) < 0 ? 'short' : 'long'} and the time after it ${(after?.off ?? 0) < 0 ? 'short' : 'long'}, while the whole roast is as usual.`,
        0.7 + 0.5 * (swapped - ONE_OFF),
      ),
      fact(
        yellow > YELLOW_OFF,
        `Yellow stands at ${formatClock(reached.yellow ?? 0)}: that makes drying ${(spans.drying?.off ?? 0) < 0 ? 'short' : 'long'} and browning ${(spans.browning?.off ?? 0) < 0 ? 'short' : 'long'}, while first crack came as usual.`,
        0.7 + 0.5 * (yellow - YELLOW_OFF),
      ),
      fact(
        probeOffC !== undefined,
        `The reading there is ${offWords(evidence)} this gear's own at first crack.`,
        // Where the clock agrees with the mark it is the probe that moved.
        clockAgrees(evidence) ? 0.3 : 1.05,
      ),
      fact(evidence.pulled.atCrack, 'First crack was pressed at the pull itself; when it began nobody knows.', 1.45),
      fact(complaints.size > 0, 'Something was wrong with the cup, which a slip of the finger does not do.', -0.4),
    ];
  },
  says: (evidence) =>
    evidence.pulled.atCrack
      ? 'First crack was marked as the beans came out. Did it begin sooner?'
      : yellowSwappedBy(evidence) > swappedBy(evidence)
        ? 'Yellow was probably marked at another moment than the last green was gone. Is its time right?'
        : 'First crack was probably marked at another moment than it began to roll.',
  propose: () => ({ change: { kind: 'care', care: 'moveMark' }, question: 'Marked when it rolls?' }),
};
