import { useEffect, useState } from 'react';
import { canStayAwake } from '@/ui/canStayAwake';

/**
 * Keeps the screen awake while `active`: by a wake lock where the browser has one here, else by the usual silent video,
 * which begins with the first touch or key. Gives false where neither can be: then the person must see to it.
 */
export function useAwake(active: boolean): boolean {
  const [refused, setRefused] = useState(false);
  useEffect(() => {
    if (!active) return;
    if ('wakeLock' in navigator) return holdWakeLock();
    return playSilentVideo(() => setRefused(true));
  }, [active]);
  return !refused && canStayAwake();
}

function holdWakeLock(): () => void {
  let lock: WakeLockSentinel | undefined;
  let over = false;
  const take = async () => {
    if (over || document.visibilityState !== 'visible') return;
    // Refused on low battery; the roast goes on either way.
    lock = await navigator.wakeLock.request('screen').catch(() => undefined);
    if (over) void lock?.release();
  };
  void take();
  document.addEventListener('visibilitychange', take);
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', take);
    void lock?.release();
  };
}

function playSilentVideo(onRefused: () => void): () => void {
  let end = () => {};
  let over = false;
  const begin = async () => {
    const { default: NoSleep } = await import('nosleep.js');
    if (over) return;
    const video = new NoSleep();
    end = () => video.disable();
    await video.enable().catch(onRefused);
  };
  const touch = () => void begin().catch(onRefused);
  // Browsers let a video play only after a touch or a key.
  document.addEventListener('pointerdown', touch, { once: true });
  document.addEventListener('keydown', touch, { once: true });
  return () => {
    over = true;
    document.removeEventListener('pointerdown', touch);
    document.removeEventListener('keydown', touch);
    end();
  };
}
