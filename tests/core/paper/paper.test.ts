import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { Lot } from '@/core/bean';
import type { Gear } from '@/core/gear';
import type { Id } from '@/core/ids';
import { issueSentence } from '@/core/issues';
import { blankRow, isBlank, type PaperRow, paperColumns, paperRoasts, readPaperRow, rowsPasted } from '@/core/paper';
import { type Entry, isUnderWay, milestonesOfRoast, pulledMs, roastedGrams, roastSchema } from '@/core/roast';
import { localDay, localTime, parseDay } from '@/core/units';
import { countingRandom } from '../build.ts';

const lot = (id: string, name: string, origin: string) =>
  ({ id, name, origin, process: 'washed', packs: [{ grams: 1000 }], createdAt: '2026-08-01T10:00:00.000Z' }) as Lot;
const gear = (id: string, nickname: string, method: Gear['method']) =>
  ({ id, nickname, method, createdAt: '2026-08-01T10:00:00.000Z' }) as Gear;
const context = {
  lots: [lot('lot:lantern0', 'Lantern Terrace', 'Peru'), lot('lot:kitehill', 'Kite Hill', 'Ethiopia')],
  gear: [gear('gear:popper00', 'Blue popper', 'hotAirPopper'), gear('gear:crankpot', 'Crank pot', 'stovetopPopper')],
  unit: 'g' as const,
  today: '2026-11-27',
  nowTime: '09:05',
  monthFirst: false,
};
const row = (facts: Partial<PaperRow>): PaperRow => ({ ...blankRow, ...facts });
const read = (facts: Partial<PaperRow>, above?: Parameters<typeof readPaperRow>[2]) =>
  readPaperRow(row(facts), context, above);
const roastOn = (facts: Partial<PaperRow>, above?: Parameters<typeof readPaperRow>[2]) => {
  const found = read(facts, above);
  assert.ok(found.ok, JSON.stringify(found));
  return found.roast;
};

describe('a day as it is written', () => {
  const cases: readonly (readonly [string, string, boolean?])[] = [
    ['2026-11-21', '2026-11-21'],
    ['21.11.', '2026-11-21'],
    ['21.11.25', '2025-11-21'],
    ['21/11/2025', '2025-11-21'],
    ['11/21/25', '2025-11-21', true],
    ['21 Nov', '2026-11-21'],
    ['Nov 21', '2026-11-21'],
    ['3 december', '2025-12-03'],
    ['Dec 3, 2024', '2024-12-03'],
    ['29 Feb', '2024-02-29'],
    ['27.11. 14:30', '2026-11-27 14:30'],
    ['21 Nov 2:05 pm', '2026-11-21 14:05'],
    ['31.6.', 'none'],
    ['soon', 'none'],
    ['21.13.2025', 'none'],
  ];
  for (const [text, expected, monthFirst] of cases)
    it(`${text} is ${expected}`, () => {
      const found = parseDay(text, '2026-11-27', monthFirst);
      assert.equal(found.ok ? [found.value.day, found.value.time].filter(Boolean).join(' ') : 'none', expected);
    });
});

