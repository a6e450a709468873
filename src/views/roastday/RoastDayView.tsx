import { isValid, parseISO } from 'date-fns';
import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useState } from 'react';
import { MOST_DAY_BATCHES } from '@/core/plan';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { batchRows, getDay, roastDate } from '@/store/days';
import { gearWithUse, lotsWithStock } from '@/store/larder';
import { Island } from '@/ui/Island';
import { PlanTabs } from '@/ui/PlanTabs';
import { useNow, useQuarterHour } from '@/ui/useNow';
import { AddBatch } from './AddBatch';
import { DayHead } from './DayHead';
import { DayList } from './DayList';
import { MoreForTheDay } from './MoreForTheDay';
import { useDayPlan } from './useDayPlan';

/** A day with several batches: their order, their times, what is next and how late it is. */
export function RoastDayView() {
  return (
    <Island>
      <PlanTabs current="day" />
      <Day />
    </Island>
  );
}

/** The day that the address asks for, else the one that is roasted now; it stays that day when the clock strikes twelve. */
function useDate(): string | undefined {
  const asked = new URLSearchParams(location.search).get('date') ?? '';
  const [date, setDate] = useState(isValid(parseISO(asked)) ? localDay(parseISO(asked)) : undefined);
  useEffect(() => {
    if (date === undefined) void roastDate(database(), Date.now()).then(setDate);
  }, [date]);
  return date;
}

function Day() {
  const date = useDate();
  const quarter = useQuarterHour();
  const data = useLiveQuery(async () => {
    const db = database();
    const day = date === undefined ? undefined : await getDay(db, date);
    const [rows, gear, lots, roasting] = await Promise.all([
      batchRows(db, day),
      gearWithUse(db),
      lotsWithStock(db),
      roastDate(db, Date.now()),
    ]);
    return { day, rows, gear: gear.map((each) => each.gear), lots, isOn: date === roasting };
  }, [date, quarter]);
  // Twice a minute is enough for how late it is.
  const nowMs = useNow(30_000);
  const plan = useDayPlan(date, data, nowMs);
  if (date === undefined || !data || !plan) return <p className="text-husk py-10">Looking at the day…</p>;
  return (
    <section className="pt-6">
      <DayHead date={date} data={data} plan={plan} />
      <DayList date={date} data={data} plan={plan} nowMs={nowMs} />
      <AddBatch date={date} gear={data.gear} lots={data.lots} room={MOST_DAY_BATCHES - data.rows.length} />
      <MoreForTheDay date={date} data={data} />
    </section>
  );
}
