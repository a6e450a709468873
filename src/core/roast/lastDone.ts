import type { Entry } from './entry.ts';
import { lastUndoable } from './liveEntries.ts';
import type { Roast } from './roast.ts';

/**
 * What Undo takes back at the heat: the person's last line that stands, or `charge` where the beans went in after it. A roast
 * without a preheat began with its charge, which goes with the roast itself; then it is none.
 */
export function lastDone(
  roast: Pick<Roast, 'entries' | 'chargedAt' | 'preheatedAt'>,
): Exclude<Entry, { kind: 'undo' }> | 'charge' | undefined {
  const last = lastUndoable(roast.entries);
  const isAfterPreheat = roast.chargedAt !== undefined && roast.preheatedAt !== undefined;
  return isAfterPreheat && !(last && last.pressedAt >= 0) ? 'charge' : last;
}
