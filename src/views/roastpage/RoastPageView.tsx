import { useLiveQuery } from 'dexie-react-hooks';
import { database } from '@/store/current';
import { getNamedRoast } from '@/store/queries';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
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
      <section className="max-w-xl py-10">
        <h1 className="text-4xl">There is no such roast here.</h1>
        <p className="mt-3 mb-6">It may have been deleted, or it belongs to the other household on this device.</p>
        <LinkButton href="/journal/" variant="next">
          To the journal
        </LinkButton>
      </section>
    );
  return <RoastPage {...found.named} />;
}
