import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { figuresOf, MOST_COMPARED } from '@/core/compare';
import { Alike } from '@/ui/Alike';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { LineUpChoice } from '@/ui/rows/LineUpChoice';
import type { LineUp } from '@/ui/rows/lineUp';
import { RibbonRows } from '@/ui/rows/RibbonRows';
import { ComparedLooks } from './ComparedLooks';
import { ComparedTable } from './ComparedTable';
import { ComparedTemperatures } from './ComparedTemperatures';
import { type Compared, readCompared } from './compared';
import { InWords } from './InWords';

/** Up to six roasts side by side: what differs in words, then the ribbons, then the figures. */
export function CompareView() {
  return (
    <Island>
      <JournalTabs current="roasts" />
      <Gathered />
    </Island>
  );
}

function Gathered() {
  const ids = useMemo(
    () =>
      (new URLSearchParams(location.search).get('ids') ?? '')
        .split(',')
        .filter((id) => id !== '')
        .slice(0, MOST_COMPARED),
    [],
  );
  const compared = useLiveQuery(() => readCompared(ids), [ids]);
  if (!compared) return <p className="text-husk py-10">Laying the roasts side by side…</p>;
  if (compared.length < 2)
    return (
      <section className="max-w-xl py-10">
        <h1 className="text-4xl">Two roasts make a comparison.</h1>
        <p className="mt-3 mb-6">Tick two to six in the journal, then press “Compare”.</p>
        <LinkButton href="/journal/" variant="next">
          To the journal
        </LinkButton>
      </section>
    );
  return <Comparison compared={compared} />;
}

function Comparison({ compared }: { readonly compared: readonly Compared[] }) {
  const [lineUp, setLineUp] = useState<LineUp>('charge');
  const [baseId, setBaseId] = useState(compared[0]?.roast.id as string);
  const base = compared.find(({ roast }) => roast.id === baseId) ?? (compared[0] as Compared);
  const figures = useMemo(
    () => new Map(compared.map((each) => [each.roast.id as string, figuresOf(each.roast, each.cups)])),
    [compared],
  );
  return (
    <article className="pt-7">
      <InWords compared={compared} base={base} figures={figures} onBase={setBaseId} />
      <div className="border-ink mt-8 flex flex-wrap items-center gap-x-4 gap-y-2 border-t-2 pt-4">
        <h2 className="mr-4 text-2xl">Ribbons</h2>
        <LineUpChoice value={lineUp} onChange={setLineUp} />
      </div>
      <RibbonRows rows={compared} lineUp={lineUp} />
      <ComparedLooks compared={compared} />
      <ComparedTemperatures compared={compared} lineUp={lineUp} />
      {compared.length >= 3 && (
        <section className="border-ink mt-8 border-t-2 pt-4">
          <h2 className="mb-3 text-2xl">How alike they are</h2>
          <Alike figures={[...compared].reverse().map(({ roast }) => figuresOf(roast, []))} />
        </section>
      )}
      <ComparedTable compared={compared} figures={figures} />
    </article>
  );
}
