import { differenceInCalendarDays, lightFormat } from 'date-fns';
import type { HourClock } from '@/core/household';

// Every page says a date, the roast screen too: the browser's own names of days and months cost nothing to load.
const nameOf = (options: Intl.DateTimeFormatOptions) => {
  const names = new Intl.DateTimeFormat('en-US', options);
  return (moment: Date | number) => names.format(moment);
};
const weekday = nameOf({ weekday: 'long' });
const shortWeekday = nameOf({ weekday: 'short' });
const month = nameOf({ month: 'long' });
const shortMonth = nameOf({ month: 'short' });
const dayMonth = (moment: Date) => `${moment.getDate()} ${shortMonth(moment)}`;

/** A day gone by as one says it: today, yesterday, last Friday within the week, else `21 Nov`, with the year when it is not this one. */
export function dayWords(iso: string, now: Date = new Date()): string {
  const date = new Date(iso);
  const days = differenceInCalendarDays(now, date);
  if (days === 0) return 'today';
  if (days === 1) return 'yesterday';
  if (days > 1 && days < 7) return `last ${weekday(date)}`;
  return shortDate(iso, now);
}

/**
 * A day to come as one says it, behind a verb: "today", "tomorrow", "on Friday", and beyond six days "on 3 Dec", since
 * a weekday then means another one too.
 */
export function onDay(moment: Date | number | string, now: Date = new Date()): string {
  const days = differenceInCalendarDays(new Date(moment), now);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  return `on ${days > 1 && days < 7 ? weekday(new Date(moment)) : dayMonth(new Date(moment))}`;
}

/** `21 Nov`, with the year when it is not this one. */
export function shortDate(iso: string, now: Date = new Date()): string {
  const date = new Date(iso);
  return date.getFullYear() === now.getFullYear() ? dayMonth(date) : `${dayMonth(date)} ${date.getFullYear()}`;
}

/** A day as it stands in a list: `today`, `Tue 24 Nov` within the last week, else `3 Nov`. */
export function shortDay(moment: number, now: Date = new Date()): string {
  const days = differenceInCalendarDays(now, moment);
  if (days === 0) return 'today';
  return days > 0 && days < 7
    ? `${shortWeekday(moment)} ${dayMonth(new Date(moment))}`
    : shortDate(new Date(moment).toISOString(), now);
}

/** A time of the day by the household's clock: `14:05`, `2:05 pm`. */
export function timeOfDay(moment: Date | number | string, hourClock: HourClock): string {
  return lightFormat(new Date(moment), hourClock === '12' ? 'h:mm aaa' : 'HH:mm');
}

/** `Saturday 21 November 2026, 14:05`. */
export function fullDate(iso: string, hourClock: HourClock): string {
  const date = new Date(iso);
  return `${weekday(date)} ${date.getDate()} ${month(date)} ${date.getFullYear()}, ${timeOfDay(iso, hourClock)}`;
}
