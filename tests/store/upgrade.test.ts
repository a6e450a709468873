// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { Dexie } from 'dexie';
import { lotSchema } from '@/core/bean';
import { householdSchema } from '@/core/household';
import { roastSchema } from '@/core/roast';
import { GanderDatabase } from '@/store/database';
import { lotsWithStock } from '@/store/larder';
import { getHousehold } from '@/store/settings';

/** The tables as each released version made them; a released one is never edited. */
const released = {
  1: {
    lots: 'id',
    gear: 'id',
    roasts: 'id, createdAt, [gearId+createdAt], [lotId+greenGrams]',
    underWay: 'gearId, roastId',
    household: 'id',
  },
  2: {
    lots: 'id',
    gear: 'id',
    roasts: 'id, createdAt, [gearId+createdAt], [lotId+createdAt+greenGrams]',
    days: 'id, date',
    jars: 'id, roastId',
    cups: 'id, roastId, at',
    flights: 'id, createdAt',
    flightKeys: 'id',
    underWay: 'gearId, roastId',
    household: 'id',
  },
  3: { recipes: 'id', experiments: 'id', journalViews: 'id' },
};

describe('a database of an earlier version', () => {
  it('of version 1 opens with its lots in packs and its stock unchanged', async () => {
    const file = JSON.parse(readFileSync(new URL('../fixtures/notebook-v1.json', import.meta.url), 'utf8'));
    const old = new Dexie('upgrade-1');
    old.version(1).stores(released[1]);
    for (const table of ['lots', 'gear', 'roasts']) await old.table(table).bulkAdd(file[table]);
    old.close();
    const db = new GanderDatabase('upgrade-1');
    const stock = await lotsWithStock(db);
    for (const { lot, leftGrams } of stock) {
      lotSchema.parse(lot);
      const before = file.lots.find((each: { id: string }) => each.id === lot.id);
      const taken = file.roasts
        .filter((roast: { lotId: string }) => roast.lotId === lot.id)
        .reduce((sum: number, roast: { greenGrams: number }) => sum + roast.greenGrams, 0);
      assert.ok(Math.abs(leftGrams - (before.boughtGrams - taken)) < 1e-6, `${lot.name}: ${leftGrams} g`);
      assert.equal(lot.packs[0]?.boughtOn, before.createdAt.slice(0, 10));
    }
    assert.equal(stock.length, file.lots.length);
    for (const roast of await db.roasts.toArray()) roastSchema.parse(roast);
    assert.deepEqual(await db.days.toArray(), []);
    db.close();
  });
  it('of version 2 opens with everything it held, and an empty list of recipes, experiments and views', async () => {
    const file = JSON.parse(readFileSync(new URL('../fixtures/notebook-v2.json', import.meta.url), 'utf8'));
    const old = new Dexie('upgrade-2');
    old.version(1).stores(released[1]);
    old.version(2).stores(released[2]);
    const tables = ['lots', 'gear', 'roasts', 'cups', 'flights', 'flightKeys'];
    for (const table of tables) await old.table(table).bulkAdd(file[table]);
    old.close();
    const db = new GanderDatabase('upgrade-2');
    for (const table of tables) assert.equal(await db.table(table).count(), file[table].length, table);
    for (const table of ['recipes', 'experiments', 'journalViews']) assert.equal(await db.table(table).count(), 0);
    for (const roast of await db.roasts.toArray()) roastSchema.parse(roast);
    db.close();
  });
  it('of version 3 opens with everything it held, and is closed to a Gander that writes version 3', async () => {
    const file = JSON.parse(readFileSync(new URL('../fixtures/notebook-v3.json', import.meta.url), 'utf8'));
    const old = new Dexie('upgrade-3');
    old.version(1).stores(released[1]);
    old.version(2).stores(released[2]);
    old.version(3).stores(released[3]);
    const tables = [
      'lots',
      'gear',
      'roasts',
      'cups',
      'flights',
      'flightKeys',
      'recipes',
      'experiments',
      'journalViews',
    ];
    for (const table of tables) await old.table(table).bulkAdd(file[table]);
    old.close();
    const db = new GanderDatabase('upgrade-3');
    for (const table of tables) assert.equal(await db.table(table).count(), file[table].length, table);
    for (const roast of await db.roasts.toArray()) roastSchema.parse(roast);
    assert.ok(db.backendDB().version / 10 > 3);
    db.close();
  });
  it('of version 4 opens with its settings, and the week and the clock that were usual then', async () => {
    const file = JSON.parse(readFileSync(new URL('../fixtures/notebook-v4.json', import.meta.url), 'utf8'));
    const old = new Dexie('upgrade-4');
    for (const [number, stores] of Object.entries(released)) old.version(Number(number)).stores(stores);
    old.version(4).stores({});
    await old.table('household').put({ ...file.household, id: 'household' });
    await old.table('roasts').bulkAdd(file.roasts);
    old.close();
    const db = new GanderDatabase('upgrade-4');
    const household = await getHousehold(db);
    assert.deepEqual([household.weekStart, household.hourClock, household.name], [1, '24', file.household.name]);
    householdSchema.parse(household);
    assert.equal(await db.roasts.count(), file.roasts.length);
    db.close();
  });
});
