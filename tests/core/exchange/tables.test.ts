import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import Papa from 'papaparse';
import { formatTable, type Notebook, parseNotebook, type TableKind, tableKinds } from '@/core/exchange';
import { plainHousehold } from '@/core/household';
import { blankRow, readPaperRow } from '@/core/paper';
import { type Entry, finalShade, milestonesOfRoast, roastedGrams } from '@/core/roast';
import { listColumns, logColumns, readList, readLog, sheetOf } from '@/core/sheet';
import { localDay, localTime } from '@/core/units';

const parsed = parseNotebook(readFileSync('demo/household.gander.json', 'utf8'));
const demo = (parsed as { value: Notebook }).value;
const table = (kind: TableKind, content: Notebook = demo, household = plainHousehold) =>
  Papa.parse<Record<string, string>>(formatTable(kind, content, household).slice(1), {
    header: true,
    skipEmptyLines: true,
  }).data;

describe('tables for a spreadsheet', () => {
  it('hold every roast, with its figures and the units in the headings', () => {
    const rows = table('roasts');
    assert.equal(rows.length, demo.roasts.length);
    for (const [i, roast] of demo.roasts.entries()) {
      const row = rows[i];
      assert.equal(row?.roast, roast.id);
      assert.equal(Number(row?.['green (g)']), roast.greenGrams);
      const { firstCrack } = milestonesOfRoast(roast);
      assert.equal(row?.['first crack (s)'], firstCrack === undefined ? '' : String(firstCrack));
      const roasted = roastedGrams(roast);
      const loss = roasted === undefined ? '' : String(Math.round((1 - roasted / roast.greenGrams) * 1000) / 10);
      assert.equal(row?.['loss (%)'], loss);
    }
  });

  it('follow the household’s units', () => {
    const [row] = table('roasts', demo, { ...plainHousehold, weightUnit: 'oz', temperatureUnit: 'F' });
    const grams = demo.roasts[0]?.greenGrams ?? 0;
    assert.equal(row?.['green (oz)'], (grams / 28.349523125).toFixed(2).replace(/0+$/, ''));
    assert.ok(row && 'air (°F)' in row);
  });

  it('have every kind of line somewhere, cups with their scores', () => {
    const kinds = new Set(demo.roasts.flatMap(({ entries }) => entries.map(({ kind }) => kind)));
    assert.equal(table('readings').length > 0, kinds.has('reading'));
    assert.ok(table('marks').some(({ what }) => what === 'first crack'));
    const cups = table('cups');
    assert.equal(cups.length, demo.cups.length);
    assert.ok(cups.some(({ overall }) => Number(overall) > 0));
  });

  it('are by the rules: a mark at the beginning, line ends, quotes; and no cell is a formula', () => {
    const [first, ...others] = demo.roasts;
    assert.ok(first);
    const note = '=1+1, "quoted"\nand a second line';
    const text = formatTable(
      'roasts',
      { ...demo, roasts: [{ ...first, note, tags: ['@home'] }, ...others] },
      plainHousehold,
    );
    assert.equal(text[0], '\ufeff');
    assert.ok(text.endsWith('\r\n'));
    assert.ok(text.includes(`"'=1+1, ""quoted""\nand a second line"`));
    assert.ok(text.includes("'@home"));
  });

  it('of readings read back as the log they came from', () => {
    const roast = demo.roasts.find(({ entries }) => entries.filter(({ kind }) => kind === 'reading').length > 20);
    assert.ok(roast);
    const sheet = sheetOf(formatTable('readings', { ...demo, roasts: [roast] }, plainHousehold));
    const columns = logColumns(sheet);
    assert.ok(columns);
    const { readings, faults } = readLog(sheet, columns);
    assert.deepEqual(faults, []);
    assert.equal(readings.length, sheet.lines.length);
  });

  it('of roasts read back as the list they are: day and time, beans, weights, times and shade', () => {
    const { roasts } = demo;
    const sheet = sheetOf(formatTable('roasts', demo, plainHousehold));
    const { rows, faults } = readList(sheet, listColumns(sheet), { monthFirst: true });
    assert.deepEqual([rows.length, faults], [roasts.length, []]);
    const context = {
      ...demo,
      unit: 'g' as const,
      today: '2099-01-01',
      nowTime: '00:00',
      monthFirst: true,
    };
    for (const [i, roast] of roasts.entries()) {
      const read = readPaperRow(rows[i] ?? blankRow, context, undefined);
      assert.ok(read.ok, JSON.stringify(read));
      const { day, time, beans, greenGrams, shade, roastedGrams: out, firstCrack, pull } = read.roast;
      const began = roast.chargedAt ?? roast.createdAt;
      const reached = milestonesOfRoast(roast);
      // A clock shows the second that has begun.
      const whole = (s: number | undefined) => s && Math.floor(s);
      assert.deepEqual(
        [day, time, beans, greenGrams, shade, out, firstCrack, pull],
        [
          localDay(began),
          localTime(began),
          { lotId: roast.lotId },
          roast.greenGrams,
          finalShade(roast),
          roastedGrams(roast),
          whole(reached.firstCrack),
          whole(reached.pull),
        ],
      );
    }
  });

  it('of marks call a control what the gear calls it', () => {
    const moves = table('marks').filter(({ what }) => what?.startsWith('move: '));
    assert.ok(moves.length > 0);
    assert.ok(!moves.some(({ what }) => /ovenF|drumSpeed/.test(what ?? '')));
    const gear = demo.gear.map((each) => ({ ...each, method: 'smallDrum' as const, controls: undefined }));
    const [first = assert.fail()] = demo.roasts;
    const [entry] = first.entries;
    const faster = { ...entry, kind: 'move', control: 'drumSpeed', value: 7 } as unknown as Entry;
    const [move] = table('marks', { ...demo, gear, roasts: [{ ...first, entries: [faster] }] } as unknown as Notebook);
    assert.deepEqual([move?.what, move?.value], ['move: drum speed', '7']);
  });

  it('of an empty notebook are their headings', () => {
    const empty = { ...demo, roasts: [], cups: [] };
    for (const kind of tableKinds)
      assert.equal(formatTable(kind, empty, plainHousehold).trim().split('\r\n').length, 1);
  });
});
