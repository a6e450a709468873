import { useEffect, useState } from 'react';
import { MINUTE_MS } from '@/core/units';

/**
 * The time now, Unix milliseconds, at the last whole step of the device's clock; renewed as the next begins and when the page
 * comes back into sight. Ask for the step that what is shown changes by; 0 stops it.
 */
export function useNow(stepMs = 1000): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (stepMs === 0) return;
    let timer: ReturnType<typeof setTimeout>;
    const renew = () => {
      clearTimeout(timer);
      setNow(lastStep(stepMs));
      timer = setTimeout(renew, stepMs - (Date.now() % stepMs) + 1);
    };
    renew();
    document.addEventListener('visibilitychange', renew);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', renew);
    };
  }, [stepMs]);
  return now;
}

const lastStep = (stepMs: number) => Math.floor(Date.now() / stepMs) * stepMs;

const QUARTER_MS = 15 * MINUTE_MS;

/** Another number each quarter of an hour, which is when days begin in any zone: for what a page asks anew with the day. */
export const useQuarterHour = () => Math.floor(useNow(QUARTER_MS) / QUARTER_MS);
