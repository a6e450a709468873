import { counted } from '../units/index.ts';

/** One day in a calendar; the id stays, so that a second export moves the entry and does not double it. */
export interface CalendarEntry {
  readonly id: string;
  /** `2026-11-28` */
  readonly date: string;
  readonly title: string;
  readonly note: string;
}

/** What a jar puts into a calendar: the day it is ready and the last of its best days. */
export function jarEntries(jar: {
  readonly id: string;
  readonly name: string;
  readonly readyOn: string;
  readonly bestUntil: string;
  readonly roastedOn: string;
}): CalendarEntry[] {
  const note = `Roasted on ${jar.roastedOn}.`;
  return [
    { id: `${jar.id}/ready`, date: jar.readyOn, title: `${jar.name} is ready`, note },
    { id: `${jar.id}/best`, date: jar.bestUntil, title: `${jar.name} is at its best until today`, note },
  ];
}

/** What a planned roast day puts into a calendar. */
export function roastDayEntry(date: string, batches: number): CalendarEntry {
  const what = counted(batches, 'batch', 'batches');
  return { id: `roast-day-${date}`, date, title: `Roast: ${what}`, note: `Planned: ${what}.` };
}

/** The next roast that is due. There is one at a time: when it moves, so does its entry. */
export function roastDueEntry(date: string): CalendarEntry {
  return { id: 'roast-due', date, title: 'Roast', note: 'Due, so that it has rested when the shelf runs short.' };
}
