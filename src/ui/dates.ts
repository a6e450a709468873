import { differenceInCalendarDays, format } from 'date-fns';

/** A day as one says it: today, yesterday, a weekday within the week, else `21 Nov`, with the year when it is not this one. */
export function dayWords(iso: string, now: Date = new Date()): string {
  const date = new Date(iso);
  const days = differenceInCalendarDays(now, date);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  if (days > 1 && days < 7) return format(date, 'EEEE');
  return shortDate(iso, now);
}

/** `21 Nov`, with the year when it is not this one. */
export function shortDate(iso: string, now: Date = new Date()): string {
  const date = new Date(iso);
  return format(date, date.getFullYear() === now.getFullYear() ? 'd MMM' : 'd MMM yyyy');
}

/** `Saturday 21 November 2026, 14:05`. */
export function fullDate(iso: string): string {
  return format(new Date(iso), 'EEEE d MMMM yyyy, HH:mm');
}
