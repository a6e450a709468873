// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { saveHousehold } from '@/store/settings';
import { addJarEvent, allJars, editJar, jarOf, jarsOf, jarsOnShelf, onShelf, stockJars } from '@/store/shelf';
import { undoChange } from '@/store/undo';
import { entry, mark } from '../core/build.ts';
import { on, smallHousehold } from './household.ts';

const at = (day: number) => Date.parse(on(day));
const DAY_MS = 86_400_000;

describe('jars of the roasts', () => {
  it('come from the pulls: weight, shade and the moment the beans came out', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10);
    const [jar] = await jarsOf(db, roast.id, at(11));
    assert.ok(jar);
    assert.deepEqual([jar.grams, jar.weighed, jar.shade], [68, true, 4]);
    assert.equal(jar.madeAt, '2026-11-10T10:05:20.000Z');
    assert.equal(jar.state, 'resting');
    assert.equal(jar.readyMs, Date.parse(jar.madeAt) + 2 * DAY_MS, 'medium rests two days by the usual school');
  });

  it('share the green where a batch was pulled in parts that nobody weighed', async () => {
    const { db, roasted } = await smallHousehold();
    const parts = [
      mark(240, 'firstCrack'),
      entry(300, { kind: 'pull', all: false, shade: 3 }),
      entry(360, { kind: 'pull', all: true, shade: 5 }),
    ];
    const roast = await roasted(10, {}, parts);
    const jars = await jarsOf(db, roast.id, at(10) + 3_600_000);
    assert.deepEqual(
      jars.map(({ shade, weighed }) => [shade, weighed]),
      [
        [3, false],
        [5, false],
      ],
    );
    for (const jar of jars) assert.ok(jar.grams > 30 && jar.grams < 36, `${jar.grams} g of 40 g green`);
    assert.ok((jars[0]?.grams ?? 0) > (jars[1]?.grams ?? 0), 'the darker part lost more');
  });

  it('are none while the roast is on the heat, and none of a roast that is gone', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10, {}, [mark(120, 'yellow')]);
    assert.deepEqual(await jarsOf(db, roast.id, at(10)), []);
    assert.deepEqual(await allJars(db, at(10)), []);
    assert.deepEqual(await jarsOf(db, 'roast:none0000', at(10)), []);
  });

  it('rest by a school of their own, where they were given one', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10);
    const [jar] = await jarsOf(db, roast.id, at(11));
    assert.ok(jar);
    await editJar(db, jar.row, { school: 'patient' });
    const [patient] = await jarsOf(db, roast.id, at(11));
    assert.equal(patient?.school, 'patient');
    assert.ok((patient?.readyMs ?? 0) > jar.readyMs);
  });
});

describe('what is left on the shelf', () => {
  it('is reckoned from the household’s pace, the oldest rested first', async () => {
    const { db, roasted } = await smallHousehold();
    await saveHousehold(db, { people: 1, gramsPerPersonDay: 10 });
    await roasted(10);
    await roasted(14);
    const jars = await allJars(db, at(16));
    assert.equal(jars.length, 2);
    const [newer, older] = jars;
    assert.ok(newer && older);
    assert.deepEqual([newer.counted, older.counted], [true, false]);
    assert.equal(newer.leftGrams, 68);
    // Ready on the 12th; four days at 10 g.
    assert.ok(older.leftGrams >= 18 && older.leftGrams <= 38, `${older.leftGrams} g left of 68`);
    assert.deepEqual(
      onShelf(jars).map(({ named }) => named.roast.createdAt),
      [on(10), on(14)],
    );
  });

  it('is what the scale said, less what was noted, and less the pace on days of which nobody noted anything', async () => {
    const { db, roasted } = await smallHousehold();
    await saveHousehold(db, { people: 2, gramsPerPersonDay: 5 });
    const roast = await roasted(10);
    const [jar] = await jarsOf(db, roast.id, at(13));
    assert.ok(jar);
    await addJarEvent(db, jar.row, { kind: 'weigh', doneAt: on(13), leftGrams: 50 });
    const [weighed] = await jarsOf(db, roast.id, at(13));
    assert.ok(weighed);
    const undo = await addJarEvent(db, weighed.row, { kind: 'use', doneAt: on(14), grams: 15 });
    const [used] = await allJars(db, at(15));
    assert.deepEqual([used?.leftGrams, used?.counted], [25, false], '50, a day at 10 g, and 15 noted');
    await undoChange(db, undo);
    assert.equal((await allJars(db, at(15)))[0]?.leftGrams, 30, 'two days at 10 g');
  });

  it('leaves out what is empty, and what is past every use unless somebody counts it', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(1);
    const past = at(1) + 80 * DAY_MS;
    assert.equal((await allJars(db, past))[0]?.state, 'past');
    assert.deepEqual(await jarsOnShelf(db, past), []);
    const [jar] = await jarsOf(db, roast.id, past);
    assert.ok(jar);
    await addJarEvent(db, jar.row, { kind: 'weigh', doneAt: new Date(past).toISOString(), leftGrams: 40 });
    assert.equal((await jarsOnShelf(db, past)).length, 1);
    const [again] = await jarsOf(db, roast.id, past);
    assert.ok(again);
    await addJarEvent(db, again.row, { kind: 'empty', doneAt: new Date(past).toISOString() });
    assert.deepEqual(await jarsOnShelf(db, past), []);
  });

  it('is counted for the weeks ahead without the freezer', async () => {
    const { db, roasted } = await smallHousehold();
    const fresh = await roasted(14);
    const frozen = await roasted(13);
    const [jar] = await jarsOf(db, frozen.id, at(14));
    assert.ok(jar);
    await addJarEvent(db, jar.row, { kind: 'freeze', doneAt: on(14) });
    const stock = stockJars(await allJars(db, at(15)), at(15));
    assert.equal(stock.length, 1);
    assert.deepEqual([stock[0]?.grams, stock[0]?.readyDay], [68, 1]);
    assert.equal((await jarsOf(db, fresh.id, at(15)))[0]?.frozen, false);
  });
});

it('a frozen jar stands on the shelf after any number of newer roasts, and its page opens', async () => {
  const { db, roasted } = await smallHousehold();
  const old = await roasted(1);
  const [jar] = await jarsOf(db, old.id, at(2));
  assert.ok(jar);
  await addJarEvent(db, jar.row, { kind: 'freeze', doneAt: on(2) });
  for (let i = 0; i < 45; i++) await roasted(3 + (i % 25));
  const late = at(2) + 200 * 86_400_000;
  assert.ok((await jarsOnShelf(db, late)).some(({ named }) => named.roast.id === old.id));
  assert.equal((await jarOf(db, old.id, jar.pull.id, late))?.frozen, true);
});

describe('a jar’s row', () => {
  it('is one, and loses nothing, though two tabs write to it at once', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10);
    const [jar] = await jarsOf(db, roast.id, at(11));
    assert.ok(jar);
    await Promise.all([
      addJarEvent(db, jar.row, { kind: 'keep', doneAt: on(10), keeping: 'valve' }),
      addJarEvent(db, jar.row, { kind: 'use', doneAt: on(13), grams: 15 }),
    ]);
    assert.equal(await db.jars.count(), 1);
    assert.deepEqual((await db.jars.toArray())[0]?.events.map(({ kind }) => kind).sort(), ['keep', 'use']);
  });
});
