// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { lotSchema } from '@/core/bean';
import { householdSchema } from '@/core/household';
import { roastSchema } from '@/core/roast';
import { digest } from '@/core/undo';
import { inBin } from '@/store/bin';
import { GanderDatabase } from '@/store/database';
import { changeOf, doneLately } from '@/store/done';
import { lotsWithStock } from '@/store/larder';
import { getHousehold } from '@/store/settings';
import { takeLineBack } from '@/store/takeDoneBack';
import { undoChange } from '@/store/undo';
import { olderDatabase } from './olderDatabase.ts';

type Row = Record<string, unknown>;
/** A row with its moment as version 10 called it. */
const was = (row: Row, name: string): Row => {
  const { [name]: moment, ...rest } = row;
  return { ...rest, at: moment };
};

describe('a database of an earlier version', () => {
  it('of version 1 opens with its lots in packs and its stock unchanged', async () => {
    const file = JSON.parse(readFileSync(new URL('../fixtures/notebook-v1.json', import.meta.url), 'utf8'));
    const old = olderDatabase('upgrade-1', 1);
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
    const old = olderDatabase('upgrade-2', 2);
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
    const old = olderDatabase('upgrade-3', 3);
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
    const old = olderDatabase('upgrade-4', 4);
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
  it('of version 10 opens with its moments by their names, and what was done or deleted before is had back', async () => {
    const AT = '2026-11-20T07:30:00.000Z';
    const { lots, gear, roasts, jars, cups } = JSON.parse(
      readFileSync(new URL('../fixtures/notebook-v6.json', import.meta.url), 'utf8'),
    );
    const old = olderDatabase('upgrade-10', 10);
    // As version 10 wrote them.
    const before = {
      lots: lots.map((lot: Row) => ({ ...lot, weighings: [{ at: AT, leftGrams: 320 }] })),
      gear,
      roasts: roasts.map((roast: Row) => ({
        ...roast,
        looks: (roast.looks as Row[])?.map((look) => was(look, 'takenAt')),
      })),
      jars: jars.map((jar: Row) => ({ ...jar, events: (jar.events as Row[]).map((event) => was(event, 'doneAt')) })),
      cups: cups.map((cup: Row) => was(cup, 'tastedAt')),
    };
    for (const [table, rows] of Object.entries(before)) await old.table(table).bulkAdd(rows);
    const [jar, cup] = [before.jars[0], before.cups[0]];
    const gone = { ...cup, id: 'cup:gone0001' };
    await old.table('done').bulkAdd([
      { id: 'edit', at: AT, text: 'The jar was weighed.', rows: 1 },
      { id: 'made', at: AT, text: 'The cup is noted.', rows: 1 },
    ]);
    await old.table('bin').add({ id: 'bin', at: new Date().toISOString(), called: 'a cup', gone: [['cups', gone.id]] });
    await old.table('changes').bulkAdd([
      { id: 'edit', change: [{ table: 'jars', before: { ...jar, events: jar.events.slice(0, 1) }, after: jar }] },
      { id: 'made', change: [], made: [['cups', cup.id, digest(cup)]] },
      { id: 'bin', change: [{ table: 'cups', before: gone }] },
    ]);
    await old
      .table('aside')
      .add({ id: 'cups/x', table: 'cups', called: 'x', why: {}, row: { at: AT, words: 7 }, at: AT });
    await old
      .table('sounds')
      .add({ id: 'sound:aaaa', roastId: roasts[0].id, fromS: 0, mime: 'audio/webm', size: 1, at: AT });
    old.close();
    const db = new GanderDatabase('upgrade-10');
    for (const lot of await db.lots.toArray()) assert.equal(lotSchema.parse(lot).weighings?.[0]?.weighedAt, AT);
    assert.deepEqual(
      (await db.roasts.bulkGet(roasts.map(({ id }: Row) => id))).map((roast) => roastSchema.parse(roast).looks),
      roasts.map((roast: Row) => roast.looks),
    );
    assert.deepEqual(await db.jars.toArray(), jars);
    assert.deepEqual(await db.cups.orderBy('tastedAt').toArray(), cups);
    assert.equal((await db.sounds.toArray())[0]?.begunAt, AT);
    const [aside] = await db.aside.toArray();
    assert.deepEqual([aside?.asideAt, aside?.row], [AT, { tastedAt: AT, words: 7 }]);
    assert.deepEqual(
      (await doneLately(db)).map(({ doneAt }) => doneAt),
      [AT, AT],
    );
    // Both are taken back whole: the jar loses its second event, the cup goes, though neither was changed since.
    for (const id of ['edit', 'made']) assert.doesNotMatch((await takeLineBack(db, id, { text: '' })).text, /stays/);
    assert.equal((await db.jars.toArray())[0]?.events.length, 1);
    assert.equal(await db.cups.count(), 0);
    const deleted = (await inBin(db, Date.now())).find(({ id }) => id === 'bin');
    assert.ok(deleted);
    await undoChange(db, await changeOf(db, deleted.id));
    assert.deepEqual(await db.cups.toArray(), [{ ...cups[0], id: gone.id }]);
    db.close();
  });
});
