import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { database } from '@/store/current';
import { newestRoasts } from '@/store/queries';
import { Island } from '@/ui/Island';
import { Today } from './Today';
import { Welcome } from './Welcome';

/** The first page: a welcome while the notebook is empty, however somebody came to it, else what today holds. */
export function TodayView() {
  return (
    <Island>
      <First />
    </Island>
  );
}

function First() {
  const found = useLiveQuery(async () => {
    const db = database();
    const [rows, lots, gear] = await Promise.all([newestRoasts(db, 12), db.lots.count(), db.gear.count()]);
    return { rows, isNew: rows.length + lots + gear === 0 };
  }, []);
  // Decided once: the first answer of the welcome fills the notebook, and must not end it.
  const [welcomed, setWelcomed] = useState<boolean>();
  if (found && welcomed === undefined) setWelcomed(!found.isNew);
  if (!found || welcomed === undefined) return <p className="text-husk py-10">Good day…</p>;
  return welcomed ? <Today rows={found.rows} /> : <Welcome onDone={() => setWelcomed(true)} />;
}
