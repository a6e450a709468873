import { addDays } from 'date-fns';
import { jarEntries, roastDayEntry, roastDueEntry } from '@/core/exchange';
import { writtenAs } from '@/core/household';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { getHousehold } from '@/store/settings';
import { allJars, onShelf } from '@/store/shelf';
import { readAhead, stockPlanOf } from '@/store/stockPlan';
import { calendarText } from './calendarText';
import { shortDate } from './dates';
import { partWords } from './partWords';
import { saveBlob } from './saveBlob';

/** Saves ready dates, best-until dates and planned roast days as a file that calendar programs read. */
export async function saveCalendar(): Promise<void> {
  const now = new Date();
  const db = database();
  const [all, ahead, household] = await Promise.all([allJars(db, now.getTime()), readAhead(db, now), getHousehold(db)]);
  const jars = onShelf(all);
  const { roasts } = stockPlanOf({ jars: all, ...ahead }, household, ahead.usual.roastedGrams, now);
  // A day that is planned stands there as such.
  const due = roasts.find(({ planned }) => !planned)?.day;
  const day = (ms: number) => localDay(new Date(ms));
  const { shade } = writtenAs(household);
  const entries = [
    ...jars.flatMap((jar) => {
      const part = partWords(jar.named.roast, jar.pull.id, shade);
      return jarEntries({
        id: jar.row.id,
        name: `${jar.named.lot?.name ?? 'Coffee'} of ${shortDate(jar.madeAt)}${part && `, ${part},`}`,
        readyOn: day(jar.readyMs),
        bestUntil: day(jar.bestMs),
        roastedOn: shortDate(jar.madeAt),
      });
    }),
    ...ahead.listed.map(({ date, batches }) => roastDayEntry(date, batches.length)),
    ...(due === undefined ? [] : [roastDueEntry(localDay(addDays(now, due)))]),
  ];
  saveBlob(new Blob([calendarText(entries)], { type: 'text/calendar' }), 'gander.ics');
}
