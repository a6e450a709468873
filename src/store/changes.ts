import type { Lot } from '@/core/bean';
import type { ContentTable } from '@/core/exchange';
import type { Experiment } from '@/core/experiment';
import type { Gear } from '@/core/gear';
import type { Household } from '@/core/household';
import type { JournalView } from '@/core/journal';
import type { RoastDay } from '@/core/plan';
import type { Recipe } from '@/core/recipe';
import type { Roast } from '@/core/roast';
import type { Jar } from '@/core/shelf';
import type { Cup, Flight, FlightKey } from '@/core/taste';

export type HouseholdRow = Household & { readonly id: string };

/** The rows of the notebook by their tables. */
export interface Rows {
  lots: Lot;
  gear: Gear;
  roasts: Roast;
  days: RoastDay;
  jars: Jar;
  cups: Cup;
  flights: Flight;
  flightKeys: FlightKey;
  recipes: Recipe;
  experiments: Experiment;
  journalViews: JournalView;
  household: HouseholdRow;
}
export type TableName = keyof Rows;

/** One row before and after; absent before means it is new, absent after means it goes. */
export type RowChange = {
  [T in TableName]: { readonly table: T; readonly before?: Rows[T] | undefined; readonly after?: Rows[T] | undefined };
}[TableName];

/** A change to the notebook as a value: it can be kept, shown, and taken back (undo.ts). */
export type Change = readonly RowChange[];

/** What a line of the lists below changed, kept apart from it: it may be as large as the notebook, and the lists are only read. */
export interface KeptChange {
  /** Of the line. */
  readonly id: string;
  readonly change: Change;
  /** Rows that were new: they stand in the notebook, so only their digest is kept, to tell whether they were changed since. */
  readonly made?: readonly (readonly [TableName, string, number])[];
}

/** Something that was done and can be taken back. */
export interface Done {
  readonly id: string;
  /** When, UTC. */
  readonly doneAt: string;
  /** In words, as it was said. */
  readonly text: string;
  /** So many rows of the notebook. */
  readonly rows: number;
  /** It is an undo, of what these words say. */
  readonly of?: string;
  /** It was taken back, UTC. */
  readonly undoneAt?: string;
}

/** Things that were deleted together, with what went along with them. */
export interface Deleted {
  readonly id: string;
  /** When, UTC. */
  readonly deletedAt: string;
  /** What the first of them is called, as far as it says (calledOf). */
  readonly called: string;
  /** Their tables and ids. */
  readonly gone: readonly (readonly [ContentTable, string])[];
}
