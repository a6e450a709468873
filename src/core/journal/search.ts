import MiniSearch from 'minisearch';
import { processNames } from '../bean/index.ts';
import { methodOf } from '../gear/index.ts';
import { shadeOf } from '../shade/index.ts';
import { localDay } from '../units/index.ts';
import { whatIsAsked } from './asked.ts';
import type { JournalQuery } from './journalView.ts';
import type { JournalRow } from './row.ts';
import type { Sorting } from './sorting.ts';

interface NumberedRow {
  readonly row: JournalRow;
  readonly texts: readonly number[];
}

interface NumberedText {
  readonly id: number;
  readonly text: string;
}

/** What stands out in roasts: the ids of the findings by the id of the roast. */
export type FindingsOf = ReadonlyMap<string, readonly string[]>;

/** Texts made ready in one go: a key that is typed meanwhile does not wait for the rest. */
const IN_ONE_GO = 100;

/** The journal made ready for searching: words of lots, gear, notes, tags, tastes, findings, shades, processes, methods and months. */
export class JournalIndex {
  private constructor(
    /** Newest first, the order most asked for. */
    private readonly rows: readonly NumberedRow[],
    /** Each text once, however many roasts have it: thousands of roasts share a few dozen names of beans and gear. */
    private readonly texts: MiniSearch<NumberedText>,
    /** The number of a text of what a finding is called. */
    private readonly findingTexts: ReadonlyMap<string, number>,
  ) {}

  /** Makes rows ready, a slice at a time; `findingNames` says what findings are called, by their ids. */
  static async make(
    rows: readonly JournalRow[],
    findingNames: Readonly<Record<string, string>> = {},
  ): Promise<JournalIndex> {
    const known = new Map<string, number>();
    const numberOf = (text: string) => {
      const number = known.get(text) ?? known.size;
      known.set(text, number);
      return number;
    };
    const findingTexts = new Map(Object.entries(findingNames).map(([id, name]) => [id, numberOf(name)]));
    const numbered = [...rows].sort(newest).map((row) => ({
      row,
      texts: [row.lot, row.gear, row.notes, row.words, ...row.tags, ...kindWords(row)]
        .filter((text) => text !== '')
        .map(numberOf),
    }));
    const texts = new MiniSearch<NumberedText>({
      fields: ['text'],
      searchOptions: { prefix: true, fuzzy: fuzziness },
    });
    await texts.addAllAsync(
      [...known].map(([text, id]) => ({ id, text })),
      { chunkSize: IN_ONE_GO },
    );
    return new JournalIndex(numbered, texts, findingTexts);
  }

  /**
   * The ids of the roasts that match every part of the query, in order. Words match from their beginning, with a slip
   * or two forgiven. Takes under a millisecond for thousands of roasts, so that a page may ask with every key.
   */
  ask(query: JournalQuery, sorting: Sorting, findingsOf: FindingsOf = new Map()): string[] {
    const { text = '', ...asked } = whatIsAsked(query);
    const tokenize: (text: string) => string[] = MiniSearch.getDefault('tokenize');
    const words = tokenize(text).filter((word) => word !== '');
    const hits = words.map((word) => this.textsWith(word));
    const found: JournalRow[] = [];
    for (const { row, texts } of this.rows) {
      const findings = findingsOf.get(row.id) ?? [];
      const has = (hit: Uint8Array) =>
        texts.some((text) => hit[text] === 1) || findings.some((id) => hit[this.findingTexts.get(id) ?? -1] === 1);
      if (hits.every(has) && fits(row, asked, findings)) found.push(row);
    }
    const sorted = sorting === 'newest' ? found : found.sort(orders[sorting]);
    return sorted.map(({ id }) => id);
  }

  /** 1 at the number of each text that has the word. */
  private textsWith(word: string): Uint8Array {
    const hit = new Uint8Array(this.texts.documentCount);
    for (const { id } of this.texts.search(word)) hit[id] = 1;
    return hit;
  }
}

const monthName = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric' });

/** What a roast is besides its names: its shade by either name, its process and method, its month. */
function kindWords({ shades, process, method, createdAt }: JournalRow): string[] {
  return [
    ...shades.map(shadeOf).flatMap(({ name, traditional }) => [name, traditional]),
    process ? processNames[process] : '',
    method ? methodOf(method).name : '',
    monthName.format(new Date(createdAt)),
  ];
}

/** By its cups; by its stars where none was noted. */
function liking({ overall, stars }: JournalRow): number | undefined {
  return overall ?? (stars === undefined ? undefined : stars * 2);
}

function fits(row: JournalRow, query: JournalQuery, findings: readonly string[]): boolean {
  // Asked for only where a day is, since reading a date costs more than all the rest.
  const day = query.from === undefined && query.to === undefined ? '' : localDay(row.createdAt);
  return (
    (query.lotId === undefined || row.lotId === query.lotId) &&
    (query.gearId === undefined || row.gearId === query.gearId) &&
    (query.process === undefined || row.process === query.process) &&
    (query.shade === undefined || row.shades.includes(query.shade)) &&
    (query.stars === undefined || (row.stars ?? 0) >= query.stars) &&
    (query.tag === undefined || row.tags.includes(query.tag)) &&
    (query.from === undefined || day >= query.from) &&
    (query.to === undefined || day <= query.to) &&
    (query.finding === undefined || findings.includes(query.finding))
  );
}

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
  best: by(liking, -1),
  longest: by(({ pullS }) => pullS, -1),
  shortest: by(({ pullS }) => pullS, 1),
  lossHigh: by((row) => row.lossPercent, -1),
  lossLow: by((row) => row.lossPercent, 1),
} as const satisfies Record<Sorting, (a: JournalRow, b: JournalRow) => number>;
