import type { NextChange } from '../experiment/index.ts';
import type { Id } from '../ids/index.ts';
import type { Case } from './case.ts';
import type { Complaint } from './complaints.ts';
import type { FindingId } from './findingNames.ts';

/** One piece of evidence: a sentence with its figures, and how much it says for (above 0) or against it. */
export interface Sign {
  readonly says: string;
  readonly weight: number;
}

/** What to change, what for, and what it is expected to do. */
export interface Proposal {
  readonly change: NextChange;
  /** The question an experiment asks with it: "Longer browning?" */
  readonly question: string;
  /** What it will do by this person's own roasts, where they tell. */
  readonly expected?: string | undefined;
  /** Of which part of a staged pull it speaks; the last one where it does not say. */
  readonly pullId?: Id<'entry'> | undefined;
}

/** One row of handbook section 10: when it holds, and what follows. */
export interface Rule {
  readonly id: FindingId;
  readonly explains: readonly Complaint[];
  /** Findings that it speaks against: of the two only the stronger is shown. */
  readonly against: readonly FindingId[];
  /** Findings that follow from this one; they need no change of their own. */
  readonly causes: readonly FindingId[];
  /**
   * Evidence from the record for and against it. `said`: the cup or the look of the beans complains of what this explains;
   * then what is usual here acquits nothing that is out of the method's own range.
   */
  readonly signs: (evidence: Case, said: boolean) => readonly (Sign | undefined | false)[];
  /** The finding in one sentence. */
  readonly says: (evidence: Case) => string;
  /** ONE change for the next batch. */
  readonly propose: (evidence: Case) => Proposal;
}
