import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Lot } from '@/core/bean';
import type { Gear } from '@/core/gear';
import {
  JournalIndex,
  type JournalQuery,
  type JournalRow,
  journalRow,
  journalSpans,
  journalViewSchema,
  sortings,
  whatIsAsked,
} from '@/core/journal';
import type { Cup } from '@/core/taste';
import { entry, mark, pull, roastOf } from '../build.ts';

const row = (id: string, facts: Partial<JournalRow> = {}): JournalRow => ({
  id,
  createdAt: `2026-10-${id.padStart(2, '0')}T10:00:00.000Z`,
  lotId: 'lot:one0',
  gearId: 'gear:one0',
  lot: 'Lantern Terrace, Peru',
  gear: 'Blue popper',
  process: 'washed',
  method: 'hotAirPopper',
  overall: undefined,
  shades: [4],
  stars: undefined,
  firstCrackS: 240,
  pullS: 300,
  lossPercent: 15,
  tags: [],
  notes: '',
  words: '',
  ...facts,
});
const rows = [
  row('1', { notes: 'tart, like lemon pith', stars: 2, pullS: 290 }),
  row('2', { lot: 'Three Herons, Rwanda', lotId: 'lot:two0', stars: 5, words: 'apricot tea', tags: ['guests'] }),
  row('3', {
    gear: 'Crank pot',
    gearId: 'gear:two0',
    process: 'natural',
    shades: [2, 6],
    lossPercent: undefined,
    stars: 4,
  }),
];
const index = await JournalIndex.make(rows, { rushedBrowning: 'browning rushed' });
const findings = new Map([['1', ['rushedBrowning']]]);
const ask = (query: JournalQuery) => index.ask(query, 'newest', findings);

