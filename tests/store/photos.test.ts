// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { Dexie } from 'dexie';
import { lookOf, pullsOf, type Roast, type RoastLook } from '@/core/roast';
import { GanderDatabase } from '@/store/database';
import { bringIn, openFile } from '@/store/fileIn';
import { writeFile } from '@/store/fileOut';
import { ownScaleOf } from '@/store/ownScale';
import {
  forgetLostPhotos,
  keepLook,
  newestPhotoOf,
  photoSpace,
  photosOf,
  removeLook,
  removePhotos,
} from '@/store/photos';
import { editRoast, removeRoast } from '@/store/roasting';
import { undoChange } from '@/store/undo';
import { smallHousehold } from './household.ts';
import { openTestDatabase } from './openTestDatabase.ts';

const NOW = Date.parse('2026-11-20T10:00:00Z');
const photo = (bytes: number[]) => ({
  mime: 'image/jpeg',
  bytes: Uint8Array.from(bytes).buffer,
  size: bytes.length,
  width: 1600,
  height: 1200,
  white: { r: 0.6, g: 0.6, b: 0.5 },
  marks: [{ x: 0.2, y: 0.1, long: 0.02, broad: 0.014, angle: 1, lightness: 31, is: 'pale' as const }],
  patches: [{ x: 0.4, y: 0.2, long: 0.01, broad: 0.008, angle: 0 }],
});
const lookAs = (id: string, roast: Roast, lightness = 31): RoastLook =>
  ({
    id: `look:${id}`,
    takenAt: '2026-11-20T10:00:00.000Z',
    pullId: pullsOf(roast).at(-1)?.id,
    of: 'whole',
    lightness,
    least: lightness - 3,
    most: lightness + 3,
    measured: 50,
  }) as RoastLook;

async function household() {
  const { db, roasted } = await smallHousehold();
  const roast = await roasted(10);
  const found = async () => (await db.roasts.get(roast.id)) as Roast;
  return { db, roast: await found(), found };
}

describe('a look at a roast', () => {
  it('is kept with its photo, proposes a shade where none is said, and is undone in one go', async () => {
    const { db, roast, found } = await household();
    const unsaid = {
      ...roast,
      entries: roast.entries.map((e) => (e.kind === 'pull' ? { ...e, shade: undefined } : e)),
    };
    await db.roasts.put(unsaid as Roast);
    const { change, photoKept } = await keepLook(db, roast.id, lookAs('aaaa', roast), {
      photo: photo([1, 2, 3]),
      proposed: 4,
    });
    assert.ok(photoKept);
    const [pull] = pullsOf(await found());
    assert.deepEqual([pull?.shade, pull?.guessed, lookOf(await found())?.lightness], [4, true, 31]);
    assert.equal((await newestPhotoOf(db, roast.id))?.width, 1600);
    await undoChange(db, change);
    assert.deepEqual([pullsOf(await found())[0]?.shade, (await found()).looks], [undefined, undefined]);
    // The photo goes once nobody can want it.
    assert.equal(await forgetLostPhotos(db, NOW), 1);
    assert.deepEqual(await photosOf(db, [roast.id]), []);
  });

  it('leaves the shade that a person said', async () => {
    const { db, roast: unsaid, found } = await household();
    const said = 5;
    await db.roasts.put({
      ...unsaid,
      entries: unsaid.entries.map((entry) => (entry.kind === 'pull' ? { ...entry, shade: said } : entry)),
    });
    const roast = await found();
    await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([1]), proposed: 7 });
    const [pull] = pullsOf(await found());
    assert.deepEqual([pull?.shade, pull?.guessed], [said, undefined]);
    // Named and measured: from now on it says where this household's shades lie.
    assert.equal((await ownScaleOf(db)).count, 1);
    assert.equal((await ownScaleOf(db, roast.id)).count, 0);
  });

  it('is whole without its photo, where there is no room for that', async () => {
    const { db, roast, found } = await household();
    db.photos.hook('creating', () => {
      throw new DOMException('no room', 'QuotaExceededError');
    });
    const { photoKept } = await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([1]) });
    assert.equal(photoKept, false);
    assert.equal(lookOf(await found())?.lightness, 31);
    assert.equal(await newestPhotoOf(db, roast.id), undefined);
  });

  it('can be forgotten, and its photo removed alone', async () => {
    const { db, roast, found } = await household();
    await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([1, 2]) });
    await keepLook(db, roast.id, lookAs('bbbb', roast, 28), { photo: photo([3]) });
    assert.deepEqual(await photoSpace(db), { photos: 2, roasts: 1, bytes: 3 });
    await removePhotos(db, ['look:bbbb']);
    assert.equal(lookOf(await found())?.lightness, 28);
    const change = await removeLook(db, roast.id, 'look:bbbb');
    assert.equal(lookOf(await found())?.lightness, 31);
    await undoChange(db, change);
    assert.equal((await found()).looks?.length, 2);
    await removePhotos(db);
    assert.equal((await photoSpace(db)).photos, 0);
  });

  it('keeps its photo for as long as its deleted roast can be had back', async () => {
    const { db, roast } = await household();
    await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([1]) });
    await removeRoast(db, roast.id);
    assert.equal(await forgetLostPhotos(db, Date.now()), 0);
    assert.equal(await forgetLostPhotos(db, Date.now() + 40 * 86_400_000), 1);
  });
});

