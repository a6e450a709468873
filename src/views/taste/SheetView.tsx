import { useLiveQuery } from 'dexie-react-hooks';
import { database } from '@/store/current';
import { allJars } from '@/store/shelf';
import { lastBrew, lastTaster } from '@/store/tasting';
import { Island } from '@/ui/Island';
import { NotHere } from '@/ui/NotHere';
import { CupSheet } from './CupSheet';

/** One cup on our short sheet: under a minute, all of it can be left out but one thing. */
export function SheetView() {
  return (
    <Island>
      <Found />
    </Island>
  );
}

function Found() {
  const params = new URLSearchParams(location.search);
  const [asked, cupId] = [params.get('pull'), params.get('cup')];
  const known = useLiveQuery(async () => {
    const db = database();
    const [jars, brew, taster, cup] = await Promise.all([
      allJars(db, Date.now()),
      lastBrew(db),
      lastTaster(db),
      cupId ? db.cups.get(cupId) : undefined,
    ]);
    return { jars, brew, taster, cup };
  }, [cupId]);
  if (!known) return <p className="text-husk py-10">Setting out the cup…</p>;
  if (cupId && !known.cup)
    return (
      <NotHere what="cup" href="/taste/">
        To tasting
      </NotHere>
    );
  return <CupSheet {...known} asked={asked} />;
}