describe('searching the journal', () => {
  it('finds words of beans, gear, notes, tastes, tags and findings, from their beginning', () => {
    assert.deepEqual(ask({ text: 'lemon' }), ['1']);
    assert.deepEqual(ask({ text: 'apri' }), ['2']);
    assert.deepEqual(ask({ text: 'crank' }), ['3']);
    assert.deepEqual(ask({ text: 'guests' }), ['2']);
    assert.deepEqual(ask({ text: 'rushed' }), ['1']);
    assert.deepEqual(ask({ text: 'lantern' }), ['3', '1']);
  });
  it('finds shades by either name, processes, methods and months', () => {
    assert.deepEqual(ask({ text: 'vienna' }), ['3']);
    assert.deepEqual(ask({ text: 'natural' }), ['3']);
    assert.deepEqual(ask({ text: 'full city' }), ['2', '1']);
    assert.deepEqual(ask({ text: 'popper' }), ['3', '2', '1']);
    assert.deepEqual(ask({ text: 'october washed' }), ['2', '1']);
    assert.deepEqual(ask({ text: 'oct 2026' }), ['3', '2', '1']);
    assert.deepEqual(ask({ text: 'november' }), []);
  });
  it('the best go by their cups, then by stars', async () => {
    const tasted = [...rows, row('4', { overall: 9 }), row('5', { overall: 3, stars: 5 })];
    assert.deepEqual((await JournalIndex.make(tasted)).ask({}, 'best'), ['2', '4', '3', '1', '5']);
  });
  it('forgives a slip in a long word, and wants every word', () => {
    assert.deepEqual(ask({ text: 'lanturn' }), ['3', '1']);
    assert.deepEqual(ask({ text: 'lantern lemon' }), ['1']);
    assert.deepEqual(ask({ text: 'nothing like that' }), []);
    assert.deepEqual(ask({ text: '   ' }), ['3', '2', '1']);
  });
  it('narrows down by every part of the query', () => {
    assert.deepEqual(ask({ lotId: 'lot:two0' as never }), ['2']);
    assert.deepEqual(ask({ gearId: 'gear:two0' as never }), ['3']);
    assert.deepEqual(ask({ process: 'natural' }), ['3']);
    assert.deepEqual(ask({ shade: 6 }), ['3']);
    assert.deepEqual(ask({ shade: 2 }), ['3'], 'the first part of a staged pull');
    assert.deepEqual(ask({ stars: 4 }), ['3', '2']);
    assert.deepEqual(ask({ tag: 'guests' }), ['2']);
    assert.deepEqual(ask({ finding: 'rushedBrowning' }), ['1']);
    assert.deepEqual(ask({ from: '2026-10-02', to: '2026-10-02' }), ['2']);
  });
  it('knows what asks nothing: empty parts, and a text too short to search for', () => {
    assert.deepEqual(whatIsAsked({ text: ' l ', tag: '', stars: undefined }), {});
    assert.deepEqual(whatIsAsked({ text: ' la ', stars: 3 }), { text: 'la', stars: 3 });
    assert.deepEqual(ask({ text: 'z', tag: '' }), ['3', '2', '1']);
  });
  it('sorts; roasts without the figure come last', () => {
    assert.deepEqual(index.ask({}, 'best'), ['2', '3', '1']);
    assert.deepEqual(index.ask({}, 'oldest'), ['1', '2', '3']);
    assert.deepEqual(index.ask({}, 'shortest'), ['1', '3', '2']);
    assert.equal(index.ask({}, 'lossHigh').at(-1), '3');
  });
  it('knows what stands out only from what it is told, and forgets nothing else meanwhile', () => {
    assert.deepEqual(index.ask({ text: 'rushed' }, 'newest'), []);
    assert.deepEqual(index.ask({ finding: 'rushedBrowning' }, 'newest'), []);
    assert.deepEqual(index.ask({ text: 'rushed lantern' }, 'newest', findings), ['1']);
    assert.deepEqual(index.ask({ text: 'rushed' }, 'newest', new Map([['3', ['rushedBrowning']]])), ['3']);
    assert.deepEqual(index.ask({ finding: 'unheardOf', text: 'lantern' }, 'newest', findings), []);
  });
  it('is made of more texts than one slice holds', async () => {
    // Four letters: no slip is forgiven in so short a word.
    const number = (i: number) => `w${String(i).padStart(3, '0')}`;
    const many = await JournalIndex.make(
      Array.from({ length: 730 }, (_, i) =>
        row(String(i), { createdAt: '2026-10-01', notes: `jar number ${number(i)}` }),
      ),
    );
    for (const i of [0, 99, 100, 101, 512, 729]) assert.deepEqual(many.ask({ text: number(i) }, 'newest'), [String(i)]);
    assert.equal(many.ask({ text: 'jar' }, 'newest').length, 730);
  });
  it('agrees with looking at every roast by itself', async () => {
    const anyRow = fc
      .record({
        lotId: fc.constantFrom('lot:one0', 'lot:two0'),
        gearId: fc.constantFrom('gear:one0', 'gear:two0'),
        process: fc.constantFrom('washed' as const, 'natural' as const, undefined),
        shades: fc.array(fc.constantFrom(3 as const, 4 as const, 6 as const), { minLength: 1 }),
        stars: fc.constantFrom(1, 3, 5, undefined),
        tags: fc.subarray(['guests', 'gift']),
        day: fc.integer({ min: 1, max: 28 }),
      })
      .map(({ day, ...facts }) => ({ ...facts, createdAt: `2026-10-${String(day).padStart(2, '0')}T10:00:00.000Z` }));
    const anyQuery = fc.record(
      {
        lotId: fc.constantFrom('lot:one0', 'lot:two0'),
        gearId: fc.constantFrom('gear:one0', 'gear:none'),
        process: fc.constantFrom('washed' as const, 'natural' as const),
        shade: fc.constantFrom(3 as const, 6 as const),
        stars: fc.constantFrom(1, 4, 5),
        tag: fc.constantFrom('guests', 'gift', 'none'),
        from: fc.constantFrom('2026-10-05', '2026-10-20'),
        to: fc.constantFrom('2026-10-10', '2026-10-25'),
      },
      { requiredKeys: [] },
    );
    await fc.assert(
      fc.asyncProperty(fc.array(anyRow, { maxLength: 25 }), anyQuery, async (facts, query) => {
        const all = facts.map((each, i) => row(String(i), each));
        const made = await JournalIndex.make(all);
        const expected = all.filter(
          (each) =>
            (!query.lotId || each.lotId === query.lotId) &&
            (!query.gearId || each.gearId === query.gearId) &&
            (!query.process || each.process === query.process) &&
            (!query.shade || each.shades.includes(query.shade)) &&
            (!query.stars || (each.stars !== undefined && each.stars >= query.stars)) &&
            (!query.tag || each.tags.includes(query.tag)) &&
            (!query.from || each.createdAt.slice(0, 10) >= query.from) &&
            (!query.to || each.createdAt.slice(0, 10) <= query.to),
        );
        const got = made.ask(query as unknown as JournalQuery, 'newest');
        assert.deepEqual([...got].sort(), expected.map(({ id }) => id).sort());
        const times = got.map((id) => all[Number(id)]?.createdAt ?? '');
        assert.deepEqual(times, [...times].sort().reverse(), 'newest first');
      }),
      { seed: 64 },
    );
  });
  it('every order has each roast once', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.uniqueArray(fc.integer({ min: 1, max: 28 }), { maxLength: 20 }),
        fc.constantFrom(...sortings),
        async (ids, sorting) => {
          const all = await JournalIndex.make(ids.map((id) => row(String(id), { stars: id % 3 ? id % 6 : undefined })));
          assert.deepEqual(all.ask({}, sorting).sort(), ids.map(String).sort());
        },
      ),
      { seed: 63 },
    );
  });
});

