import { useLiveQuery } from 'dexie-react-hooks';
import { database } from '@/store/current';
import { addGear, addLot, gearWithUse, lotsWithStock } from '@/store/larder';
import { getNamedRoast } from '@/store/queries';
import { GearForm } from '@/ui/forms/GearForm';
import { LotForm } from '@/ui/forms/LotForm';
import { Island } from '@/ui/Island';
import { SetUp } from './SetUp';

/** Before a roast: what goes in, in what, how dark. Asks for gear and beans first where there are none. */
export function SetUpView() {
  return (
    <Island>
      <Gathered />
    </Island>
  );
}

function Gathered() {
  const again = new URLSearchParams(location.search).get('again');
  const data = useLiveQuery(async () => {
    const db = database();
    const [gear, lots, earlier] = await Promise.all([
      gearWithUse(db),
      lotsWithStock(db),
      again ? getNamedRoast(db, again) : undefined,
    ]);
    return { gear, lots, earlier };
  }, [again]);
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
  return <SetUp gear={data.gear.map((each) => each.gear)} lots={data.lots} earlier={data.earlier?.roast} />;
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
      {children}
    </section>
  );
}
