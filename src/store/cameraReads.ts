import * as z from 'zod';
import { withNamedMoment } from '@/core/exchange';
import type { ReferenceRead } from '@/core/look';
import { onDevice } from './small.ts';

/** With this device, not with the notebook: another device has another camera. Never change it alone. */
const KEY = 'gander.cameraReads';
/** So many are kept. */
const MOST = 60;

const read = z.object({ readAt: z.iso.datetime(), lightness: z.number().min(0).max(100) });
/** Until 1 December 2026 its moment was called `at`. */
const reads = z.array(z.preprocess((each) => withNamedMoment(each, 'readAt'), read)).max(MOST);

/** What this device's camera read of one plain thing, oldest first. */
export function cameraReads(): readonly ReferenceRead[] {
  try {
    return reads.parse(JSON.parse(onDevice.get(KEY) ?? '[]'));
  } catch {
    // Spoilt by another hand: the next photo begins anew.
    return [];
  }
}

/** Keeps another one; gives all of them. */
export function keepCameraRead(newest: ReferenceRead): readonly ReferenceRead[] {
  const next = [...cameraReads(), newest].slice(-MOST);
  onDevice.set(KEY, JSON.stringify(next));
  return next;
}

/** Begins anew, with another thing. */
export const forgetCameraReads = (): void => void onDevice.set(KEY, undefined);
