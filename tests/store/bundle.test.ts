// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { strToU8, zipSync } from 'fflate';
import { bringIn, openFile } from '@/store/fileIn';
import { writeFile } from '@/store/fileOut';
import { addToSound, beginSound, soundBlob, soundsOf } from '@/store/sounds';
import { smallHousehold } from './household.ts';
import { openTestDatabase } from './openTestDatabase.ts';

const NOW = Date.parse('2026-11-20T10:00:00Z');
const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer());

async function withSound() {
  const { db, roasted } = await smallHousehold();
  const [{ id: roastId }] = [await roasted(10), await roasted(11)];
  const id = await beginSound(db, { roastId, fromS: -2.5, mime: 'audio/webm;codecs=opus' }, NOW);
  await addToSound(db, id, Uint8Array.from([1, 2, 3, 250]).buffer);
  return { db, roastId };
}
const everything = { kind: 'everything', beside: ['sounds', 'photos'] } as const;

describe('a notebook with its sound', () => {
  it('goes out as a zip and comes in elsewhere with the sound where it was; a second time nothing is new', async () => {
    const { db, roastId } = await withSound();
    const { blob, faults } = await writeFile(db, everything, NOW);
    assert.deepEqual([blob.type, faults], ['application/zip', []]);
    const elsewhere = openTestDatabase();
    const { opened, file } = await openFile(elsewhere, blob);
    assert.ok(opened.kind === 'notebook' && file);
    assert.deepEqual(opened.beside, { sounds: 1, photos: 0, lost: 0 });
    const said = await bringIn(elsewhere, file, 'it.zip', 'mine', {});
    assert.match(said.text, /^it\.zip is loaded: \d+ things added or changed.* and the sound of 1 roast\.$/);
    const [sound] = await soundsOf(elsewhere, roastId);
    assert.equal(sound?.fromS, -2.5);
    const back = await soundBlob(elsewhere, sound?.id ?? '');
    assert.deepEqual([...(await bytesOf(back ?? new Blob()))], [1, 2, 3, 250]);
    const again = await bringIn(elsewhere, file, 'it.zip', 'mine', {});
    assert.equal(again.text, 'Everything in it.zip was here already.');
    assert.equal((await soundsOf(elsewhere, roastId)).length, 1);
  });

  it('brings the notebook in where there is no room for its sound, and says so', async () => {
    const { db, roastId } = await withSound();
    const { blob } = await writeFile(db, everything, NOW);
    const full = openTestDatabase();
    full.soundPieces.hook('creating', () => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    const { file } = await openFile(full, blob);
    assert.ok(file);
    const said = await bringIn(full, file, 'it.zip', 'mine', {});
    assert.match(said.text, /added or changed.*Not all of its sounds and photos could be kept: make room/);
    assert.ok(said.done && (await full.roasts.get(roastId)));
    assert.deepEqual(await soundsOf(full, roastId), []);
  });

  it('stays plain JSON where the sound is not wanted', async () => {
    const { db } = await withSound();
    const { blob } = await writeFile(db, { kind: 'everything' }, NOW);
    assert.match(await blob.text(), /^\{\n "format": "gander-notebook"/);
  });

  const zip = (files: Record<string, string>) =>
    zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));
  for (const [what, bytes, words] of [
    ['a zip without a notebook', () => zip({ 'holiday.txt': 'sun' }), /no notebook\.gander\.json/],
    ['a zip that is cut off', () => zip({ 'notebook.gander.json': '{}' }).slice(0, 40), /damaged or cut off/],
    ['a zip with something else as its notebook', () => zip({ 'notebook.gander.json': '{"a":1}' }), /./],
  ] as const)
    it(`says what is wrong: ${what}`, async () => {
      const { opened } = await openFile(openTestDatabase(), new Blob([bytes()]));
      assert.ok(opened.kind === 'refused');
      assert.match(opened.reasons.join(' '), words);
    });

  it('loses nothing but the sounds that cannot be read, and counts them', async () => {
    const { db } = await withSound();
    const { blob } = await writeFile(db, { kind: 'everything' }, NOW);
    const sounds = JSON.stringify([
      { file: 'sounds/1.webm', roastId: 'roast:aaaa1111', fromS: 0, mime: 'audio/webm', at: '2026-11-20T10:00:00Z' },
      {
        file: 'sounds/1.webm',
        roastId: 'roast:aaaa1111',
        fromS: 0,
        mime: 'text/html',
        begunAt: '2026-11-20T10:00:00Z',
      },
      7,
    ]);
    const { opened, file } = await openFile(
      openTestDatabase(),
      new Blob([zip({ 'notebook.gander.json': await blob.text(), 'sounds.json': sounds })]),
    );
    assert.ok(opened.kind === 'notebook' && file);
    assert.deepEqual(opened.beside, { sounds: 0, photos: 0, lost: 3 });
    assert.equal(file.notebook.roasts.length, 2);
  });
});
