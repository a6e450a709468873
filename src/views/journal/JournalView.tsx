import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useRef, useState } from 'react';
import { database } from '@/store/current';
import { newestRoasts } from '@/store/queries';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { type LineUp, lineUpNames } from '@/ui/rows/lineUp';
import { RibbonRows } from '@/ui/rows/RibbonRows';
import { Segmented } from '@/ui/Segmented';

/** What a screen shows comes first, so that it is there at once; then so many at a time. */
const FIRST = 8;
const PAGE = 12;

/** Every roast as a ribbon on one time scale, newest first. */
export function JournalView() {
  return (
    <Island>
      <Rows />
    </Island>
  );
}

function Rows() {
  const [most, setMost] = useState(FIRST);
  const [lineUp, setLineUp] = useState<LineUp>('charge');
  const total = useLiveQuery(() => database().roasts.count(), []);
  const rows = useLiveQuery(() => newestRoasts(database(), most), [most]);
  const end = useRef<HTMLDivElement>(null);
  const more = rows !== undefined && total !== undefined && rows.length < total;
  useEffect(() => {
    if (!more || !end.current) return;
    const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting && setMost((now) => now + PAGE), {
      rootMargin: '800px',
    });
    observer.observe(end.current);
    return () => observer.disconnect();
  }, [more]);
  if (!rows) return <p className="text-husk py-10">Opening the journal…</p>;
  if (rows.length === 0)
    return (
      <section className="max-w-xl py-10">
        <h1 className="text-4xl">The journal is empty.</h1>
        <p className="mt-3 mb-6">
          Each roast becomes a ribbon here: the colour of the beans from the charge to the pull, with the cracks on its
          upper edge.
        </p>
        <LinkButton href="/roast/" variant="next">
          Roast the first batch
        </LinkButton>
      </section>
    );
  return (
    <>
      <div className="border-ink flex flex-wrap items-center gap-x-8 gap-y-3 border-b-2 py-4">
        <h1 className="text-4xl">Journal</h1>
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <span className="text-husk">line up by</span>
          <Segmented
            label="Line up by"
            value={lineUp}
            options={(Object.keys(lineUpNames) as LineUp[]).map((value) => ({ value, name: lineUpNames[value] }))}
            onChange={setLineUp}
          />
        </div>
        <p className="text-husk">{total === 1 ? '1 roast' : `${total} roasts`}</p>
      </div>
      <RibbonRows rows={rows} lineUp={lineUp} stretches />
      {more && (
        <div ref={end} className="text-husk py-6">
          Older roasts…
        </div>
      )}
    </>
  );
}
