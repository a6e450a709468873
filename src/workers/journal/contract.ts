import type { Complaint, Diagnosis, FindingId, InterviewQuestion } from '@/core/diagnose';
import type { JournalQuery, journalSpans, Sorting } from '@/core/journal';

/** What stands out in a roast, and what could still be asked about it. */
export interface RoastReading {
  readonly diagnosis: Diagnosis;
  readonly questions: readonly InterviewQuestion[];
  readonly complaints: readonly Complaint[];
}

/** The journal's words for filters: what occurs in it. */
export interface JournalFacets {
  readonly tags: readonly string[];
  readonly days: readonly { readonly day: string; readonly roasts: number }[];
  /** The time scale that holds every row, so that it need not grow while one scrolls. */
  readonly spans: ReturnType<typeof journalSpans>;
}

/** What the journal's worker does. It reads the database itself; only plain data crosses. */
export interface JournalContract {
  /** Reads the journal of a database; again when it has changed. */
  load(databaseName: string): Promise<JournalFacets>;
  /** The ids of the roasts that match, in order. */
  ask(query: JournalQuery, sorting: Sorting): string[];
  /** Looks for what stands out in the next roasts that were not looked at yet; gives how many of how many are done. */
  readOn(): Promise<{ readonly done: number; readonly total: number; readonly found: readonly FindingCount[] }>;
  /** What stands out in one roast; undefined when it is gone. */
  read(databaseName: string, roastId: string): Promise<RoastReading | undefined>;
}

export interface FindingCount {
  readonly id: FindingId;
  readonly roasts: number;
}
