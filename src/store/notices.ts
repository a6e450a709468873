import type { Change } from './change.ts';

/** Something to say in passing, with a way back where there is one. */
export interface Notice {
  readonly text: string;
  readonly undo?: Change;
}

/** Kept for the session, since an island on the next page says what happened on this one. */
const KEY = 'gander.notice';
const listeners = new Set<() => void>();
let current: Notice | undefined;
let loaded = false;

/** Says something; it replaces what was said before. */
export function say(notice: Notice): void {
  set(notice);
}

/** Ends what is being said. */
export function hush(): void {
  set(undefined);
}

/** What is being said now; stable between changes, as useSyncExternalStore wants it. */
export function currentNotice(): Notice | undefined {
  if (!loaded) {
    loaded = true;
    const stored = sessionStorage.getItem(KEY);
    if (stored) current = JSON.parse(stored) as Notice;
  }
  return current;
}

/** Calls `listener` after each change; gives the way to stop. */
export function onNotice(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function set(notice: Notice | undefined): void {
  loaded = true;
  current = notice;
  sessionStorage.removeItem(KEY);
  try {
    if (notice) sessionStorage.setItem(KEY, JSON.stringify(notice));
  } catch {
    // Too large a change for the session's few megabytes: it is said, and can be undone, on this page only.
  }
  for (const listener of listeners) listener();
}
