import type { Complaint, Diagnosis, FindingId, InterviewQuestion } from '@/core/diagnose';
import type { JournalRow, journalSpans } from '@/core/journal';

/** What stands out in a roast, and what could still be asked about it. */
export interface RoastReading {
  readonly diagnosis: Diagnosis;
  readonly questions: readonly InterviewQuestion[];
  /** Complaints of taste. */
  readonly complaints: readonly Complaint[];
  /** Roasts on the same gear before it that say what is usual. */
  readonly ownRoasts: number;
}

/** The journal as it was read: what a page needs to search it, narrow it down and draw it. */
export interface JournalRead {
  readonly rows: readonly JournalRow[];
  readonly tags: readonly string[];
  readonly days: readonly { readonly day: string; readonly roasts: number }[];
  /** The time scale that holds every row, so that it need not grow while one scrolls. */
  readonly spans: ReturnType<typeof journalSpans>;
}

/** What the journal's worker does. It reads the database itself; only plain data crosses. */
export interface JournalContract {
  /** Reads the journal of a database; again when it has changed. */
  load(databaseName: string): Promise<JournalRead>;
  /** Looks for what stands out in the roasts of a database, from the `from`th on, for as long as a slice takes. */
  readOn(databaseName: string, from: number): Promise<FindingsSlice>;
  /** What stands out in one roast; undefined when it is gone. */
  read(databaseName: string, roastId: string): Promise<RoastReading | undefined>;
}

export interface FindingsSlice {
  /** Where the next slice begins. */
  readonly next: number;
  readonly total: number;
  readonly found: readonly (readonly [roastId: string, findings: readonly FindingId[]])[];
}