describe('photos in the saved file', () => {
  const everything = { kind: 'everything', beside: ['photos'] } as const;

  it('go out in a zip and come in elsewhere, each once', async () => {
    const { db, roast } = await household();
    await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([9, 8, 7]) });
    const { blob, faults } = await writeFile(db, everything, NOW);
    assert.deepEqual([blob.type, faults], ['application/zip', []]);
    const elsewhere = openTestDatabase();
    const { opened, file } = await openFile(elsewhere, blob);
    assert.ok(opened.kind === 'notebook' && file);
    assert.deepEqual(opened.beside, { sounds: 0, photos: 1, lost: 0 });
    const said = await bringIn(elsewhere, file, 'it.zip', 'mine', {});
    assert.match(said.text, /and the photos of 1 roast\.$/);
    const back = await newestPhotoOf(elsewhere, roast.id);
    assert.deepEqual([...new Uint8Array(back?.bytes ?? new ArrayBuffer(0))], [9, 8, 7]);
    assert.deepEqual([back?.marks, back?.patches], [photo([]).marks, photo([]).patches]);
    assert.equal((await bringIn(elsewhere, file, 'it.zip', 'mine', {})).text, 'Everything in it.zip was here already.');
  });

  it('go along with a single roast, which is a plain file without any', async () => {
    const { db, roast } = await household();
    const what = { kind: 'roasts' as const, ids: [roast.id] };
    assert.equal((await writeFile(db, what, NOW)).blob.type, 'application/json');
    await keepLook(db, roast.id, lookAs('abcd0001', roast), { photo: photo([4, 5]) });
    const { blob } = await writeFile(db, what, NOW);
    assert.equal(blob.type, 'application/zip');
    const { opened } = await openFile(openTestDatabase(), blob);
    assert.deepEqual(opened.kind === 'notebook' && opened.beside, { sounds: 0, photos: 1, lost: 0 });
  });

  it('stay out where they are not wanted, and the plain file has what they told', async () => {
    const { db, roast } = await household();
    await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([9]) });
    const { blob } = await writeFile(db, { kind: 'everything' }, NOW);
    const text = await blob.text();
    assert.equal(blob.type.includes('zip'), false);
    assert.equal(JSON.parse(text).roasts[0].looks[0].lightness, 31);
  });

  it('without the look that they belong to stay out', async () => {
    const { db, roast } = await household();
    await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([9]) });
    const { blob } = await writeFile(db, everything, NOW);
    await editRoast(db, roast.id, { looks: undefined });
    await removePhotos(db);
    const { file } = await openFile(db, blob);
    assert.ok(file);
    await bringIn(db, file, 'it.zip', 'mine', {});
    const isBack = lookOf((await db.roasts.get(roast.id)) as Roast) !== undefined;
    assert.equal((await photoSpace(db)).photos, isBack ? 1 : 0);
  });
});

describe('a database without photos yet', () => {
  it('of version 9 opens with its roasts and their sound, and takes a photo', async () => {
    const { db: made, roast } = await household();
    const old = new Dexie('upgrade-9');
    // As Dexie writes them, versions count in tens.
    old.version(9).stores({
      lots: 'id',
      gear: 'id',
      roasts: 'id, createdAt',
      sounds: 'id, roastId',
      soundPieces: '[soundId+n], soundId',
    });
    await old.table('roasts').add(roast);
    await old.table('lots').add(await made.lots.get(roast.lotId));
    await old.table('gear').add(await made.gear.get(roast.gearId));
    await old
      .table('sounds')
      .add({ id: 'sound:aaaa', roastId: roast.id, fromS: 0, mime: 'audio/webm', size: 4, begunAt: 'x' });
    old.close();
    made.close();
    const db = new GanderDatabase('upgrade-9');
    assert.equal((await db.roasts.get(roast.id))?.id, roast.id);
    assert.equal((await db.sounds.get('sound:aaaa'))?.size, 4);
    const { photoKept } = await keepLook(db, roast.id, lookAs('aaaa', roast), { photo: photo([1]) });
    assert.ok(photoKept);
    db.close();
  });
});
