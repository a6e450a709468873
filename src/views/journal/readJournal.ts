import { findingNames } from '@/core/diagnose';
import { JournalIndex } from '@/core/journal';
import { database } from '@/store/current';
import { answerOf, journalWorker } from '@/workers/journal/client';
import type { JournalRead } from '@/workers/journal/contract';

/** The journal, and its index, which the page asks itself: with every key, without waiting for anyone. */
export interface ReadJournal extends JournalRead {
  readonly index: JournalIndex;
}

/** Lets the worker read the whole journal and makes the answer ready for searching. The first rows do not wait for this. */
export async function readJournal(): Promise<ReadJournal> {
  const read = await answerOf(journalWorker().load(database().name));
  const index = await JournalIndex.make(read.rows, findingNames);
  // Asked once for nothing: the first letter that is typed finds the code compiled.
  index.ask({ text: 'first crack' }, 'newest');
  return { ...read, index };
}
