import { onDevice } from './small.ts';

/** By which way this device hears the probe of a piece of gear. Another device may have another way, so it is in no file. */
const key = (gearId: string) => `gander.probe/${gearId}`;

export const probeLink = (gearId: string): string => onDevice.get(key(gearId)) ?? 'server';
export const setProbeLink = (gearId: string, link: string): void =>
  void onDevice.set(key(gearId), link === 'server' ? undefined : link);
