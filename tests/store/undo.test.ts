// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import type { NotebookContent } from '@/core/exchange';
import type { GanderDatabase } from '@/store/database';
import { doneLately, keepDone } from '@/store/done';
import { addGear, addLot, editLot } from '@/store/larder';
import { loadContent } from '@/store/notebook';
import { editRoast, startRoast } from '@/store/roasting';
import { getHousehold, saveHousehold } from '@/store/settings';
import { keptWords } from '@/store/takeDoneBack';
import { undoChange } from '@/store/undo';
import { openTestDatabase } from './openTestDatabase.ts';
import { readContent } from './readContent.ts';

let db: GanderDatabase;
beforeEach(() => {
  db = openTestDatabase();
});

const NOW = Date.parse('2026-11-24T10:00:00Z');
async function roasted() {
  const lot = await addLot(db, {
    name: 'Lantern Terrace',
    origin: 'Peru',
    process: 'washed',
    packs: [{ grams: 1000 }],
  });
  const gear = await addGear(db, { nickname: 'Blue popper', method: 'hotAirPopper' });
  const setUp = { lotId: lot.id, gearId: gear.id, greenGrams: 80, wantedShade: 4 as const, place: 'outdoors' as const };
  const started = await startRoast(db, setUp, 'charge', NOW);
  assert.ok(started.kind === 'started');
  return { lot, gear, id: started.roast.id };
}

describe('undo', () => {
  it('of an older change leaves the newer one', async () => {
    const { id } = await roasted();
    const older = await editRoast(db, id, { stars: 2 });
    await editRoast(db, id, { note: 'hay' });
    const { kept } = await undoChange(db, older);
    assert.deepEqual(kept, []);
    const roast = await db.roasts.get(id);
    assert.equal(roast?.stars, undefined);
    assert.equal(roast?.note, 'hay');
  });

  it('says what was changed since, and can be done again', async () => {
    const { lot, id } = await roasted();
    const stars = await editRoast(db, id, { stars: 2 });
    await editRoast(db, id, { stars: 5 });
    assert.match(keptWords((await undoChange(db, stars)).kept), /changed since.*the roast/);
    const renamed = await editLot(db, lot, { name: 'Other' });
    const { change } = await undoChange(db, renamed);
    assert.equal((await db.lots.get(lot.id))?.name, 'Lantern Terrace');
    await undoChange(db, change);
    assert.equal((await db.lots.get(lot.id))?.name, 'Other');
  });

  it('does not take away beans that were roasted since', async () => {
    const { lot } = await roasted();
    const { kept } = await undoChange(db, [{ table: 'lots', after: lot }]);
    assert.deepEqual(kept, [{ table: 'lots', fields: ['id'] }]);
    assert.ok(await db.lots.get(lot.id));
  });

  it('of a load brings back everything, the settings too', async () => {
    await saveHousehold(db, { weightUnit: 'g' });
    const other = openTestDatabase();
    await saveHousehold(other, { weightUnit: 'oz' });
    await addLot(other, { name: 'Theirs', origin: 'Peru', process: 'washed', packs: [{ grams: 500 }] });
    const before: NotebookContent = await readContent(db);
    const change = await loadContent(db, await readContent(other), 'file');
    assert.equal((await getHousehold(db)).weightUnit, 'oz');
    await undoChange(db, change);
    assert.deepEqual(await readContent(db), before);
  });
});

describe('what was done lately', () => {
  it('is kept once each, newest first, sixty at the most', async () => {
    for (let i = 0; i < 63; i++) {
      const done = { id: `d${i}`, doneAt: new Date(NOW + i * 1000).toISOString(), text: `thing ${i}`, rows: 0 };
      await keepDone(db, done, []);
      await keepDone(db, done, []);
    }
    const done = await doneLately(db);
    assert.equal(done.length, 60);
    assert.equal(done[0]?.text, 'thing 62');
    assert.equal(await db.changes.count(), 60);
  });
});