describe('the shared time scale', () => {
  it('holds every row however it is lined up, but not one that was left open overnight', () => {
    const spans = journalSpans([
      row('1'),
      row('2', { firstCrackS: 500, pullS: 640 }),
      row('3', { firstCrackS: undefined, pullS: 700 }),
      row('4', { pullS: 40_000 }),
      row('5', { pullS: undefined }),
    ]);
    assert.deepEqual(spans.charge, { fromS: 0, toS: 700 });
    assert.deepEqual(spans.firstCrack, { fromS: -500, toS: 140 });
    assert.deepEqual(spans.pull, { fromS: -700, toS: 60 });
  });
});

describe('a row of the journal', () => {
  it('is read from the roast, its beans, gear and cups', () => {
    const roast = roastOf(
      [mark(120, 'yellow'), entry(130, { kind: 'note', text: 'smells of hay' }), pull(320, { grams: 68, shade: 7 })],
      { note: 'windy', tags: ['balcony'] },
    );
    const cup = { sheet: { overall: 8 }, words: ['toffee'], note: 'better on day six' } as unknown as Cup;
    const lot = { name: 'Old Ferry', origin: 'India' } as Lot;
    // One score of the cup's, one of a flight's.
    const made = journalRow(roast, lot, { nickname: 'Crank pot' } as Gear, [cup], [8, 6]);
    assert.equal(made.lot, 'Old Ferry, India');
    assert.equal(made.overall, 7);
    assert.equal(made.notes, 'windy smells of hay better on day six');
    assert.deepEqual(
      [made.words, made.tags, made.shades, made.pullS, made.lossPercent],
      ['toffee', ['balcony'], [7], 320, 15],
    );
    const bare = journalRow(roastOf([]), undefined, undefined, [], []);
    assert.deepEqual([bare.lot, bare.pullS, bare.lossPercent, bare.shades], ['', undefined, undefined, [4]]);
  });
  it('a saved view has a name and a query of known parts', () => {
    const view = { id: 'view:test0001', name: 'Good ones', query: { stars: 4 }, sorting: 'best' };
    assert.equal(journalViewSchema.safeParse(view).success, true);
    assert.equal(journalViewSchema.safeParse({ ...view, query: { stars: 'many' } }).success, false);
  });
});
