import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import Papa from 'papaparse';
import { formatTable, type Notebook, parseNotebook, type TableKind, tableKinds } from '@/core/exchange';
import { plainHousehold } from '@/core/household';
import { milestonesOfRoast, roastedGrams } from '@/core/roast';
import { logColumns, readLog, sheetOf } from '@/core/sheet';

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

  it('of an empty notebook are their headings', () => {
    const empty = { ...demo, roasts: [], cups: [] };
    for (const kind of tableKinds)
      assert.equal(formatTable(kind, empty, plainHousehold).trim().split('\r\n').length, 1);
  });
});
