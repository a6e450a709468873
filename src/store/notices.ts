import type { Change, Done } from './changes.ts';
import { database } from './current.ts';
import { secureRandom } from './random.ts';
import { thisVisit } from './small.ts';

/** Something to say in passing, with a way back where there is one. */
export interface Notice {
  readonly text: string;
  readonly undo?: Change;
  /** Instead of `undo`: it is on the list of what was done already. */
  readonly done?: Done;
  /** What was taken back, in its words: pressing does it again. */
  readonly of?: string;
}

/** What is being said, where, and until when: the next page goes on saying it, and no longer than this one would have. */
export interface Said extends Notice {
  readonly household: string;
  /** The page it was said on. */
  readonly page: string;
  readonly until: number;
}

/** Long enough to read it, decide and reach it with a full hand. */
const SHOWN_MS = 12_000;

/** Kept for the session, since an island on the next page says what happened on this one. */
const KEY = 'gander.notice';
const listeners = new Set<() => void>();
let current: Said | undefined;
let loaded = false;

/**
 * Says something; it replaces what was said before. What can be undone goes on the list of what was done
 * (the notice bar puts it there, on this page or the next).
 */
export function notify(notice: Notice): void {
  const { undo = [] } = notice;
  const done = undo.length > 0 ? { done: doneOf(notice, undo) } : {};
  set({ ...notice, ...done, household: database().name, page: location.pathname, until: Date.now() + SHOWN_MS });
}

/** The line of the list of what was done for something that is said. */
export function doneOf({ text, of }: Pick<Notice, 'text' | 'of'>, change: Change): Done {
  const now = Date.now();
  const id = `${now}-${Math.floor(secureRandom() * 1e9)}`;
  return { id, doneAt: new Date(now).toISOString(), text, rows: change.length, ...(of ? { of } : {}) };
}

/** Ends what is being said. */
export function dismissNotice(): void {
  set(undefined);
}

/** What is being said now; stable between changes, as useSyncExternalStore wants it. */
export function currentNotice(): Said | undefined {
  if (!loaded) {
    loaded = true;
    const stored = thisVisit.get(KEY);
    const said = stored ? (JSON.parse(stored) as Said) : undefined;
    if (said?.household === database().name && leftMs(said) > 0) current = said;
  }
  return current;
}

/** How long it is still said; never longer than at first, should the device's clock be set back. */
export const leftMs = ({ until }: Said): number => Math.min(SHOWN_MS, until - Date.now());
/** Calls `listener` after each change; gives the way to stop. */
export function onNotice(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function set(notice: Said | undefined): void {
  loaded = true;
  current = notice;
  // Too large a change for the session's few megabytes is said, and can be undone, on this page only.
  thisVisit.set(KEY, notice && JSON.stringify(notice));
  for (const listener of listeners) listener();
}
