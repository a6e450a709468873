import { createEvents, type DateArray } from 'ics';
import type { CalendarEntry } from '@/core/exchange';

/** Calendar entries as iCalendar text: whole days, with ids that stay. Throws when the package refuses them, which is a bug. */
export function calendarText(entries: readonly CalendarEntry[]): string {
  const { error, value } = createEvents(
    entries.map(({ id, date, title, note }) => {
      const start = date.split('-').map(Number) as DateArray;
      return { uid: `${id}@gander.local`, productId: 'gander', title, description: note, start, duration: { days: 1 } };
    }),
  );
  if (error || !value) throw new Error(`The calendar could not be written: ${error?.message ?? 'no text'}`);
  return value;
}
