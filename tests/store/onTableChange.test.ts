// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { it } from 'node:test';
import Dexie from 'dexie';
import { addGear, addLot, editLot } from '@/store/larder';
import { onTableChange } from '@/store/onTableChange';
import { openTestDatabase } from './openTestDatabase.ts';

it('tells what was written to its tables and no others, and what was missed', async () => {
  const db = openTestDatabase();
  // A new database tells of all its tables.
  await db.open();
  let times = 0;
  const stop = onTableChange(db, ['lots'], () => {
    times++;
  });
  await addGear(db, { nickname: 'Blue popper', method: 'hotAirPopper' });
  assert.equal(times, 0);
  const lot = await addLot(db, { name: 'Lantern Terrace', origin: 'Peru', process: 'washed', packs: [{ grams: 500 }] });
  assert.ok(times > 0);
  const added = times;
  await editLot(db, lot, { name: 'Lantern Hill' });
  assert.ok(times > added, 'a name stands in no index');
  const changed = times;
  Dexie.on.storagemutated.fire({ all: {} as never });
  assert.equal(times, changed + 1);
  stop();
  await editLot(db, lot, { name: 'Lantern Terrace' });
  assert.equal(times, changed + 1);
});
