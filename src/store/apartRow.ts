import type { Id } from '@/core/ids';
import { type Entry, isStreamed, type Roast, type streamedSources } from '@/core/roast';

/** A streamed reading as it lies on the disk: id, at, pressed at, source, °C. */
type Kept = readonly [
  id: string,
  at: number,
  pressedAt: number,
  source: (typeof streamedSources)[number],
  celsius: number,
];

/** Readings that came one after the other, from the `from`th of their roast on. */
export interface ReadingsRow {
  readonly roastId: string;
  readonly from: number;
  readonly kept: readonly Kept[];
}

/** A roast without its streamed readings; `before` says how many of them stood before each entry that is left. */
export type SlimRoast = Roast & { readonly before?: readonly number[] };

type Reading = Extract<Entry, { kind: 'reading' }>;
const isStreamedReading = (entry: Entry): entry is Reading & { source: Kept[3] } =>
  entry.kind === 'reading' && isStreamed(entry);

/** A roast taken apart into what seldom changes and the readings that come every second. */
export function apart(roast: Roast): { readonly slim: SlimRoast; readonly readings: readonly Kept[] } {
  const readings: Kept[] = [];
  const entries: Entry[] = [];
  const before: number[] = [];
  for (const entry of roast.entries) {
    if (isStreamedReading(entry)) readings.push([entry.id, entry.at, entry.pressedAt, entry.source, entry.celsius]);
    else {
      entries.push(entry);
      before.push(readings.length);
    }
  }
  return { slim: { ...roast, entries, before }, readings };
}

/** The roast as it was before it was taken apart, every entry in its place. */
export function joined({ before, ...roast }: SlimRoast, rows: readonly ReadingsRow[]): Roast {
  if (!before) return roast;
  const readings = rows.flatMap(({ kept }) => kept).map(entryOf);
  let taken = 0;
  const entries = roast.entries.flatMap((entry, i) => {
    const upTo = before[i] ?? taken;
    const these: Entry[] = [...readings.slice(taken, upTo), entry];
    taken = Math.max(taken, upTo);
    return these;
  });
  return { ...roast, entries: [...entries, ...readings.slice(taken)] };
}

const entryOf = ([id, at, pressedAt, source, celsius]: Kept): Entry => ({
  kind: 'reading',
  id: id as Id<'entry'>,
  at,
  pressedAt,
  source,
  celsius,
});

/** So many rows of their own are drawn together into one, which keeps reading them quick. */
const MOST_LOOSE = 60;

/** What has to be written so that the stored readings are these: rows to put, and the rows that go (by `from`). */
export function readingsToWrite(
  roastId: string,
  stored: readonly ReadingsRow[],
  readings: readonly Kept[],
): { readonly put: readonly ReadingsRow[]; readonly gone: readonly number[] } {
  const known = stored.flatMap(({ kept }) => kept);
  const same = known.length <= readings.length && known.every((each, i) => isSame(each, readings[i]));
  if (!same)
    return {
      put: readings.length === 0 ? [] : [{ roastId, from: 0, kept: readings }],
      gone: stored.map(({ from }) => from),
    };
  if (known.length === readings.length) return { put: [], gone: [] };
  const loose = stored.filter(({ kept }) => kept.length < MOST_LOOSE);
  const first = loose[0]?.from ?? known.length;
  const isFull = readings.length - first >= MOST_LOOSE;
  return isFull
    ? { put: [{ roastId, from: first, kept: readings.slice(first) }], gone: loose.slice(1).map(({ from }) => from) }
    : { put: [{ roastId, from: known.length, kept: readings.slice(known.length) }], gone: [] };
}

const isSame = (a: Kept, b: Kept | undefined) => b !== undefined && a.every((value, i) => value === b[i]);
