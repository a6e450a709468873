import { counted, DAY_MS } from '@/core/units';
import { database } from '@/store/current';
import { currentHousehold } from '@/store/householdNow';
import { notify } from '@/store/notices';
import { forgetLostPhotos } from '@/store/photos';
import { onDevice } from '@/store/small';
import { forgetOldSounds } from '@/store/sounds';
import { lookAfter } from '@/workers/keeper/client';

const KEY = 'gander.lookedAfter';
/** Long after the page has opened, and only on one that stays open. */
const RESTS_MS = 4000;

/** Looks once a day, at rest, whether everything in the notebook can be read. Gives the way to stop before it began. */
export function lookAfterDaily(): () => void {
  const key = `${KEY}/${database().name}`;
  const last = Number(onDevice.get(key) ?? 0);
  const now = Date.now();
  if (now - last < DAY_MS && last <= now) return () => {};
  const timer = setTimeout(() => {
    void lookAtRest(key, now);
    void forgetLostPhotos(database(), Date.now());
    void forgetOldSounds(database(), currentHousehold().soundWeeks, Date.now());
  }, RESTS_MS);
  return () => clearTimeout(timer);
}

async function lookAtRest(key: string, now: number): Promise<void> {
  // Before it, lest a look that ends the page were made again and again.
  onDevice.set(key, String(now));
  const found = await lookAfter(database().name, false);
  // Somebody loads or saves: the next page looks.
  if (found === undefined) onDevice.set(key, undefined);
  else sayAside(found);
}

/** Takes what cannot be read out of the way, and says so; the page is loaded again without it. Gives whether there was any. */
export async function setAside(): Promise<boolean> {
  return sayAside((await lookAfter(database().name, true)) ?? 0);
}

function sayAside(found: number): boolean {
  if (found === 0) return false;
  notify({
    text: `${counted(found, 'thing')} in the notebook could not be read and ${found === 1 ? 'is' : 'are'} set aside, not lost: see Files and settings.`,
  });
  location.reload();
  return true;
}
