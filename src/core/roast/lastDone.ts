import type { Entry } from './entry.ts';
import { type LiveEntry, lastPressed, lastUndoable } from './liveEntries.ts';
import { chargeFault, chargePressedS } from './movedCharge.ts';
import type { Roast } from './roast.ts';

/**
 * What Undo takes back at the heat: the person's last line that stands; `movedCharge` or `charge` where nothing was pressed since the
 * beans went in. A roast without a preheat began with its charge, which goes with the roast itself; then it is none.
 */
export function lastDone(
  roast: Pick<Roast, 'entries' | 'chargedAt' | 'chargePressedAt' | 'preheatedAt'>,
): Exclude<Entry, { kind: 'undo' }> | 'charge' | 'movedCharge' | undefined {
  const last = lastUndoable(roast.entries);
  if (isLastPress(roast, last)) return last;
  if (roast.chargePressedAt !== undefined) return 'movedCharge';
  return roast.preheatedAt === undefined ? last : 'charge';
}

/** Whether nothing was pressed after a line: Beans in neither. */
const isLastPress = (roast: Pick<Roast, 'chargedAt' | 'chargePressedAt'>, line: Pick<Entry, 'pressedAt'> | undefined) =>
  roast.chargedAt === undefined || (line !== undefined && line.pressedAt >= chargePressedS(roast));

/** A press that came late is put so many seconds earlier, in one go. */
export const EARLIER_S = 5;

/**
 * What is put earlier then: what the person pressed last and that holds, or the charge where that came last. None where nothing was
 * pressed, and where the beans would go in before their gear was heated.
 */
export function lateOne(roast: Roast, live: readonly LiveEntry[]): LiveEntry | 'charge' | undefined {
  const last = lastPressed(live);
  if (isLastPress(roast, last)) return last;
  return chargeFault(roast, -EARLIER_S) ? undefined : 'charge';
}
