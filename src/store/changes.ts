import type { Lot } from '@/core/bean';
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

/** Something that was done and can be taken back. */
export interface Done {
  readonly id: string;
  /** When, UTC. */
  readonly at: string;
  /** In words, as it was said. */
  readonly text: string;
  readonly change: Change;
  /** It is an undo, of what these words say. */
  readonly of?: string;
  /** It was taken back, UTC. */
  readonly undoneAt?: string;
}

/** Things that were deleted together, with what went along with them. */
export interface Deleted {
  readonly id: string;
  /** When, UTC. */
  readonly at: string;
  readonly change: Change;
}