describe('a roast on paper', () => {
  const full = roastOn({
    date: '3.9.',
    beans: 'lantern',
    gear: 'crank',
    green: '220',
    yellow: '4:30',
    firstCrack: '8:25',
    secondCrack: '',
    pull: '620',
    roasted: '187.5 g',
    shade: 'full city',
    note: ' a little smoke ',
  });
  it('is read cell by cell: beans and gear by the beginning of their names, seconds or minutes, either name of a shade', () => {
    assert.deepEqual(
      [
        full.day,
        full.beans,
        full.gear.nickname,
        full.greenGrams,
        full.yellow,
        full.firstCrack,
        full.secondCrack,
        full.pull,
      ],
      ['2026-09-03', { lotId: 'lot:lantern0' }, 'Crank pot', 220, 270, 505, undefined, 620],
    );
    assert.deepEqual([full.roastedGrams, full.shade, full.note], [187.5, 4, 'a little smoke']);
  });
  it('takes what was left out from the line above, else from what is usual', () => {
    const next = roastOn({ pull: '10:30' }, full);
    assert.deepEqual([next.day, next.gear.nickname, next.greenGrams], ['2026-09-03', 'Crank pot', 220]);
    const other = roastOn({ gear: 'Blue popper', pull: '5:20' }, full);
    assert.equal(other.greenGrams, 80, 'what that gear usually gets');
    const first = roastOn({ pull: '5:20' });
    assert.deepEqual(
      [first.day, first.gear.nickname, first.beans],
      ['2026-11-27', 'Blue popper', { lotId: 'lot:lantern0' }],
    );
    assert.deepEqual(roastOn({ beans: 'Old sack', pull: '5:00' }).beans, { name: 'Old sack' });
  });
  const wrong: readonly (readonly [Partial<PaperRow>, string])[] = [
    [{ pull: '9:75' }, 'pull: “9:75” is not a time. Write minutes and seconds like 7:42.'],
    [{ pull: '999999' }, 'pull: 999999 is outside what can be: between 0:00 and 2:00:00.'],
    [{ pull: '5:00', firstCrack: '6:00' }, 'pull: The pull comes before first crack: which of the two is wrong?'],
    [
      { pull: '9:00', firstCrack: '4:00', yellow: '5:00' },
      'firstCrack: First crack comes before yellow: which of the two is wrong?',
    ],
    [{ pull: '5:00', gear: 'moon oven' }, 'gear: No gear is called “moon oven”. Write Blue popper, Crank pot.'],
    [
      { pull: '5:00', date: '28.11.2026' },
      'date: 28.11.2026 is outside what can be: between the first roast and today.',
    ],
    [
      { pull: '5:00', date: '27.11. 14:30' },
      'date: 27.11. 14:30 is outside what can be: between the first roast and today 09:05.',
    ],
    [
      { pull: '5:00', green: '80 g', roasted: '90' },
      'roasted: 90 is outside what can be: between 0 g and the green, 80 g.',
    ],
    [{ pull: '5:00', green: 'some' }, 'green: “some” is not an amount. Write it like 80 g.'],
  ];
  for (const [facts, expected] of wrong)
    it(expected, () => {
      const found = read(facts);
      assert.ok(!found.ok);
      const [[column, issue] = assert.fail()] = Object.entries(found.issues);
      assert.equal(`${column}: ${issue && issueSentence(issue)}`, expected);
    });
  it('never throws, whatever stands in the cells', () => {
    const anyRow = fc.record(
      Object.fromEntries(paperColumns.map((column) => [column, fc.string()])),
    ) as unknown as fc.Arbitrary<PaperRow>;
    fc.assert(
      fc.property(anyRow, (cells) => void readPaperRow(cells, context, full)),
      { numRuns: 500 },
    );
  });
  it('becomes a roast of the journal, in the order of its day', () => {
    const lines = [full, roastOn({ pull: '10:30' }, full), roastOn({ date: '3.9. 18:05', pull: '9:00' }, full)];
    const roasts = paperRoasts(lines, () => 'lot:lantern0' as Id<'lot'>, countingRandom(), Date.now());
    for (const roast of roasts) roastSchema.parse(roast);
    const clock = (iso: string) => new Date(iso).toTimeString().slice(0, 5);
    assert.deepEqual(
      roasts.map(({ createdAt }) => clock(createdAt)),
      ['10:00', '10:30', '18:05'],
    );
    const [one = assert.fail()] = roasts;
    assert.deepEqual(milestonesOfRoast(one), { yellow: 270, firstCrack: 505, pull: 620 });
    assert.deepEqual([roastedGrams(one), one.note, one.wantedShade], [187.5, 'a little smoke', 4]);
  });
  it('is never one of the hours to come', () => {
    const today = [roastOn({ pull: '5:20' }), roastOn({ pull: '5:30' }), roastOn({ date: '26.11.', pull: '5:20' })];
    const at = (now: string) =>
      paperRoasts(today, () => 'lot:lantern0' as Id<'lot'>, countingRandom(), new Date(`2026-11-27T${now}`).getTime())
        .map(({ createdAt }) => `${localDay(createdAt)} ${localTime(createdAt)}`)
        .slice(0, 3);
    assert.deepEqual(at('09:05'), ['2026-11-27 09:04', '2026-11-27 09:05', '2026-11-26 10:00']);
    assert.deepEqual(at('10:20'), ['2026-11-27 10:00', '2026-11-27 10:20', '2026-11-26 10:00']);
    assert.deepEqual(at('00:00').slice(0, 2), ['2026-11-27 00:00', '2026-11-27 00:00']);
  });
  it('whose pull nobody timed are over all the same, and no reckoning takes a time for it', () => {
    const [one] = paperRoasts(
      [roastOn({ pull: '', firstCrack: '4:05', roasted: '68' })],
      () => 'lot:lantern0' as Id<'lot'>,
      countingRandom(),
      Date.now(),
    );
    assert.ok(one);
    roastSchema.parse(one);
    assert.equal(isUnderWay(one), false);
    assert.deepEqual(milestonesOfRoast(one), { firstCrack: 245 });
    assert.equal(roastedGrams(one), 68);
    assert.ok(pulledMs(one) !== undefined, 'its jar has a date');
    // Written down later, it is a pull like any other.
    const amend = {
      kind: 'amend',
      target: one.entries.at(-1)?.id,
      happenedAt: 330,
      at: 600,
      pressedAt: 600,
      source: 'hand',
    };
    const mended = { ...one, entries: [...one.entries, { ...amend, id: 'entry:mended00' } as unknown as Entry] };
    assert.equal(milestonesOfRoast(mended).pull, 330);
  });
});

describe('lines pasted out of a table', () => {
  it('go into the columns that their headings name', () => {
    const rows = rowsPasted(
      [
        ['Roasted on', 'Coffee', 'Green (g)', 'Origin story', '1st crack', 'Total time', 'Notes'],
        ['2026-09-03', 'Lantern', '80', 'x', '4:05', '5:20', 'good'],
        ['', '', '', '', '', '', ''],
      ],
      'gear',
    );
    assert.deepEqual(rows, [
      row({ date: '2026-09-03', beans: 'Lantern', green: '80', firstCrack: '4:05', pull: '5:20', note: 'good' }),
    ]);
  });
  it('have no headings where figures stand in the first line, or only one is known', () => {
    for (const line of [
      ['green', 'yellow', '4:05'],
      ['yellow', 'mine', 'theirs'],
    ])
      assert.equal(rowsPasted([line, ['82', '2:10', '4:15']], 'green').length, 2);
  });
  it('go in the grid’s own order from the cell on, where there are no headings', () => {
    const rows = rowsPasted(
      [
        ['80', '2:00', '4:05'],
        ['82', '2:10'],
      ],
      'green',
    );
    assert.deepEqual(rows, [
      row({ green: '80', yellow: '2:00', firstCrack: '4:05' }),
      row({ green: '82', yellow: '2:10' }),
    ]);
    assert.ok(isBlank(blankRow) && !isBlank(rows[0] as PaperRow));
  });
});
