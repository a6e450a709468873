import type { Gear } from '@/core/gear';
import type { Roast } from '@/core/roast';
import { onDevice } from './small.ts';

/** What was last pressed on this gear, and at which roast. Another device may stand elsewhere, so it is in no file. */
const key = (gearId: string) => `gander.listens/${gearId}`;

/** Whether this device listens to a roast: as it was pressed at it; at a new one as the gear has it, or as at the last. */
export function listensTo(
  { id, gearId }: Pick<Roast, 'id' | 'gearId'>,
  gear: Pick<Gear, 'listens'> | undefined,
): boolean {
  const [pressed, roastId] = onDevice.get(key(gearId))?.split(' ') ?? [];
  return roastId === id ? pressed === 'yes' : gear?.listens === true || pressed === 'yes';
}

export const setListensTo = ({ id, gearId }: Pick<Roast, 'id' | 'gearId'>, listens: boolean): void =>
  void onDevice.set(key(gearId), `${listens ? 'yes' : 'no'} ${id}`);
