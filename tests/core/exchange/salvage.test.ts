import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  type ContentTable,
  contentTables,
  formatNotebook,
  type Notebook,
  parseNotebook,
  salvageNotebook,
} from '@/core/exchange';

const text = readFileSync(new URL('../../../demo/household.gander.json', import.meta.url), 'utf8');
const demo = (() => {
  const parsed = parseNotebook(text);
  assert.ok(parsed.ok);
  return parsed.value;
})();
type Raw = Record<string, Record<string, unknown>[]>;
const spoilt = (change: (file: Raw) => void) => {
  const file = JSON.parse(text) as Raw;
  change(file);
  return JSON.stringify(file);
};
const salvage = (file: string) => {
  const result = salvageNotebook(file);
  assert.ok(result.ok, result.ok ? '' : JSON.stringify(result.issues));
  // What is salvaged must load as any other file.
  const again = parseNotebook(formatNotebook(result.value.notebook, result.value.notebook.savedAt));
  assert.ok(again.ok, again.ok ? '' : JSON.stringify(again.issues));
  return result.value;
};
const count = (notebook: Notebook) => contentTables.reduce((sum, table) => sum + notebook[table].length, 0);

describe('a damaged file', () => {
  it('that is sound is taken in whole', () => {
    const { notebook, leftOut, cutOff } = salvage(text);
    assert.deepEqual([notebook, leftOut, cutOff], [demo, [], false]);
  });
  it('loses the bad row and no other, in whichever table, and says which', () => {
    for (const table of contentTables) {
      if (demo[table].length === 0) continue;
      const { notebook, leftOut } = salvage(spoilt((file) => ((file[table] as Raw[string])[0] = { id: 7 })));
      assert.ok(
        leftOut.some((each) => each.table === table),
        table,
      );
      const stands = table === 'lots' || table === 'gear' ? 1 : 0;
      assert.equal(count(notebook) + leftOut.length, count(demo) + stands, `${table}: no others go`);
    }
  });
  it('keeps a roast without its one bad reading, and hands the reading over', () => {
    const { notebook, leftOut } = salvage(
      spoilt((file) => {
        const entries = file.roasts?.[0]?.entries as Record<string, unknown>[];
        entries.push({ ...entries[0], id: 'entry:bad00001', kind: 'reading', celsius: 'hot' });
      }),
    );
    assert.equal(count(notebook), count(demo));
    assert.deepEqual(
      leftOut.map(({ table, part }) => [table, part]),
      [['roasts', true]],
    );
    assert.match(JSON.stringify(leftOut[0]?.row), /"celsius":"hot"/);
  });
  it('takes the first of two with one id', () => {
    const { notebook, leftOut } = salvage(
      spoilt((file) => void file.lots?.push({ ...(file.lots[0] as object), name: 'The second' })),
    );
    assert.equal(notebook.lots.length, demo.lots.length);
    assert.equal(leftOut[0]?.called, 'The second');
  });
  it('keeps the roasts of beans and gear that are gone or spoilt, under what could be read of them', () => {
    const gone = salvage(spoilt((file) => void file.lots?.splice(0, 1)));
    assert.deepEqual([count(gone.notebook), gone.leftOut], [count(demo), []]);
    assert.equal(gone.notebook.lots.at(-1)?.name, 'Beans that could not be read');
    const odd = salvage(spoilt((file) => ((file.lots as Raw[string])[0] = { ...demo.lots[0], name: 7 })));
    assert.deepEqual(odd.notebook.lots.at(-1), { ...demo.lots[0], name: 'Beans that could not be read' });
    assert.deepEqual(
      odd.leftOut.map(({ table, standsIn, why }) => [table, standsIn, 'detail' in why && why.detail]),
      [['lots', true, 'it should be a text']],
    );
  });
  it('lets a jar go whose roast is gone', () => {
    const [jar] = demo.jars;
    const { notebook, leftOut } = salvage(
      spoilt((file) => {
        file.roasts = (file.roasts ?? []).filter(({ id }) => id !== jar?.roastId);
      }),
    );
    assert.equal(notebook.jars.length, demo.jars.filter(({ roastId }) => roastId !== jar?.roastId).length);
    assert.ok(leftOut.length > 0 && leftOut.every(({ table, why }) => table === 'jars' && why.code === 'dangling'));
  });
  it('with spoilt settings loads without them', () => {
    const { notebook, leftOut } = salvage(
      spoilt((file) => ((file.household as unknown as Record<string, unknown>).people = -3)),
    );
    assert.equal(notebook.household, undefined);
    assert.deepEqual(
      leftOut.map(({ table }) => table),
      ['household'],
    );
  });
  it('that was cut off gives every row that stood whole before the cut', () => {
    for (const share of [0.2, 0.5, 0.9, 0.999]) {
      const at = Math.floor(text.length * share);
      const { notebook, leftOut, cutOff } = salvage(text.slice(0, at));
      assert.equal(cutOff, true);
      for (const table of contentTables)
        for (const row of demo[table] as readonly { id: string }[]) {
          const end = text.indexOf(`"id": "${row.id}"`);
          const isNamed = (each: { row: unknown }) => (each.row as { id?: string }).id === row.id;
          const here = (notebook[table] as readonly { id: string }[]).some(({ id }) => id === row.id);
          if (here) assert.ok(end < at);
          else if (end !== -1 && end < at * 0.98 && !leftOut.some(isNamed))
            assert.ok(text.slice(end, at).split('\n  }').length < 3, `${table} ${row.id} stood whole before ${at}`);
        }
    }
  });
  it('that was cut off is not led astray by brackets and quotes in what somebody wrote', () => {
    const noted = spoilt((file) => {
      for (const lot of file.lots ?? []) lot.note = 'sweet }] " \\ [{ and "so" on \\"';
    });
    const { notebook, leftOut } = salvage(noted.slice(0, Math.floor(noted.length * 0.97)));
    assert.deepEqual([notebook.lots.length, leftOut.length], [demo.lots.length, 0]);
    assert.equal(notebook.lots[0]?.note, 'sweet }] " \\ [{ and "so" on \\"');
  });
  it('is refused where it is no notebook, or a newer Gander’s', () => {
    for (const file of ['', 'hello', '[]', '{}', JSON.stringify({ format: 'gander-notebook', version: 999 })])
      assert.equal(salvageNotebook(file).ok, false, file);
  });
  it('never throws, and keeps nearly all that nobody touched, whatever a hand changes in it', () => {
    const places = contentTables.filter((table) => demo[table].length > 0);
    const junk = fc.constantFrom<unknown>(null, -1, '', 'x', [], {}, 1e300, '2026-99-99', true, [null]);
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ table: fc.constantFrom<ContentTable>(...places), row: fc.nat(400), field: fc.nat(12), junk }),
          { minLength: 1, maxLength: 4 },
        ),
        (changes) => {
          const touched = new Set<string>();
          const file = spoilt((raw) => {
            for (const { table, row, field, junk: value } of changes) {
              const rows = raw[table] as Record<string, unknown>[];
              const at = row % rows.length;
              const its = rows[at];
              if (!its) continue;
              touched.add(`${table}/${its.id}`);
              const key = Object.keys(its)[field % Object.keys(its).length] as string;
              its[key] = value;
            }
          });
          const { notebook, leftOut } = salvage(file);
          const lost = leftOut.filter(({ why, part }) => !part && why.code !== 'dangling').length;
          assert.ok(lost <= touched.size, `${lost} lost of ${touched.size} touched`);
          assert.ok(
            count(notebook) + leftOut.filter(({ part, table }) => !part && table !== 'household').length >= count(demo),
          );
        },
      ),
      { numRuns: 60 },
    );
  });
  it('of bytes gone astray never throws', () => {
    fc.assert(
      fc.property(fc.nat(text.length - 1), fc.nat(40), fc.string({ maxLength: 5 }), (at, gone, put) => {
        const result = salvageNotebook(text.slice(0, at) + put + text.slice(at + gone));
        if (result.ok)
          assert.ok(parseNotebook(formatNotebook(result.value.notebook, result.value.notebook.savedAt)).ok);
      }),
      { numRuns: 60 },
    );
  });
});
