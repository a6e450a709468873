import { useLiveQuery } from 'dexie-react-hooks';
import { database } from '@/store/current';
import { allJars } from '@/store/shelf';
import { type AheadData, readAhead } from '@/store/stockPlan';
import { Island } from '@/ui/Island';
import { PlanTabs } from '@/ui/PlanTabs';
import { useAhead } from '@/ui/useAhead';
import { AheadSentence } from './AheadSentence';
import { GuestsAndAway } from './GuestsAndAway';
import { RoastDaysAhead } from './RoastDaysAhead';
import { StockChart } from './StockChart';

/** Use against stock for the next four weeks: on which days to roast and how much, so that it has rested in time. */
export function AheadView() {
  return (
    <Island>
      <PlanTabs current="ahead" />
      <Read />
    </Island>
  );
}

function Read() {
  const data = useLiveQuery(async () => {
    const db = database();
    const [jars, ahead] = await Promise.all([allJars(db, Date.now()), readAhead(db)]);
    return { jars, ...ahead };
  }, []);
  return data ? <Ahead data={data} /> : <p className="text-husk py-10">Counting the jars…</p>;
}

function Ahead({ data }: { readonly data: AheadData }) {
  const ahead = useAhead(data);
  return (
    <section className="pt-6">
      <h1 className="max-w-4xl text-[clamp(1.7rem,4vw,2.5rem)]">{ahead.headline}</h1>
      <AheadSentence ahead={ahead} />
      <StockChart plan={ahead.plan} />
      <RoastDaysAhead ahead={ahead} data={data} />
      <GuestsAndAway ahead={ahead} />
    </section>
  );
}
