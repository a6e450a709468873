import type { Id } from '../ids/index.ts';

/** The id of a date's day. It follows from the date, so that two notebooks never have two rows for one day. */
export function dayId(date: string): Id<'day'> {
  return `day:${date.replaceAll('-', '')}` as Id<'day'>;
}
