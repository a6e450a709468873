import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { MOST_DAY_BATCHES } from '@/core/plan';
import { localDay } from '@/core/units';
import { database } from '@/store/current';
import { batchRows, getDay } from '@/store/days';
import { gearWithUse, lotsWithStock } from '@/store/larder';
import { Island } from '@/ui/Island';
import { PlanTabs } from '@/ui/PlanTabs';
import { useNow } from '@/ui/useNow';
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

function Day() {
  const asked = new URLSearchParams(location.search).get('date');
  const [date] = useState(asked ?? localDay(new Date()));
  const data = useLiveQuery(async () => {
    const db = database();
    const day = await getDay(db, date);
    const [rows, gear, lots] = await Promise.all([batchRows(db, day), gearWithUse(db), lotsWithStock(db)]);
    return { day, rows, gear: gear.map((each) => each.gear), lots };
  }, [date]);
  // Twice a minute is enough for how late it is.
  const nowMs = useNow(30_000);
  const plan = useDayPlan(date, data, nowMs);
  if (!data || !plan) return <p className="text-husk py-10">Looking at the day…</p>;
  return (
    <section className="pt-6">
      <DayHead date={date} data={data} plan={plan} />
      <DayList date={date} data={data} plan={plan} nowMs={nowMs} />
      <AddBatch date={date} gear={data.gear} lots={data.lots} room={MOST_DAY_BATCHES - data.rows.length} />
      <MoreForTheDay date={date} data={data} />
    </section>
  );
}
