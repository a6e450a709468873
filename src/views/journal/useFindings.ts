import { useEffect, useRef, useState } from 'react';
import type { FindingId } from '@/core/diagnose';
import { database } from '@/store/current';
import { answerOf, journalWorker } from '@/workers/journal/client';
import type { JournalRead } from '@/workers/journal/contract';

/** How far the journal was looked through for what stands out, and what did. */
export interface Findings {
  readonly done: number;
  readonly total: number;
  readonly of: ReadonlyMap<string, readonly FindingId[]>;
}

/** Now and then is enough for the eye, and leaves the page to the one who types. */
const TELL_EVERY_MS = 400;

/** Looking goes on when nothing was asked for so long: whoever types has the machine to themselves. */
const RESTS_MS = 700;

/** What stands out in each roast of the journal that was read, slice after slice, in the pauses between what is `asked`. */
export function useFindings(read: JournalRead | undefined, asked: unknown): Findings {
  const askedMs = useRef(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another question is what begins the pause anew
  useEffect(() => {
    askedMs.current = performance.now();
  }, [asked]);
  const [findings, setFindings] = useState<Findings>({ done: 0, total: 0, of: new Map() });
  useEffect(() => {
    if (!read) return;
    let current = true;
    // biome-ignore lint/complexity/noExcessiveCognitiveComplexity: one loop with a pause; its parts share everything
    const go = async () => {
      const found = new Map<string, readonly FindingId[]>();
      let toldMs = performance.now();
      for (let done = 0; current; ) {
        const restsMs = askedMs.current + RESTS_MS - performance.now();
        if (restsMs > 0) {
          await new Promise((resolve) => setTimeout(resolve, restsMs));
          continue;
        }
        const slice = await answerOf(journalWorker().readOn(database().name, done));
        if (!current) return;
        done = slice.next;
        for (const [id, its] of slice.found) found.set(id, its);
        const end = done >= slice.total;
        if (end || performance.now() - toldMs > TELL_EVERY_MS) {
          toldMs = performance.now();
          // Until a roast is looked at anew, what was known of it stands.
          setFindings((before) => ({
            done,
            total: slice.total,
            of: end ? found : new Map([...before.of, ...found]),
          }));
        }
        if (end) return;
      }
    };
    // Without findings the journal can still be searched for all else.
    go().catch(() => {});
    return () => {
      current = false;
    };
  }, [read]);
  return findings;
}

/** In how many roasts each finding stands out. */
export function findingCounts({ of }: Findings): ReadonlyMap<FindingId, number> {
  const counts = new Map<FindingId, number>();
  for (const id of [...of.values()].flat()) counts.set(id, (counts.get(id) ?? 0) + 1);
  return counts;
}
