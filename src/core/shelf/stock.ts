import { sum } from 'd3-array';
import type { JarEvent } from './jar.ts';
import { type FilledJar, shelfLedger } from './ledger.ts';
import type { Fate } from './shelfKinds.ts';

/** What became of a batch that failed; undefined for one that is drunk. */
export function fateOf(events: readonly JarEvent[]): Fate | undefined {
  const last = events.findLast((event) => event.kind === 'fate');
  return last?.kind === 'fate' ? last.fate : undefined;
}

/**
 * Share of a roast that was thrown away, 0 to 1, by the accounts of its parts: all that was left of one, or so many
 * grams. What went into cold brew, another jar or another house is drunk.
 */
export function thrownShare(parts: readonly FilledJar[]): number {
  const filledGrams = sum(parts, ({ grams }) => grams);
  const lastMs =
    Math.max(
      ...parts
        .flatMap(({ madeAt, events }) => [madeAt, ...events.map(({ doneAt }) => doneAt)])
        .map((eventAt) => Date.parse(eventAt)),
    ) + 1;
  const thrownGrams = sum(parts, (part) => {
    const lines = shelfLedger([part], () => 0, lastMs).get(part.id)?.lines ?? [];
    const away = fateOf(part.events) === 'thrown' ? ['throw', 'fate'] : ['throw'];
    return -sum(
      lines.filter(({ kind }) => away.includes(kind)),
      ({ byGrams }) => byGrams,
    );
  });
  return filledGrams > 0 ? thrownGrams / filledGrams : 0;
}
