import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { chosenHousehold, database } from '@/store/current';
import { newestRoasts } from '@/store/queries';
import { Island } from '@/ui/Island';
import { Today } from './Today';
import { Welcome } from './Welcome';

/** The first page: a welcome for somebody new, else what today holds. */
export function TodayView() {
  return (
    <Island>
      <First />
    </Island>
  );
}

function First() {
  const [welcomed, setWelcomed] = useState(chosenHousehold() !== undefined);
  const rows = useLiveQuery(() => newestRoasts(database(), 12), []);
  if (!rows) return <p className="text-husk py-10">Good day…</p>;
  if (!welcomed && rows.length === 0) return <Welcome onDone={() => setWelcomed(true)} />;
  return <Today rows={rows} />;
}
