import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { formatNotebook, parseNotebook } from '@/core/exchange';
import { inBin } from '@/store/bin';
import { GanderDatabase } from '@/store/database';
import { changeOf, doneLately, keepDone } from '@/store/done';
import { bringIn, leftOutText, openFile } from '@/store/fileIn';
import { writeFile, writeTable } from '@/store/fileOut';
import { takeLineBack } from '@/store/takeDoneBack';
import { removeCup } from '@/store/tasting';
import { manyRoasts } from '../../bench/manyRoasts.ts';
import { olderDatabase } from './olderDatabase.ts';
import { openTestDatabase } from './openTestDatabase.ts';
import { readContent } from './readContent.ts';

const NOW = Date.parse('2026-11-27T10:00:00Z');
const fileOf = (text: string) => new Blob([text]);
const demoText = readFileSync('demo/household.gander.json', 'utf8');

/** The demo household in a notebook of its own, and a file of it with one roast's note changed. */
async function demoAndFile() {
  const db = openTestDatabase();
  const { file } = await openFile(db, fileOf(demoText));
  assert.ok(file);
  await bringIn(db, file, 'demo.json', 'mine', {});
  const [first, ...others] = file.notebook.roasts;
  assert.ok(first);
  const roasts = [{ ...first, note: 'from the file' }, ...others];
  return { db, file, changed: { ...file.notebook, roasts }, first };
}

describe('a file that is opened', () => {
  it('says what is new, the same and different, and changes nothing', async () => {
    const { db, changed } = await demoAndFile();
    const before = await readContent(db);
    const more = { ...changed, lots: [{ ...changed.lots[0], id: 'lot:brandnew0001' }, ...changed.lots] };
    const { opened } = await openFile(db, fileOf(JSON.stringify(more)));
    assert.ok(opened.kind === 'notebook');
    const [lots, , roasts] = opened.comparison;
    assert.deepEqual(lots, { table: 'lots', fresh: 1, same: changed.lots.length, differing: 0 });
    assert.deepEqual(roasts, { table: 'roasts', fresh: 0, same: changed.roasts.length - 1, differing: 1 });
    assert.deepEqual([opened.hasSettings, opened.canBeTheirs, opened.isProbablyMine], [true, false, true]);
    assert.deepEqual(await readContent(db), before);
  });
  it('of one roast may be somebody else’s, and is where nobody here has such gear', async () => {
    const { db, file } = await demoAndFile();
    const one = { ...file.notebook, household: undefined };
    const strange = { ...one, gear: [], roasts: [], lots: [] };
    const whose = async (notebook: object) => {
      const { opened } = await openFile(db, fileOf(JSON.stringify(notebook)));
      return opened.kind === 'notebook' && [opened.canBeTheirs, opened.isProbablyMine];
    };
    assert.deepEqual(await whose(one), [true, true]);
    assert.deepEqual(await whose(strange), [true, false]);
  });
  it('is a table where it is no JSON, and refused in words where it is no notebook', async () => {
    const db = openTestDatabase();
    assert.equal((await openFile(db, fileOf('time;temp\n0:30;95,5'))).opened.kind, 'table');
    const { opened } = await openFile(db, fileOf('{"a": 1}'));
    assert.ok(opened.kind === 'refused' && /format/.test(opened.reasons.join()));
  });
  it('names the first of what is damaged and gives all of it as a file', async () => {
    const db = openTestDatabase();
    const file = JSON.parse(demoText);
    for (const cup of file.cups) cup.tastedAt = 'never';
    const { opened, file: read } = await openFile(db, fileOf(JSON.stringify(file)));
    assert.ok(opened.kind === 'notebook' && read);
    assert.equal(opened.damage.count, file.cups.length);
    assert.ok(opened.damage.first.length < file.cups.length);
    assert.equal('row' in (opened.damage.first[0] ?? {}), false);
    assert.equal(JSON.parse(leftOutText(read)).length, file.cups.length);
  });
});

