import { jarEntries, roastDayEntry } from '@/core/exchange';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { jarsOnShelf } from '@/store/shelf';
import { calendarText } from './calendarText';

/** Saves ready dates, best-until dates and planned roast days as a file that calendar programs read. */
export async function saveCalendar(): Promise<void> {
  const now = new Date();
  const db = database();
  const [jars, days] = await Promise.all([
    jarsOnShelf(db, now.getTime()),
    db.days.where('date').aboveOrEqual(localDay(now)).toArray(),
  ]);
  const day = (ms: number) => localDay(new Date(ms));
  const entries = [
    ...jars.flatMap((jar) =>
      jarEntries({
        id: jar.row.id,
        name: `${jar.named.lot?.name ?? 'Coffee'}, ${day(Date.parse(jar.madeAt))}`,
        readyOn: day(jar.readyMs),
        bestUntil: day(jar.bestMs),
        roastedOn: day(Date.parse(jar.madeAt)),
      }),
    ),
    ...days.filter(({ batches }) => batches.length > 0).map(({ date, batches }) => roastDayEntry(date, batches.length)),
  ];
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([calendarText(entries)], { type: 'text/calendar' }));
  link.download = 'gander.ics';
  link.click();
  URL.revokeObjectURL(link.href);
}
