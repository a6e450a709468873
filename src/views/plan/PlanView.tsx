import { useLiveQuery } from 'dexie-react-hooks';
import { lazy, Suspense } from 'react';
import { database } from '@/store/current';
import { dayRoasted } from '@/store/days';
import { gearRecords } from '@/store/gearRecords';
import { addGear, addLot, gearWithUse, lotsWithStock, notHad } from '@/store/larder';
import { shadeLikedOf } from '@/store/likedShades';
import { getNamedRoast, lastRoast } from '@/store/queries';
import { Island } from '@/ui/Island';
import { PlanTabs } from '@/ui/PlanTabs';
import { useQuarterHour } from '@/ui/useNow';
import { Plan } from './Plan';
import { wantedGear, wantedLot } from './useChoices';

/** Loaded only where the larder is empty. */
const GearForm = lazy(() => import('@/ui/forms/GearForm').then((module) => ({ default: module.GearForm })));
const LotForm = lazy(() => import('@/ui/forms/LotForm').then((module) => ({ default: module.LotForm })));

/** Before a roast: what goes in, in what, how dark. Asks for gear and beans first where there are none. */
export function PlanView() {
  return (
    <Island>
      <PlanTabs current="one" />
      <Gathered />
    </Island>
  );
}

/** What the address may name a plan by besides an earlier roast. */
const PLAN_FROM = ['experiment', 'recipe'];

function Gathered() {
  const query = new URLSearchParams(location.search);
  const [again, batchId] = [query.get('again'), query.get('batch')];
  const quarter = useQuarterHour();
  const data = useLiveQuery(async () => {
    const db = database();
    const [gear, lots, earlier, day, from] = await Promise.all([
      gearWithUse(db),
      lotsWithStock(db),
      again ? getNamedRoast(db, again) : undefined,
      dayRoasted(db, Date.now()),
      PLAN_FROM.some((name) => query.has(name))
        ? import('./planFrom').then(({ planFrom }) => planFrom(db, query))
        : undefined,
    ]);
    const begin = {
      earlier: from?.earlier ?? earlier?.roast,
      from,
      batch: day.batches.find(({ id }) => id === batchId),
      gearId: gear.find((each) => each.gear.id === query.get('gear'))?.gear.id,
    };
    const last = await lastRoast(db, wantedGear(begin));
    const missing = await notHad(db, wantedLot(begin), wantedGear(begin));
    const asked = wantedLot(begin) ?? last?.lotId;
    const lotId = (lots.find(({ lot }) => lot.id === asked) ?? lots[0])?.lot.id ?? '';
    const [records, liked] = await Promise.all([
      gearRecords(db, wantedGear(begin) ?? last?.gearId ?? gear[0]?.gear.id ?? ''),
      shadeLikedOf(db, lotId),
    ]);
    return { gear, lots, day, ...begin, records, liked, missing };
  }, [again, quarter]);
  if (!data) return <p className="text-husk py-10">Opening the larder…</p>;
  if (data.gear.length === 0)
    return (
      <FirstThings
        title="What do you roast on?"
        lead="A popper, a pan, an oven: whatever you have. You can add more later."
      >
        <GearForm onSave={async (facts) => void (await addGear(database(), facts))} />
      </FirstThings>
    );
  if (data.lots.length === 0)
    return (
      <FirstThings title="Which beans do you have?" lead="One pack of green beans is enough to begin.">
        <LotForm onSave={async (facts) => void (await addLot(database(), facts))} />
      </FirstThings>
    );
  return <Plan {...data} gear={data.gear.map((each) => each.gear)} />;
}

function FirstThings({
  title,
  lead,
  children,
}: {
  readonly title: string;
  readonly lead: string;
  readonly children: React.ReactNode;
}) {
  return (
    <section className="max-w-xl py-8">
      <h1 className="text-4xl">{title}</h1>
      <p className="text-husk mt-2 mb-6">{lead}</p>
      <Suspense fallback={<p className="text-husk">…</p>}>{children}</Suspense>
    </section>
  );
}