describe('bringing a file in', () => {
  it('tells how far it is, and goes on the list of what was done', async () => {
    const db = openTestDatabase();
    const { file } = await openFile(db, fileOf(manyRoasts(250)));
    assert.ok(file);
    const heard: number[] = [];
    const { done, text } = await bringIn(db, file, 'many.json', 'mine', { onRows: (n) => heard.push(n) });
    assert.ok(heard.length > 5 && heard.every((n, i) => n > (heard[i - 1] ?? 0)));
    assert.equal(done?.rows, heard.at(-1));
    assert.match(text, /many.json is loaded: \d+ things added or changed, and the settings/);
    const [line] = await doneLately(db);
    assert.equal(line?.id, done?.id);
    await takeLineBack(db, done?.id ?? '', { text: 'Taken back.' });
    assert.equal(await db.roasts.count(), 0);
    assert.ok((await doneLately(db))[0]?.undoneAt);
  });
  it('is written run by run as it would be at once', async () => {
    const db = openTestDatabase();
    const { file } = await openFile(db, fileOf(manyRoasts(250)));
    assert.ok(file);
    await bringIn(db, file, 'many.json', 'mine', {});
    const { blob, faults } = await writeFile(db, { kind: 'everything' }, NOW);
    assert.deepEqual(faults, []);
    assert.equal(await blob.text(), formatNotebook(await readContent(db), new Date(NOW).toISOString()));
    const empty = await writeFile(openTestDatabase(), { kind: 'everything' }, NOW);
    assert.deepEqual([empty.faults, JSON.parse(await empty.blob.text()).roasts], [[], []]);
  });
  it('leaves nothing when it is stopped in the middle', async () => {
    const db = openTestDatabase();
    const { file } = await openFile(db, fileOf(manyRoasts(250)));
    assert.ok(file);
    const stop = new AbortController();
    const onRows = (n: number) => n > 150 && stop.abort();
    await assert.rejects(bringIn(db, file, 'many.json', 'mine', { onRows, signal: stop.signal }), {
      name: 'AbortError',
    });
    assert.equal(await db.roasts.count(), 0);
    assert.equal(await db.lots.count(), 0);
    assert.deepEqual(await doneLately(db), []);
  });
  it('says so where everything was here', async () => {
    const { db, file } = await demoAndFile();
    const said = await bringIn(db, file, 'demo.json', 'file', {});
    assert.deepEqual(said, { text: 'Everything in demo.json was here already.' });
  });
});

describe('a file that is written', () => {
  it('holds everything, or some roasts with what they need, and opens again', async () => {
    const { db, first } = await demoAndFile();
    const all = await writeFile(db, { kind: 'everything' }, NOW);
    const one = await writeFile(db, { kind: 'roasts', ids: [first.id] }, NOW);
    assert.deepEqual([all.faults, one.faults], [[], []]);
    const read = parseNotebook(await one.blob.text());
    assert.ok(read.ok);
    assert.deepEqual(
      [read.value.roasts.length, read.value.lots.length > 0, read.value.household],
      [1, true, undefined],
    );
    assert.ok(all.blob.size > one.blob.size);
    assert.match(await (await writeTable(db, 'cups')).text(), /^cup,tasted/);
  });
});

it('changes that version 7 kept within its lists stand apart from them, and can still be taken back', async () => {
  const name = 'lists-of-7';
  const old = olderDatabase(name, 7);
  const parsed = parseNotebook(demoText);
  assert.ok(parsed.ok);
  const [lot, other] = parsed.value.lots;
  assert.ok(lot && other);
  await old.table('lots').add(lot);
  const at = new Date(Date.now() - 60_000).toISOString();
  const change = [{ table: 'lots', before: { ...lot, name: 'Old name' }, after: lot }];
  await old.table('done').add({ id: 'd1', at, text: 'A new name.', change });
  await old.table('bin').add({ id: 'b1', at, change: [{ table: 'lots', before: other }] });
  old.close();
  const db = new GanderDatabase(name);
  assert.deepEqual(await doneLately(db), [{ id: 'd1', doneAt: at, text: 'A new name.', rows: 1 }]);
  assert.deepEqual(await changeOf(db, 'd1'), change);
  assert.deepEqual(await inBin(db, Date.now()), [
    { id: 'b1', deletedAt: at, called: other.name, gone: [['lots', other.id]] },
  ]);
  await takeLineBack(db, 'b1', { text: 'It is back.' });
  assert.deepEqual(await db.lots.get(other.id), other);
  assert.deepEqual(await inBin(db, Date.now()), []);
  await takeLineBack(db, 'd1', { text: 'Taken back.' });
  assert.equal((await db.lots.get(lot.id))?.name, 'Old name');
  db.close();
});

it('a line whose change is gone says so', async () => {
  const db = openTestDatabase();
  await keepDone(db, { id: 'd', doneAt: new Date(NOW).toISOString(), text: 'a', rows: 1 }, []);
  await db.changes.clear();
  await assert.rejects(takeLineBack(db, 'd', { text: 'Taken back.' }), /too old/);
});

it('what was deleted, had back and deleted again lies among the deleted once', async () => {
  const { db, first } = await demoAndFile();
  const cup = await db.cups.where('roastId').equals(first.id).first();
  const [some] = cup ? [cup] : await db.cups.toArray();
  assert.ok(some);
  await removeCup(db, some);
  const [one] = await inBin(db, Date.now());
  assert.deepEqual(one?.gone, [['cups', some.id]]);
  await takeLineBack(db, one?.id ?? '', { text: 'It is back.' });
  assert.deepEqual(await inBin(db, Date.now()), []);
  await new Promise((resolve) => setTimeout(resolve, 2));
  await removeCup(db, some);
  assert.equal((await inBin(db, Date.now())).length, 1);
});
