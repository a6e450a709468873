import MiniSearch from 'minisearch';
import type { JournalQuery } from './journalView.ts';
import type { JournalRow } from './row.ts';
import type { Sorting } from './sorting.ts';

/** What a search came to. */
export interface JournalAnswer {
  /** Roasts that match, in the wanted order. */
  readonly ids: string[];
  /** Of how many. */
  readonly total: number;
}

/** The journal made ready for searching: words of lots, gear, notes, tags, tastes and findings. */
export class JournalIndex {
  /** Newest first, the order most asked for. */
  private readonly rows: readonly JournalRow[];
  private readonly words = new MiniSearch<JournalRow & { readonly findings: string; readonly tagText: string }>({
    fields: ['lot', 'gear', 'notes', 'words', 'tagText', 'findings'],
    searchOptions: { prefix: true, combineWith: 'AND', boost: { lot: 2, tagText: 2 }, fuzzy: fuzziness },
  });

  /** `findingsOf` gives the ids of what stands out in a roast, and `findingName` what it is called. */
  constructor(
    rows: readonly JournalRow[],
    private readonly findingsOf: (roastId: string) => readonly string[] = () => [],
    findingName: (id: string) => string = (id) => id,
  ) {
    this.rows = [...rows].sort(newest);
    this.words.addAll(
      rows.map((row) => ({
        ...row,
        tagText: row.tags.join(' '),
        findings: findingsOf(row.id).map(findingName).join(' '),
      })),
    );
  }

  /** The roasts that match every part of the query. Words match from their beginning, with a slip or two forgiven. */
  ask(query: JournalQuery, sorting: Sorting): JournalAnswer {
    const text = query.text?.trim() ?? '';
    const found =
      text.length >= LEAST_LETTERS ? new Set(this.words.search(text).map(({ id }) => id as string)) : undefined;
    const rows = this.rows.filter((row) => (!found || found.has(row.id)) && this.fits(row, query));
    const sorted = sorting === 'newest' ? rows : rows.sort(orders[sorting]);
    return { ids: sorted.map(({ id }) => id), total: this.rows.length };
  }

  private fits(row: JournalRow, query: JournalQuery): boolean {
    const day = row.createdAt.slice(0, 10);
    return (
      (query.lotId === undefined || row.lotId === query.lotId) &&
      (query.gearId === undefined || row.gearId === query.gearId) &&
      (query.process === undefined || row.process === query.process) &&
      (query.shade === undefined || row.shade === query.shade) &&
      (query.stars === undefined || (row.stars ?? 0) >= query.stars) &&
      (query.tag === undefined || row.tags.includes(query.tag)) &&
      (query.from === undefined || day >= query.from) &&
      (query.to === undefined || day <= query.to) &&
      (query.finding === undefined || this.findingsOf(row.id).includes(query.finding))
    );
  }
}

/** One letter alone means nearly everything; the search waits for the second. */
const LEAST_LETTERS = 2;

/** Short words are typed right; longer ones with a slip. */
const FUZZY_FROM = 5;
function fuzziness(term: string): number | boolean {
  return term.length >= FUZZY_FROM ? 0.2 : false;
}

const newest = (a: JournalRow, b: JournalRow) => (a.createdAt < b.createdAt ? 1 : a.createdAt > b.createdAt ? -1 : 0);
/** By a figure, those without it last, then the newest first. */
const by = (read: (row: JournalRow) => number | undefined, sign: 1 | -1) => (a: JournalRow, b: JournalRow) => {
  const [x, y] = [read(a), read(b)];
  if (x === undefined || y === undefined) return Number(x === undefined) - Number(y === undefined) || newest(a, b);
  return sign * (x - y) || newest(a, b);
};

const orders = {
  newest,
  oldest: (a, b) => -newest(a, b),
  best: by(({ stars }) => stars, -1),
  longest: by(({ pullS }) => pullS, -1),
  shortest: by(({ pullS }) => pullS, 1),
  lossHigh: by((row) => row.lossPercent, -1),
  lossLow: by((row) => row.lossPercent, 1),
} as const satisfies Record<Sorting, (a: JournalRow, b: JournalRow) => number>;
