import { sum } from 'd3-array';
import type { JarEvent } from './jar.ts';
import type { Fate } from './shelfKinds.ts';

/** Coffee left in a jar by its own events, grams; undefined when nobody weighed or used any, so that it must be reckoned. */
export function countedLeft(grams: number, events: readonly JarEvent[]): number | undefined {
  const ordered = [...events].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
  let left: number | undefined;
  for (const event of ordered) {
    if (event.kind === 'use') left = Math.max(0, (left ?? grams) - event.grams);
    if (event.kind === 'weigh') left = event.leftGrams;
    if (event.kind === 'empty' || event.kind === 'fate') left = 0;
  }
  return left;
}

/** What became of a batch that failed; undefined for one that is drunk. */
export function fateOf(events: readonly JarEvent[]): Fate | undefined {
  const last = events.findLast((event) => event.kind === 'fate');
  return last?.kind === 'fate' ? last.fate : undefined;
}

/**
 * Share of a roast that was thrown away, 0 to 1: of its parts' grams, or of the number of parts where one was not
 * weighed. What went into cold brew or another jar is drunk.
 */
export function thrownShare(
  parts: readonly { readonly grams: number | undefined; readonly events: readonly JarEvent[] }[],
): number {
  const weighed = parts.every(({ grams }) => grams !== undefined);
  const weight = ({ grams }: (typeof parts)[number]) => (weighed ? (grams ?? 0) : 1);
  const thrown = parts.filter(({ events }) => fateOf(events) === 'thrown');
  const all = sum(parts, weight);
  return all > 0 ? sum(thrown, weight) / all : 0;
}

/** A weighing that says more than there was: asked about, kept. */
export function weighedHeavier(grams: number, events: readonly JarEvent[]): boolean {
  let left = grams;
  for (const event of [...events].sort((a, b) => Date.parse(a.at) - Date.parse(b.at))) {
    if (event.kind === 'use') left -= event.grams;
    if (event.kind === 'weigh') {
      if (event.leftGrams > left + 1) return true;
      left = event.leftGrams;
    }
  }
  return false;
}
