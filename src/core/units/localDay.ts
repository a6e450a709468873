/**
 * The household's calendar day of a moment, in the device's own time zone: `2026-11-24`. The one answer to "which day is
 * it": a roast at 18:30 in Los Angeles stands on its own evening's day, whatever the day in Greenwich.
 */
export function localDay(moment: Date | string | number): string {
  const date = moment instanceof Date ? moment : new Date(moment);
  const two = (value: number) => String(value).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** The time of a moment on the device's own clock: `14:05`. */
export function localTime(moment: Date | string | number): string {
  return (moment instanceof Date ? moment : new Date(moment)).toTimeString().slice(0, 5);
}
