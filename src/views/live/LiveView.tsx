import { dequal } from 'dequal/lite';
import { useLiveQuery } from 'dexie-react-hooks';
import { memo, useMemo, useState, useSyncExternalStore } from 'react';
import { type Roast, withHeatWrite } from '@/core/roast';
import { database } from '@/store/current';
import { lastWritten, onHeatWrites, pendingHeatWrites } from '@/store/outbox';
import { getNamedRoast, type NamedRoast, roastsUnderWay } from '@/store/queries';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { useSteady } from '@/ui/useSteady';
import { LiveRoast } from './LiveRoast';

/** The roast screen: the roast that the address names, else the one that is on the heat. */
export function LiveView() {
  return (
    <Island bare>
      <Found />
    </Island>
  );
}

function Found() {
  const id = new URLSearchParams(location.search).get('id');
  const found = useLiveQuery(async () => {
    const db = database();
    return { named: id ? await getNamedRoast(db, id) : (await roastsUnderWay(db))[0] };
  }, [id]);
  if (!found) return <p className="text-husk p-9">Finding the roast…</p>;
  if (!found.named)
    return (
      <main className="mx-auto max-w-2xl p-9">
        <h1 className="text-4xl">There is no such roast.</h1>
        <p className="mt-3 mb-6">It may have been taken back or deleted, here or in another tab.</p>
        <div className="flex flex-wrap gap-3">
          <LinkButton href="/roast/" variant="next">
            Set up a roast
          </LinkButton>
          <LinkButton href="/journal/">Journal</LinkButton>
        </div>
      </main>
    );
  return <KnownRoast key={found.named.roast.id} {...found.named} />;
}

/** What is pressed here is shown at once, on its way to the database, and not drawn again when it is kept and read. */
function KnownRoast({ roast: read, ...readNames }: NamedRoast) {
  const written = useSyncExternalStore(onHeatWrites, () => lastWritten(read.id));
  const pending = useSyncExternalStore(onHeatWrites, pendingHeatWrites);
  // What had been read when this page wrote last: until it is read anew, what was written is newer.
  const [then, setThen] = useState<{ readonly written: Roast | undefined; readonly read?: Roast }>({ written });
  if (then.written !== written) setThen({ written, read });
  const roast = useMemo(() => {
    const base = written ? newerOf(read, written, then.read === read) : read;
    return pending.filter(({ roastId }) => roastId === read.id).reduce(withHeatWrite, base);
  }, [read, written, then, pending]);
  // Read anew with every write, beans and gear stay the same: what was learned of them is not learned again.
  const names = useSteady(readNames);
  return <Still {...names} roast={roast} />;
}

const Still = memo(LiveRoast, dequal);

/** A log only grows. Of two that say the same the one that is shown already. */
function newerOf(read: Roast, written: Roast, isReadBefore: boolean): Roast {
  const isBehind = isReadBefore || read.entries.length < written.entries.length;
  return isBehind || dequal(read, written) ? written : read;
}
