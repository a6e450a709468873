/** Spans of time in milliseconds; a day of 24 hours, where the calendar's day is not meant (that is `localDay`). */
const SECOND_MS = 1000;
/** A minute. */
export const MINUTE_MS = 60 * SECOND_MS;
/** An hour. */
export const HOUR_MS = 60 * MINUTE_MS;
/** A day of 24 hours. */
export const DAY_MS = 24 * HOUR_MS;
