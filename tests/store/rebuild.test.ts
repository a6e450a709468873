// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { it } from 'node:test';
import { everythingIn } from '@/rescue/rawStore';
import { rebuildFrom } from '@/rescue/rebuild';
import { GanderDatabase } from '@/store/database';
import { addToSound, beginSound, soundBlob, soundsOf } from '@/store/sounds';
import { smallHousehold } from './household.ts';

it('a notebook made anew keeps the sound and the photos of its roasts, and passes over what is neither', async () => {
  const { db, roasted } = await smallHousehold();
  const { id: roastId } = await roasted(10);
  const soundId = await beginSound(db, { roastId, fromS: 4, mime: 'audio/webm' }, Date.parse('2026-11-20T10:00:00Z'));
  await addToSound(db, soundId, Uint8Array.from([5, 6]).buffer);
  await addToSound(db, soundId, Uint8Array.from([7]).buffer);
  await db.photos.put({
    id: 'look:aaaa',
    roastId,
    mime: 'image/jpeg',
    bytes: Uint8Array.from([1, 2]).buffer,
    size: 2,
    width: 4,
    height: 3,
    white: { r: 1, g: 1, b: 1 },
    marks: [],
  });
  const { name } = db;
  db.close();
  const raw = await everythingIn(name);
  const spoilt = {
    ...raw,
    sounds: [...(raw.sounds ?? []), { id: 7 }, null],
    soundPieces: [...(raw.soundPieces ?? []), { n: 1 }],
    photos: [...(raw.photos ?? []), { id: 'look:bbbb' }, 5],
  };
  const { leftOut } = await rebuildFrom(name, spoilt);
  assert.equal(leftOut, 0);
  const anew = new GanderDatabase(name);
  assert.deepEqual(
    (await soundsOf(anew, roastId)).map(({ fromS, size }) => [fromS, size]),
    [[4, 3]],
  );
  const blob = await soundBlob(anew, soundId);
  assert.deepEqual([...new Uint8Array((await blob?.arrayBuffer()) ?? new ArrayBuffer(0))], [5, 6, 7]);
  const photos = await anew.photos.toArray();
  assert.deepEqual(
    photos.map(({ id, bytes }) => [id, [...new Uint8Array(bytes)]]),
    [['look:aaaa', [1, 2]]],
  );
  anew.close();
});
