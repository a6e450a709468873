import type { EntryDraft } from '../../roast/index.ts';

/** How grave it is: danger to beans and house, due now, a question, soon due, a remark. */
const levels = ['danger', 'due', 'ask', 'soon', 'note'] as const;
/** One of `levels`. */
type Level = (typeof levels)[number];

/** What a press on an answer does. */
export type Deed =
  /** Lines for the log, in order; each at `atS`, seconds from charge, or now. */
  | { readonly kind: 'log'; readonly lines: readonly { readonly draft: EntryDraft; readonly atS?: number }[] }
  /** Not now: it may be asked again when there is more to it than `weight`. */
  | { readonly kind: 'putOff'; readonly weight: number }
  /** Something that only the screen can do. */
  | {
      readonly kind: 'screen';
      readonly does: 'readAsFahrenheit' | 'clockIsRight' | 'followClock' | 'countOn' | 'minuteMore' | 'deleteRoast';
    };

/** An answer that can be pressed, and what it does. */
export interface Answer {
  readonly label: string;
  readonly does: Deed;
}

/** Something to be told now, in the one line that is kept for it. The key says it once. */
export interface Telling {
  readonly key: string;
  readonly level: Level;
  /** As it stands on the screen and as it is spoken. */
  readonly text: string;
  /** At most four. */
  readonly answers?: readonly Answer[];
}

/** The gravest first; of equal ones, in the order in which they came. */
export function gravestFirst(tellings: readonly Telling[]): Telling[] {
  return [...tellings].sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
}

/** One line for the log, as an answer. */
export function logs(draft: EntryDraft, atS?: number): Deed {
  return { kind: 'log', lines: [atS === undefined ? { draft } : { draft, atS }] };
}
