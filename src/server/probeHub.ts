import { LIMITS } from './limits.ts';

/** Hands the lines of probes to the pages that listen. Lives as long as the server; nothing is kept. */
type Listener = (line: string) => void;

const listeners = new Map<string, Set<Listener>>();

let count = 0;

/** Whether one more page may listen to a probe. */
export function hasRoom(name: string): boolean {
  return count < LIMITS.listeners && (listeners.get(name)?.size ?? 0) < LIMITS.listenersPerProbe;
}

/** Calls `listener` with each line of a probe; gives the way to stop. Ask `hasRoom` first. */
export function onProbeLine(name: string, listener: Listener): () => void {
  const all = listeners.get(name) ?? new Set();
  listeners.set(name, all.add(listener));
  count++;
  return () => {
    if (all.delete(listener)) count--;
    if (all.size === 0) listeners.delete(name);
  };
}

/** Hands a line on; gives how many pages heard it. */
export function sayProbeLine(name: string, line: string): number {
  const all = listeners.get(name);
  for (const each of all ?? []) each(line);
  return all?.size ?? 0;
}
