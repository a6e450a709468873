// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { GanderDatabase } from '@/store/database';
import { rememberTold, roastHistory } from '@/store/history';
import { mark, pull } from '../core/build.ts';
import { smallHousehold } from './household.ts';

describe('what roasts told the forecast', () => {
  const first = async (db: GanderDatabase) => (await roastHistory(db)).map(({ reached }) => reached.firstCrack);
  it('is kept apart from their logs, and made anew after any change of a roast', async () => {
    const { db, lot, roasted } = await smallHousehold();
    const [one, two] = [await roasted(3), await roasted(4)];
    await rememberTold(db, [one.id, two.id]);
    assert.equal(await db.learned.count(), 2);
    assert.deepEqual(await first(db), [240, 240]);
    // Only what was kept answers: a log that nobody reads may hold anything.
    await db.learned.update(one.id, { 'told.reached.firstCrack': 222 });
    assert.deepEqual(await first(db), [240, 222]);
    await db.roasts.update(one.id, { entries: [mark(250, 'firstCrack'), pull(320)] });
    assert.deepEqual(await first(db), [240, 250]);
    await rememberTold(db, [one.id]);
    await db.roasts
      .where('id')
      .equals(one.id)
      .modify({ entries: [mark(260, 'firstCrack'), pull(320)] });
    assert.deepEqual(await first(db), [240, 260]);
    await rememberTold(db, [one.id]);
    await db.lots.update(lot.id, { process: 'natural' });
    assert.equal((await roastHistory(db))[0]?.process, 'natural', 'beans are as they are known now');
    await db.roasts.delete(one.id);
    assert.deepEqual([await first(db), await db.learned.count()], [[240], 1]);
    await db.roasts.clear();
    assert.equal(await db.learned.count(), 0);
  });
  it('is not kept of a roast that is still on the heat', async () => {
    const { db, roasted } = await smallHousehold();
    const { id } = await roasted(3, {}, [mark(240, 'firstCrack')]);
    await rememberTold(db, [id]);
    assert.deepEqual([await db.learned.count(), await first(db)], [0, [240]]);
  });
});
