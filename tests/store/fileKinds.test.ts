import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { success } from '@/core/issues';
import { collected, sourceOf } from '@/store/contentSource';
import { bringIn, openFile } from '@/store/fileIn';
import { type FileReader, type FileWriter, fileReaders, fileWriters, readFile, writeKind } from '@/store/fileKinds';
import { writeFile } from '@/store/fileOut';
import { editLot } from '@/store/larder';
import { getHousehold } from '@/store/settings';
import { openTestDatabase } from './openTestDatabase.ts';
import { readContent } from './readContent.ts';

const demoText = readFileSync('demo/household.gander.json', 'utf8');
const fileOf = (text: string) => new Blob([text]);

describe('a file format', () => {
  it('is read where a reader of it stands before those that take it for something else', () => {
    const lines: FileReader = {
      is: (head) => head.startsWith('ROASTS 1'),
      read: (text) => success({ kind: 'table', text: text.split('\n').slice(1).join('\n') }),
    };
    const text = 'ROASTS 1\nday,minutes\n2026-11-01,9';
    assert.deepEqual(
      readFile(text, [lines, ...fileReaders]),
      success({ kind: 'table', text: 'day,minutes\n2026-11-01,9' }),
    );
    assert.deepEqual(readFile(text), success({ kind: 'table', text }));
    const demo = readFile(demoText, [lines, ...fileReaders]);
    assert.equal(demo.ok && demo.value.kind, 'notebook');
  });
  it('is written where a writer of it stands among the others', async () => {
    const db = openTestDatabase();
    const names: FileWriter = {
      type: 'text/plain',
      write: async (source, _, put) => {
        for (const { name } of (await collected(source)).lots) put(`${name}\n`);
      },
    };
    const facts = { savedAt: '2026-11-27T10:00:00Z', household: await getHousehold(db) };
    const { file } = await openFile(db, fileOf(demoText));
    assert.ok(file);
    const blob = await writeKind({ ...fileWriters, names }.names, sourceOf(file.notebook), facts);
    assert.equal(await blob.text(), file.notebook.lots.map(({ name }) => `${name}\n`).join(''));
    assert.equal(blob.type, 'text/plain');
  });
});

describe('a field of a newer Gander', () => {
  it('outlives being loaded, edited here, saved, and loaded again', async () => {
    const raw = JSON.parse(demoText);
    raw.lots[0].heightM = 1800;
    const db = openTestDatabase();
    const { file } = await openFile(db, fileOf(JSON.stringify(raw)));
    assert.ok(file && file.leftOut.length === 0);
    await bringIn(db, file, 'newer.json', 'mine', {});
    const lot = await db.lots.get(raw.lots[0].id);
    assert.ok(lot);
    await editLot(db, lot, { note: 'from the high terrace' });
    const { blob, faults } = await writeFile(db, { kind: 'everything' }, Date.parse('2026-11-27T10:00:00Z'));
    assert.deepEqual(faults, []);
    const saved = JSON.parse(await blob.text()).lots.find(({ id }: { id: string }) => id === lot.id);
    assert.deepEqual([saved.heightM, saved.note], [1800, 'from the high terrace']);
    assert.equal((await readContent(db)).lots.length, raw.lots.length);
  });
});
