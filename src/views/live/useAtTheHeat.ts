import { useEffect } from 'react';

/** Keeps the screen awake while `active`, where the browser can, and asks again after the page was hidden. */
export function useWakeLock(active: boolean): void {
  useEffect(() => {
    if (!active || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const take = async () => {
      if (over || document.visibilityState !== 'visible') return;
      // Refused on low battery and without a secure address; the roast goes on either way.
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
  }, [active]);
}

/** Has the browser ask before the page is left while `active`. Nothing would be lost, but nobody would be watching. */
export function useLeaveWarning(active: boolean): void {
  useEffect(() => {
    if (!active) return;
    const warn = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [active]);
}
