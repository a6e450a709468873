import type { ContentTable } from '@/core/exchange';
import type { Issue } from '@/core/issues';

/** A row, or parts of one, that could not be read, as it was: out of the way of the rest, and not lost. */
export interface Aside {
  /** The table and the row. */
  readonly id: string;
  readonly table: ContentTable | 'household';
  /** What it was called, as far as it said. */
  readonly called: string;
  readonly why: Issue;
  readonly row: unknown;
  /** Only parts of it; the rest of the row is in its place. */
  readonly part?: true;
  /** What could be read of it stands in its place, since rows name it. */
  readonly standsIn?: true;
  /** When, UTC. */
  readonly asideAt: string;
}
