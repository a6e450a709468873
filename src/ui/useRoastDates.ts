import { useMemo, useSyncExternalStore } from 'react';
import { localDay } from '@/core/units';
import { busyDays, onBusyDays } from '@/store/busyDays';
import { dayWords, shortDate, timeOfDay } from './dates';
import { useHousehold } from './useHousehold';

const NONE: ReadonlySet<string> = new Set();

/** The date that names a roast; with the time of day where that day had several, so that no two are called the same. */
export function useRoastDates() {
  const busy = useSyncExternalStore(onBusyDays, busyDays, () => NONE);
  const { hourClock } = useHousehold();
  return useMemo(() => {
    const named = (iso: string, date: string) =>
      busy.has(localDay(iso)) ? `${date}, ${timeOfDay(iso, hourClock)}` : date;
    return {
      /** `21 Nov`, or `21 Nov, 14:05`. */
      date: (iso: string) => named(iso, shortDate(iso)),
      /** `yesterday`, or `yesterday, 14:05`. */
      day: (iso: string) => named(iso, dayWords(iso)),
    };
  }, [busy, hourClock]);
}
