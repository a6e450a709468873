import { useLiveQuery } from 'dexie-react-hooks';
import type { Gear } from '@/core/gear';
import { ownFirstCrackC } from '@/core/heat';
import { gearRecord } from '@/core/record';
import { database } from '@/store/current';
import { earOf } from '@/store/knownEar';
import { firstCrackReadings } from '@/store/readings';
import { gearRoasts } from '@/store/roasting';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { useMoney } from '@/ui/useMoney';
import { useRoastDates } from '@/ui/useRoastDates';
import { GearFigures } from './GearFigures';
import { GearTimes } from './GearTimes';
import { HowItSounds } from './HowItSounds';
import { Habits, Losses, Times } from './PieceColumns';
import { ProbeLink } from './ProbeLink';

/** Older roasts than so many say little of the gear as it is now. */
const MOST_ROASTS = 200;

/** Everything the household's record says of one piece of gear. */
export function PieceView() {
  return (
    <Island>
      <Piece />
    </Island>
  );
}

function Piece() {
  const dates = useRoastDates();
  const id = new URLSearchParams(location.search).get('id') ?? '';
  const money = useMoney();
  const found = useLiveQuery(async () => {
    const db = database();
    const [gear, count, roasts, readings] = await Promise.all([
      db.gear.get(id),
      gearRoasts(db, id).count(),
      gearRoasts(db, id).limit(MOST_ROASTS).toArray(),
      firstCrackReadings(db, id, ''),
    ]);
    return { gear, count, record: gear && gearRecord(gear, roasts), readings, ear: earOf(roasts) };
  }, [id]);
  if (!found) return <p className="text-husk py-10">Looking at the gear…</p>;
  const { gear, count, record, readings, ear } = found;
  if (!gear || !record)
    return (
      <section className="py-8">
        <h1 className="text-4xl">There is no such gear.</h1>
        <p className="mt-3 mb-6">It may have been deleted, here or in another tab.</p>
        <LinkButton href="/gear/">All gear</LinkButton>
      </section>
    );
  return (
    <article className="pt-6">
      <p>
        <a className="inline-flex min-h-11 items-center underline underline-offset-4" href="/gear/">
          All gear
        </a>
      </p>
      <h1 className="text-[clamp(1.7rem,4vw,2.5rem)]">{headline(gear, count)}</h1>
      <div className="mt-5 flex flex-wrap gap-4">
        {!gear.removedAt && (
          <LinkButton href={`/plan/?gear=${encodeURIComponent(gear.id)}`} variant="next" size="large">
            Roast in it
          </LinkButton>
        )}
        {record.best && (
          <LinkButton href={`/journal/roast/?id=${encodeURIComponent(record.best.id)}`} size="large">
            Its best, {dates.date(record.best.createdAt)}
          </LinkButton>
        )}
      </div>
      <div className="mt-6 grid gap-x-10 gap-y-6 md:grid-cols-[20rem_1fr]">
        <GearFigures gear={gear} money={money} />
        <GearTimes gear={gear} />
      </div>
      {gear.probe && !gear.removedAt && <ProbeLink gear={gear} unit={gear.probe.unit} />}
      <div className="mt-8 grid gap-x-10 gap-y-6 md:grid-cols-2 xl:grid-cols-4">
        <Times record={record} ownC={ownFirstCrackC(readings)} />
        <Losses record={record} />
        <Habits gear={gear} record={record} />
        <HowItSounds gear={gear} ear={ear} />
      </div>
    </article>
  );
}

function headline({ nickname }: Gear, roasts: number): string {
  if (roasts === 0) return `${nickname}: no roast yet.`;
  return `${nickname}: ${roasts === 1 ? 'one roast' : `${roasts} roasts`} so far.`;
}
