import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { type JournalQuery, type Sorting, whatIsAsked } from '@/core/journal';
import { chosenHousehold, database } from '@/store/current';
import { onTableChange } from '@/store/onTableChange';
import { type NamedRoast, newestRoasts, roastIds } from '@/store/queries';
import type { ReadJournal } from './readJournal';
import { type Findings, useFindings } from './useFindings';

/** Journals up to this size are looked through for findings unasked; larger ones when something is searched for. */
const READ_UNASKED = 600;

/** What a screen shows comes first, so that it is there at once. */
const FIRST = 8;

export interface JournalModel {
  /** The roasts that match, in order; undefined until they are known. */
  readonly ids: readonly string[] | undefined;
  readonly total: number | undefined;
  /** The roasts of the first screen, read before all else. */
  readonly first: readonly NamedRoast[];
  /** Undefined until the journal was read in the background. */
  readonly read: ReadJournal | undefined;
  readonly findings: Findings;
  /** More roasts may match yet: what stands out in them is still being looked for. */
  readonly soFar: boolean;
  readonly failed: boolean;
  readonly readFindings: () => void;
}

/** The ids of the journal in the wanted order: from the database alone, or from its index where something is asked. */
export function useJournal(query: JournalQuery, sorting: Sorting): JournalModel {
  const first = useFirstScreen();
  const painted = useAfterPaint(first !== undefined);
  const all = useLiveQuery(async () => (painted ? roastIds(database()) : undefined), [painted]);
  const [read, setRead] = useState<ReadJournal>();
  const [failed, setFailed] = useState(false);
  const loads = useWritten();
  const [wanted, setWanted] = useState(false);
  const asked = whatIsAsked(query);
  const plain = sorting === 'newest' && Object.keys(asked).length === 0;
  const count = all?.length;
  const counted = count !== undefined;

  // biome-ignore lint/correctness/useExhaustiveDependencies: what was written is what reads anew
  useEffect(() => {
    if (!counted) return;
    let current = true;
    const go = async () => {
      const { readJournal } = await import('./readJournal');
      const found = await readJournal();
      if (current) setRead(found);
    };
    // After the first rows are painted: they do not need it.
    const timer = setTimeout(() => go().catch(() => current && setFailed(true)), 150);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [counted, loads]);

  const searched = asked.text !== undefined || asked.finding !== undefined;
  // Once begun it goes on: what it found stays found.
  const [begun, setBegun] = useState(false);
  const looking = begun || wanted || searched || (count ?? Number.POSITIVE_INFINITY) <= READ_UNASKED;
  if (looking && !begun) setBegun(true);
  const findings = useFindings(looking ? read : undefined, query);
  // Asked in the same breath as the letter is drawn: one frame shows both.
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is asked is made anew each time, and its parts say whether it is another
  const answer = useMemo(
    () => (plain ? undefined : read?.index.ask(asked, sorting, findings.of)),
    [plain, JSON.stringify(asked), sorting, read, findings],
  );
  // While the journal is still being read what is shown stays, and findings that change nothing leave the rows alone.
  const [before, setShown] = useState<readonly string[]>();
  const next = plain ? (all ?? first?.map(({ roast }) => roast.id)) : answer;
  const shown = next && !alike(next, before) ? next : before;
  if (shown !== before) setShown(shown);
  return {
    ids: shown ?? (failed ? all : undefined),
    // Counting thousands of rows takes longer than reading eight; a journal that fits the first screen is counted with it.
    total: all?.length ?? (first && first.length < FIRST ? first.length : undefined),
    first: first ?? [],
    read,
    findings,
    failed,
    soFar: searched && findings.done < (read?.rows.length ?? 0),
    readFindings: useCallback(() => setWanted(true), []),
  };
}

/** What a search, an order or a finding goes by. */
const SEARCHED = ['roasts', 'cups', 'flights', 'lots', 'gear'] as const;
/** Several writes in a row are one. */
const SETTLES_MS = 300;

/** Counts the times that something the journal is searched by was written, here or elsewhere; while nobody looks it waits. */
function useWritten(): number {
  const [times, setTimes] = useState(0);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let missed = false;
    const written = () => {
      clearTimeout(timer);
      missed = document.hidden;
      if (!missed) timer = setTimeout(() => setTimes((before) => before + 1), SETTLES_MS);
    };
    const seen = () => missed && written();
    document.addEventListener('visibilitychange', seen);
    const stop = onTableChange(database(), SEARCHED, written);
    return () => {
      stop();
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', seen);
    };
  }, []);
  return times;
}

const alike = (some: readonly string[], others: readonly string[] | undefined) =>
  some.length === others?.length && some.every((id, index) => id === others[index]);

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
