import { addDays, parseISO } from 'date-fns';
import { createEvents, type DateArray } from 'ics';
import type { CalendarEntry } from '@/core/exchange';

/** Calendar entries as iCalendar text: whole days, with ids that stay. Throws when the package refuses them, which is a bug. */
export function calendarText(entries: readonly CalendarEntry[]): string {
  const { error, value } = createEvents(
    entries.map(({ id, date, title, note }) => ({
      uid: `${id}@gander.local`,
      productId: 'gander',
      title,
      description: note,
      start: dateArray(parseISO(date)),
      // The day after the last, as RFC 5545 counts whole days.
      end: dateArray(addDays(parseISO(date), 1)),
    })),
  );
  if (error || !value) throw new Error(`The calendar could not be written: ${error?.message ?? 'no text'}`);
  return value;
}

function dateArray(date: Date): DateArray {
  return [date.getFullYear(), date.getMonth() + 1, date.getDate()];
}
