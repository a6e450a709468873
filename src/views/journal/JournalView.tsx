import { dequal } from 'dequal/lite';
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from 'react';
import { type JournalQuery, type Sorting, sortings, whatIsAsked } from '@/core/journal';
import { AsideLine } from '@/ui/AsideLine';
import { LinkButton } from '@/ui/Button';
import { Island } from '@/ui/Island';
import { JournalTabs } from '@/ui/JournalTabs';
import { LineUpChoice } from '@/ui/rows/LineUpChoice';
import type { LineUp } from '@/ui/rows/lineUp';
import { Narrow } from './Narrow';
import { Rows } from './Rows';
import { SavedViews } from './SavedViews';
import { useJournal } from './useJournal';

/** What can be done with ticked rows brings the whole file format along; the first rows do not wait for it. */
const Ticked = lazy(() => import('./Ticked').then((module) => ({ default: module.Ticked })));

/** Every roast as a ribbon on one time scale: to be searched, narrowed down, ticked and compared. */
export function JournalView() {
  return (
    <Island>
      <JournalTabs current="roasts" />
      <AsideLine />
      <Journal />
    </Island>
  );
}

/** Whether one query comes of another by letters alone. */
function isTyped({ text, ...rest }: JournalQuery, { text: next, ...others }: JournalQuery): boolean {
  return text !== next && dequal(rest, others);
}

function Journal() {
  const [{ query, sorting }, setAsked] = useState(fromAddress);
  const [lineUp, setLineUp] = useState<LineUp>('charge');
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [naming, setNaming] = useState(false);
  const journal = useJournal(query, sorting);
  const ask = (some: { readonly query?: JournalQuery; readonly sorting?: Sorting }) => {
    const next = { query: some.query ?? query, sorting: some.sorting ?? sorting };
    setAsked(next);
    // With nothing asked there is no view to give a name to.
    if (next.sorting === 'newest' && Object.keys(whatIsAsked(next.query)).length === 0) setNaming(false);
    if (!isTyped(query, next.query)) history.replaceState(null, '', addressOf(next));
  };
  useEffect(() => {
    // Not with every letter: the address is for going back to, and writing it costs a key its quickness.
    const timer = setTimeout(() => history.replaceState(null, '', addressOf({ query, sorting })), 400);
    return () => clearTimeout(timer);
  }, [query, sorting]);
  const tick = useCallback(
    (id: string) =>
      setTicked((before) => {
        const next = new Set(before);
        if (!next.delete(id)) next.add(id);
        return next;
      }),
    [],
  );
  const shown = useMemo(() => journal.ids ?? [], [journal.ids]);
  if (journal.total === 0)
    return (
      <section className="max-w-xl py-10">
        <h1 className="text-4xl">The journal is empty.</h1>
        <p className="mt-3 mb-6">
          Each roast becomes a ribbon here: the colour of the beans from the charge to the pull, with the cracks on its
          upper edge.
        </p>
        <div className="flex flex-wrap gap-4">
          <LinkButton href="/roast/" variant="next">
            Roast the first batch
          </LinkButton>
          <LinkButton href="/journal/paper/">Roasts from a paper notebook</LinkButton>
        </div>
      </section>
    );
  return (
    <>
      <div className="border-ink border-b-2 py-4 max-sm:py-2">
        <div className="flex flex-wrap items-center gap-x-8 gap-y-3">
          <h1 className="text-4xl">Journal</h1>
          <p className="text-husk" role="status">
            {countWords(journal.ids?.length, journal.total)}
            {journal.soFar && ' so far'}
          </p>
          <div className="md:ml-auto">
            <LineUpChoice value={lineUp} onChange={setLineUp} />
          </div>
        </div>
        <Narrow query={query} sorting={sorting} journal={journal} onAsk={ask} onKeep={() => setNaming(true)} />
        <SavedViews query={query} sorting={sorting} naming={naming} onNamed={() => setNaming(false)} onAsk={ask} />
        {journal.failed && (
          <p role="alert" className="text-danger mt-2">
            The search could not be started on this device. The roasts are all here; reload the page to search again.
          </p>
        )}
      </div>
      {journal.ids?.length === 0 ? (
        <p className="py-8 text-lg">
          No roast is like that.{' '}
          <button type="button" className="font-bold underline underline-offset-4" onClick={() => ask({ query: {} })}>
            Show all
          </button>
        </p>
      ) : (
        <Rows
          ids={shown}
          lineUp={lineUp}
          ticked={ticked}
          onTick={tick}
          first={journal.first}
          whole={journal.read?.spans[lineUp]}
        />
      )}
      {ticked.size > 0 && (
        <Suspense fallback={null}>
          <Ticked ticked={ticked} onUntick={() => setTicked(new Set())} />
        </Suspense>
      )}
    </>
  );
}

/** While only the first screen is there, the journal's own count is told. */
function countWords(found: number | undefined, total: number | undefined): string {
  if (total === undefined || found === undefined) return 'Counting…';
  if (found === total) return total === 1 ? '1 roast' : `${total} roasts`;
  return `${found} of ${total} roasts`;
}

/** The address carries the question, so that a search can be gone back to. */
function fromAddress(): { readonly query: JournalQuery; readonly sorting: Sorting } {
  const given = new URLSearchParams(location.search);
  const query: Record<string, string | number> = {};
  for (const field of queryFields) {
    const value = given.get(field);
    if (value) query[field] = field === 'stars' || field === 'shade' ? Number(value) : value;
  }
  // What the address says is only ever compared with rows; nonsense finds nothing and harms nothing.
  return { query: query as JournalQuery, sorting: sortings.find((each) => each === given.get('sort')) ?? 'newest' };
}

const queryFields = [
  'text',
  'lotId',
  'gearId',
  'process',
  'shade',
  'stars',
  'finding',
  'tag',
  'from',
  'to',
] as const satisfies readonly (keyof JournalQuery)[];

function addressOf({ query, sorting }: { readonly query: JournalQuery; readonly sorting: Sorting }): string {
  const parts = new URLSearchParams();
  for (const [name, value] of Object.entries(query))
    if (value !== undefined && value !== '') parts.set(name, String(value));
  if (sorting !== 'newest') parts.set('sort', sorting);
  const text = parts.toString();
  return text === '' ? location.pathname : `${location.pathname}?${text}`;
}
