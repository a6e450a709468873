import { useLiveQuery } from 'dexie-react-hooks';
import { database } from '@/store/current';
import { getNamedRoast } from '@/store/queries';
import { Island } from '@/ui/Island';
import { NotHere } from '@/ui/NotHere';
import { RoastPage } from './RoastPage';

/** The page of one roast, named by the address. */
export function RoastPageView() {
  return (
    <Island>
      <Found />
    </Island>
  );
}

function Found() {
  const id = new URLSearchParams(location.search).get('id') ?? '';
  const found = useLiveQuery(async () => ({ named: await getNamedRoast(database(), id) }), [id]);
  if (!found) return <p className="text-husk py-10">Opening the roast…</p>;
  if (!found.named)
    return (
      <NotHere what="roast" href="/journal/">
        To the journal
      </NotHere>
    );
  return <RoastPage {...found.named} />;
}
