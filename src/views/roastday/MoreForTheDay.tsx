import { format, parseISO } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { lotTitle } from '@/core/bean';
import { MOST_DAY_BATCHES } from '@/core/plan';
import { database } from '@/store/current';
import { addBatches, earlierDays, putOnDay, roastsBesides } from '@/store/days';
import { notify } from '@/store/notices';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useWords } from '@/ui/useHousehold';
import type { DayData } from './useDayPlan';

/** Roasts that were begun beside the list, and a copy of an earlier day. */
export function MoreForTheDay({ date, data }: { readonly date: string; readonly data: DayData }) {
  const words = useWords();
  const more = useLiveQuery(async () => {
    const db = database();
    const [besides, days] = await Promise.all([roastsBesides(db, date), earlierDays(db, date)]);
    return { besides, days };
  }, [date]);
  if (!more) return null;
  const { besides, days } = more;
  const room = MOST_DAY_BATCHES - data.rows.length;
  const copy = async (from: string) => {
    const day = days.find((each) => each.date === from);
    if (!day) return;
    const batches = day.batches.slice(0, room).map(({ id: _, roastId: __, ...batch }) => batch);
    const change = await addBatches(database(), date, batches);
    const left = day.batches.length - batches.length;
    const text = `${batches.length === 1 ? 'One batch' : `${batches.length} batches`} as on ${format(parseISO(from), 'd MMM')}.`;
    notify({ text: left > 0 ? `${text} A day holds ${MOST_DAY_BATCHES}; ${left} did not fit.` : text, undo: change });
  };
  return (
    <>
      {besides.map((roast) => {
        const lot = data.lots.find((each) => each.lot.id === roast.lotId)?.lot;
        const gear = data.gear.find(({ id }) => id === roast.gearId);
        const put = async () => {
          const change = await putOnDay(database(), date, roast);
          notify({ text: 'The roast is on the day’s list.', undo: change });
        };
        return (
          <p key={roast.id} className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
            <span>
              Besides, at {words.time(roast.chargedAt ?? roast.createdAt)}:{' '}
              <b>{lot ? lotTitle(lot) : 'beans put away'}</b>, {words.weight(roast.greenGrams)} in the{' '}
              {gear?.nickname ?? 'gear put away'}.
            </span>
            <Button disabled={room === 0} onClick={() => void put()}>
              Put it on the list
            </Button>
          </p>
        );
      })}
      {days.length > 0 && room > 0 && (
        <p className="mt-4">
          Or the same batches as on{' '}
          <Choice
            label="Copy of a day"
            value=""
            options={[
              ['', 'an earlier day…'],
              ...days.map(
                (day) =>
                  [
                    day.date,
                    `${format(parseISO(day.date), 'EEE d MMM')}, ${day.batches.length === 1 ? 'one batch' : `${day.batches.length} batches`}`,
                  ] as const,
              ),
            ]}
            onPick={(from) => from && void copy(from)}
          />
        </p>
      )}
    </>
  );
}
