import { assertNever } from '../issues/index.ts';
import type { Entry, Recorded } from './entry.ts';
import { isStreamed } from './roastKinds.ts';

/** An entry as it holds now: corrections applied, entries taken back left out. */
export type LiveEntry = Recorded & {
  /** Its time was corrected after it was pressed. */
  readonly corrected: boolean;
  /** The person was asked about it and stood by it. */
  readonly sure: boolean;
};

/** Ids of log lines that are taken back. An undo that is itself taken back takes nothing back. */
function undoneIds(log: readonly Entry[]): ReadonlySet<string> {
  const undone = new Set<string>();
  // An undo always comes after what it takes back, so going backwards settles each undo before its target.
  for (let i = log.length - 1; i >= 0; i--) {
    const entry = log[i];
    if (entry?.kind === 'undo' && !undone.has(entry.id)) undone.add(entry.target);
  }
  return undone;
}

/**
 * What holds now, from the whole log: ordered by when it happened, ties in the order of pressing.
 * Amendments of unknown or taken-back entries have no effect.
 */
export function liveEntries(log: readonly Entry[]): LiveEntry[] {
  const undone = undoneIds(log);
  const live = new Map<string, LiveEntry>();
  for (const entry of log) {
    if (undone.has(entry.id) || entry.kind === 'undo') continue;
    if (entry.kind !== 'amend') live.set(entry.id, { ...entry, corrected: false, sure: false });
    else {
      const target = live.get(entry.target);
      if (target) live.set(entry.target, amended(target, entry));
    }
  }
  return [...live.values()].sort((a, b) => a.at - b.at);
}

function amended(target: LiveEntry, change: Extract<Entry, { kind: 'amend' }>): LiveEntry {
  const next: LiveEntry = {
    ...target,
    at: change.happenedAt ?? target.at,
    corrected: target.corrected || change.happenedAt !== undefined,
    sure: target.sure || change.sure === true,
  };
  switch (next.kind) {
    case 'pull':
      if (change.grams !== undefined) next.grams = change.grams ?? undefined;
      if (change.shade !== undefined) {
        next.shade = change.shade ?? undefined;
        next.guessed = change.guessed;
      }
      return next;
    case 'note':
      if (change.text !== undefined) next.text = change.text;
      return next;
    case 'reading':
      return { ...next, celsius: change.celsius ?? next.celsius };
    case 'move':
      return change.value === undefined ? next : { ...next, value: change.value };
    case 'smell':
      return { ...next, smell: change.smell ?? next.smell };
    case 'colour':
      return { ...next, tone: change.tone ?? next.tone };
    case 'sense':
      return { ...next, word: change.word ?? next.word };
    case 'mark':
    case 'crack':
    case 'skip':
      return next;
    default:
      return assertNever(next);
  }
}

/** What the person pressed last and that holds; what a probe or a microphone said meanwhile is passed over. */
export function lastPressed(live: readonly LiveEntry[]): LiveEntry | undefined {
  return live.reduce<LiveEntry | undefined>(
    (last, entry) => (isStreamed(entry) || (last && last.pressedAt > entry.pressedAt) ? last : entry),
    undefined,
  );
}

/** The log line that Undo would take back: the last of the person's that is neither an undo nor taken back; none when all are. */
export function lastUndoable(log: readonly Entry[]): Exclude<Entry, { kind: 'undo' }> | undefined {
  const undone = undoneIds(log);
  for (let i = log.length - 1; i >= 0; i--) {
    const entry = log[i];
    if (entry && entry.kind !== 'undo' && !undone.has(entry.id) && !isStreamed(entry)) return entry;
  }
  return undefined;
}
