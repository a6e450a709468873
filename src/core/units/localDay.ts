/**
 * The household's calendar day of a moment, in the device's own time zone: `2026-11-24`. The one answer to "which day is
 * it": a roast at 18:30 in Los Angeles stands on its own evening's day, whatever the day in Greenwich.
 */
export function localDay(at: Date | string | number): string {
  const date = at instanceof Date ? at : new Date(at);
  const two = (value: number) => String(value).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}
