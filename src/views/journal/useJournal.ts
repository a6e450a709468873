import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useRef, useState } from 'react';
import { type JournalQuery, type Sorting, whatIsAsked } from '@/core/journal';
import { chosenHousehold, database } from '@/store/current';
import { type NamedRoast, newestRoasts, roastIds } from '@/store/queries';
import { answerOf, journalWorker } from '@/workers/journal/client';
import type { FindingCount, JournalFacets } from '@/workers/journal/contract';

/** Journals up to this size are looked through for findings unasked; larger ones when a finding is asked for. */
const READ_UNASKED = 600;

/** What a screen shows comes first, so that it is there at once. */
const FIRST = 8;

export interface JournalModel {
  /** The roasts that match, in order; undefined until they are known. */
  readonly ids: readonly string[] | undefined;
  readonly total: number | undefined;
  /** The roasts of the first screen, read before all else. */
  readonly first: readonly NamedRoast[];
  readonly facets: JournalFacets | undefined;
  /** How far the search for findings is. */
  readonly findings: { readonly done: number; readonly total: number; readonly found: readonly FindingCount[] };
  readonly failed: boolean;
  /** Something was changed here: read the journal anew. */
  readonly reload: () => void;
  readonly readFindings: () => void;
}

/** The ids of the journal in the wanted order: from the index alone, or from the worker where something is asked. */
export function useJournal(query: JournalQuery, sorting: Sorting): JournalModel {
  const first = useFirstScreen();
  const painted = useAfterPaint(first !== undefined);
  const all = useLiveQuery(async () => (painted ? roastIds(database()) : undefined), [painted]);
  const [facets, setFacets] = useState<JournalFacets>();
  const [answer, setAnswer] = useState<{ readonly key: string; readonly ids: readonly string[] }>();
  const [findings, setFindings] = useState<JournalModel['findings']>({ done: 0, total: 0, found: [] });
  const [failed, setFailed] = useState(false);
  const [loads, setLoads] = useState(0);
  const [wanted, setWanted] = useState(false);
  const asked = whatIsAsked(query);
  const plain = sorting === 'newest' && Object.keys(asked).length === 0;
  const key = JSON.stringify([asked, sorting]);
  const count = all?.length;

  // biome-ignore lint/correctness/useExhaustiveDependencies: another number of roasts, or a change made here, is what reads anew
  useEffect(() => {
    if (count === undefined) return;
    let current = true;
    // After the first rows are painted: they do not need it.
    const timer = setTimeout(() => {
      answerOf(journalWorker().load(database().name))
        .then((found) => current && setFacets(found))
        .catch(() => current && setFailed(true));
    }, 150);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [count, loads]);

  const complete = findings.total > 0 && findings.done >= findings.total;
  // biome-ignore lint/correctness/useExhaustiveDependencies: findings that were found since change what a finding matches
  useEffect(() => {
    if (plain || !facets) return;
    let current = true;
    answerOf(journalWorker().ask(asked, sorting))
      .then((ids) => current && setAnswer({ key, ids }))
      .catch(() => current && setFailed(true));
    return () => {
      current = false;
    };
  }, [key, facets, complete, query.finding ? findings.done : 0]);

  const reading = facets !== undefined && (wanted || query.finding !== undefined || (count ?? 0) <= READ_UNASKED);
  useReadOn(reading, facets, setFindings);

  // While an answer is under way what is shown stays, so that nothing flickers under the typing.
  const shown = useRef<readonly string[]>(undefined);
  if (plain) shown.current = all ?? first?.map(({ roast }) => roast.id);
  else if (answer?.key === key) shown.current = answer.ids;
  return {
    ids: shown.current ?? (failed ? all : undefined),
    // Counting thousands of rows takes longer than reading eight; a journal that fits the first screen is counted with it.
    total: all?.length ?? (first && first.length < FIRST ? first.length : undefined),
    first: first ?? [],
    facets,
    findings,
    failed,
    reload: useCallback(() => setLoads((before) => before + 1), []),
    readFindings: useCallback(() => setWanted(true), []),
  };
}

// Asked as soon as the script runs: the page is built meanwhile. What goes wrong is said when it is asked again.
const early = chosenHousehold() ? newestRoasts(database(), FIRST).catch(() => undefined) : undefined;

/** The newest roasts, as they were when the script began to run. */
function useFirstScreen(): readonly NamedRoast[] | undefined {
  const [known, setKnown] = useState<readonly NamedRoast[]>();
  const [failed, setFailed] = useState<Error>();
  useEffect(() => {
    const read = async () => setKnown((await early) ?? (await newestRoasts(database(), FIRST)));
    read().catch(setFailed);
  }, []);
  if (failed) throw failed;
  return known;
}

/** True from the frame after `ready`: what is not needed for the first picture waits for it. */
function useAfterPaint(ready: boolean): boolean {
  const [painted, setPainted] = useState(false);
  useEffect(() => {
    if (!ready) return;
    const frame = requestAnimationFrame(() => setTimeout(() => setPainted(true)));
    return () => cancelAnimationFrame(frame);
  }, [ready]);
  return painted;
}

/** Asks the worker for slice after slice until every roast was looked at. */
function useReadOn(
  reading: boolean,
  facets: JournalFacets | undefined,
  onRead: (findings: JournalModel['findings']) => void,
): void {
  // biome-ignore lint/correctness/useExhaustiveDependencies: facets are new whenever the journal was read anew
  useEffect(() => {
    if (!reading) return;
    let current = true;
    const go = async () => {
      let shown = 0;
      while (current) {
        const found = await answerOf(journalWorker().readOn());
        if (!current) return;
        const end = found.done >= found.total;
        // Now and then is enough for the eye.
        if (end || performance.now() - shown > 400) {
          shown = performance.now();
          onRead(found);
        }
        if (end) return;
      }
    };
    go().catch(() => {});
    return () => {
      current = false;
    };
  }, [reading, facets]);
}
