import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { formatNotebook, parseNotebook, salvageNotebook, unknownFields } from '@/core/exchange';

const text = readFileSync('demo/household.gander.json', 'utf8');
type Row = Record<string, unknown>;
interface File {
  readonly lots: Row[];
  readonly roasts: { entries: Row[] }[];
  readonly household: Row;
}
const first = <T>([one]: readonly T[]) => one as T;

/** The demo household as a newer Gander might save it. */
function newer(change: (file: File) => void): string {
  const file = JSON.parse(text) as File;
  change(file);
  return JSON.stringify(file);
}

describe('a field that only a newer Gander knows', () => {
  const later = newer(({ lots, roasts, household }) => {
    first(lots).heightM = 1800;
    first(first(roasts).entries).sureness = 0.8;
    household.language = 'fi';
  });
  it('is kept by both readers, and stands in the file that is saved again', () => {
    const [parsed, salvaged] = [parseNotebook(later), salvageNotebook(later)];
    assert.ok(parsed.ok && salvaged.ok);
    assert.deepEqual(salvaged.value.leftOut, []);
    for (const notebook of [parsed.value, salvaged.value.notebook]) {
      const again = JSON.parse(formatNotebook(notebook, notebook.savedAt)) as File;
      assert.equal(first(again.lots).heightM, 1800);
      assert.equal(first(first(again.roasts).entries).sureness, 0.8);
      assert.equal(again.household.language, 'fi');
    }
  });
  it('is named, with the rows it stands in', () => {
    const parsed = parseNotebook(later);
    assert.ok(parsed.ok);
    assert.deepEqual(unknownFields(parsed.value), [
      { table: 'lots', field: 'heightM', count: 1 },
      { table: 'roasts', field: 'entries.sureness', count: 1 },
    ]);
    const sound = parseNotebook(text);
    assert.deepEqual(sound.ok && unknownFields(sound.value), []);
  });
  it('never changes what a row is', () => {
    const evil = text.replace('"process": "washed"', '"process": "washed", "__proto__": { "name": "gone" }');
    const read = salvageNotebook(evil);
    assert.ok(read.ok);
    for (const lot of read.value.notebook.lots) {
      assert.equal(Object.getPrototypeOf({ ...lot }), Object.prototype);
      assert.ok(!Object.hasOwn(lot, '__proto__'));
    }
  });
});
