/** Spans of time in milliseconds; a day of 24 hours, where the calendar's day is not meant (that is `localDay`). */
export const SECOND_MS = 1000;
export const MINUTE_MS = 60 * SECOND_MS;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;
