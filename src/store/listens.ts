import { onDevice } from './small.ts';

/** Whether this device listened to the last roast on a piece of gear. Another device may stand elsewhere, so it is in no file. */
const key = (gearId: string) => `gander.listens/${gearId}`;

export const listensTo = (gearId: string): boolean => onDevice.get(key(gearId)) !== undefined;
export const setListensTo = (gearId: string, listens: boolean): void =>
  void onDevice.set(key(gearId), listens ? 'yes' : undefined);
