// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { liveEntries } from '@/core/roast';
import { DAY_MS } from '@/core/units';
import { logCracks } from '@/store/cracks';
import { knownIn, replaceHeard } from '@/store/heardAgain';
import { knownEar } from '@/store/knownEar';
import { removeRoast } from '@/store/roasting';
import { addToSound, beginSound, forgetOldSounds, removeSounds, soundBlob, soundSpace, soundsOf } from '@/store/sounds';
import { undoChange } from '@/store/undo';
import { entry, mark } from '../core/build.ts';
import { smallHousehold } from './household.ts';

/** What is deleted goes into the bin at this moment. */
const NOW = Date.now();
const bytes = (...all: number[]) => Uint8Array.from(all).buffer;
const mime = 'audio/webm;codecs=opus';

describe('a kept sound', () => {
  it('is one file of its pieces in order, takes what it takes, and is gone for good once deleted', async () => {
    const { db, roasted } = await smallHousehold();
    const { id: roastId } = await roasted(10);
    const [later, first, empty] = [
      await beginSound(db, { roastId, fromS: 200, mime }, NOW),
      await beginSound(db, { roastId, fromS: -3, mime }, NOW),
      await beginSound(db, { roastId, fromS: 300, mime }, NOW),
    ];
    for (const piece of [bytes(1, 2), bytes(3), bytes(4, 5, 6)]) await addToSound(db, first, piece);
    await addToSound(db, later, bytes(7));
    assert.deepEqual(
      (await soundsOf(db, roastId)).map(({ id, size }) => [id, size]),
      [
        [first, 6],
        [later, 1],
      ],
    );
    const blob = await soundBlob(db, first);
    assert.deepEqual([...new Uint8Array((await blob?.arrayBuffer()) ?? bytes())], [1, 2, 3, 4, 5, 6]);
    assert.equal(blob?.type, mime);
    assert.deepEqual(await soundSpace(db), { roasts: 1, bytes: 7 });
    await removeSounds(db, [first]);
    // What still comes for one that was deleted is not kept.
    await addToSound(db, first, bytes(9));
    assert.equal(await soundBlob(db, first), undefined);
    assert.equal(await db.soundPieces.where('soundId').equals(first).count(), 0);
    await removeSounds(db);
    assert.deepEqual(await soundSpace(db), { roasts: 0, bytes: 0 });
    assert.equal(await soundBlob(db, empty), undefined);
  });

  it('goes after the weeks that were chosen, and with a roast that cannot be had back', async () => {
    const { db, roasted } = await smallHousehold();
    const [kept, gone] = [await roasted(10), await roasted(12)];
    const begin = async (roastId: string, daysAgo: number) => {
      const id = await beginSound(db, { roastId, fromS: 0, mime }, NOW - daysAgo * DAY_MS);
      await addToSound(db, id, bytes(1));
    };
    for (const daysAgo of [1, 13, 15]) await begin(kept.id, daysAgo);
    await begin(gone.id, 5);
    // Roasted long ago and deleted today: it can be had back for thirty days from now.
    const old = await roasted(13);
    await begin(old.id, 100);
    for (const { id } of [gone, old]) await removeRoast(db, id);
    assert.equal(await forgetOldSounds(db, undefined, NOW), 0);
    assert.equal(await forgetOldSounds(db, 20, NOW), 0);
    assert.equal(await forgetOldSounds(db, 2, NOW), 2);
    assert.equal((await soundsOf(db, kept.id)).length, 2);
    assert.equal((await soundsOf(db, gone.id)).length, 1, 'the roast can still be had back');
    assert.equal(await forgetOldSounds(db, undefined, NOW + 29 * DAY_MS), 0);
    assert.equal(await forgetOldSounds(db, undefined, NOW + 31 * DAY_MS), 1);
    assert.equal((await soundsOf(db, gone.id)).length, 0);
  });
});

describe('listening again', () => {
  const learnt = { backgroundDb: -40, cracksDb: 15, clear: 2 };
  it('puts what is heard now in the place of what was heard there, leaves taps and the rest, and can be undone', async () => {
    const { db, roasted } = await smallHousehold();
    const tap = entry(205, { kind: 'crack', crack: 'first' });
    const { id } = await roasted(10, {}, [mark(120, 'yellow'), mark(200, 'firstCrack'), tap]);
    const before = await logCracks(
      db,
      id,
      [50, 202, 204.8, 330].map((at) => ({ at, crack: 'first' as const, sure: 0.9 })),
    );
    assert.deepEqual(knownIn(before, 100), [{ milestone: 'firstCrack', at: 100 }]);
    // The sound began at 100 s and lasted 200: what was heard before and after it stays.
    const cracks = [101, 103, 104.9].map((at) => ({ at, kind: 'first' as const, sure: 0.7 }));
    // A second sound, from 320 s on, in which nothing is heard any more.
    const { change, ...counts } = await replaceHeard(db, before, [
      { fromS: 100, lastsS: 200, cracks, learnt },
      { fromS: 320, lastsS: 20, cracks: [], learnt: undefined },
    ]);
    assert.deepEqual(counts, { before: 2, now: 2 });
    const heardAt = async () =>
      liveEntries((await db.roasts.get(id))?.entries ?? []).flatMap((each) => (each.kind === 'crack' ? [each.at] : []));
    assert.deepEqual(await heardAt(), [50, 201, 203, 205]);
    assert.deepEqual((await knownEar(db, before.gearId, ''))?.clear, 2);
    assert.equal(await knownEar(db, before.gearId, id), undefined);
    await undoChange(db, change);
    assert.deepEqual(await heardAt(), [50, 202, 205, 330]);
    assert.equal(await knownEar(db, before.gearId, ''), undefined);
  });
});
