import { useSyncExternalStore } from 'react';
import type { Telling } from '@/core/heat';
import type { Roast } from '@/core/roast';
import { lacksRoom, lateHeatWrites, onHeatWrites } from '@/store/outbox';

/** The words for what was pressed and is not in the database though it should be by now. */
export function useNotKept({ id }: Roast): Telling[] {
  const all = useSyncExternalStore(onHeatWrites, lateHeatWrites);
  const count = all.filter(({ roastId }) => roastId === id).length;
  if (count === 0) return [];
  const presses = count === 1 ? 'your last press' : `your last ${count} presses`;
  const why = lacksRoom() ? ' There is no room left on this device: delete something large.' : '';
  const text = `Not kept yet: ${presses}.${why} Kept in memory and tried again: leave this page open.`;
  return [{ key: `notKept${count}`, level: 'danger', text }];
}
