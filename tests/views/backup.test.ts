import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { isDue, noteSaved, sinceSaved } from '@/store/backup';
import { GanderDatabase } from '@/store/database';
import { isRightlyEmpty, missing } from '@/store/held';
import { sinceWords } from '@/ui/SaveReminder';
import { roomWords } from '@/views/files/Copies';
import { pull, roastOf } from '../core/build.ts';

const NOW = Date.parse('2026-11-27T10:00:00Z');
const DAY_MS = 86_400_000;
let n = 0;
const fresh = () => new GanderDatabase(`backup-${n++}`);
const roast = (id: string, daysAgo: number) => ({
  ...roastOf([pull(500)]),
  id: `roast:${id}` as never,
  createdAt: new Date(NOW - daysAgo * DAY_MS).toISOString(),
});

describe('since the notebook was saved', () => {
  it('counts the days and the roasts', async () => {
    const db = fresh();
    await db.roasts.bulkAdd([roast('a', 50), roast('b', 20), roast('c', 3)]);
    assert.deepEqual(await sinceSaved(db, NOW), { days: undefined, roasts: 3, due: true });
    await noteSaved(db, NOW - 41 * DAY_MS);
    assert.deepEqual(await sinceSaved(db, NOW), { days: 41, roasts: 2, due: true });
    await noteSaved(db, NOW);
    assert.deepEqual(await sinceSaved(db, NOW), { days: 0, roasts: 0, due: false });
  });

  it('reminds when something would be lost, and not before', () => {
    assert.equal(isDue({ days: undefined, roasts: 2 }), false);
    assert.equal(isDue({ days: undefined, roasts: 3 }), true);
    assert.equal(isDue({ days: 13, roasts: 9 }), false);
    assert.equal(isDue({ days: 14, roasts: 5 }), true);
    assert.equal(isDue({ days: 29, roasts: 1 }), false);
    assert.equal(isDue({ days: 30, roasts: 1 }), true);
    assert.equal(isDue({ days: 400, roasts: 0 }), false);
  });

  it('is said in words', () => {
    assert.equal(sinceWords({ days: 41, roasts: 12 }), 'Saved 41 days ago; 12 roasts since.');
    assert.equal(sinceWords({ days: 0, roasts: 0 }), 'Saved today; no roast since.');
    assert.match(sinceWords({ days: undefined, roasts: 1 }), /^1 roast and never saved/);
  });
});

describe('a notebook that is empty all at once', () => {
  it('is told from one that never held anything, and from one that was emptied by hand', async () => {
    const db = fresh();
    assert.equal(await missing(db, NOW), undefined);
    await db.roasts.add(roast('a', 1));
    assert.equal(await missing(db, NOW), undefined);
    await db.roasts.clear();
    assert.deepEqual(await missing(db, NOW + DAY_MS), { roasts: 1, notedAt: new Date(NOW).toISOString() });
    await db.bin.add({ id: 'x', deletedAt: new Date(NOW).toISOString(), called: '', gone: [] });
    assert.equal(await missing(db, NOW + DAY_MS), undefined);
    await db.bin.clear();
    isRightlyEmpty(db);
    assert.equal(await missing(db, NOW + DAY_MS), undefined);
  });
});

it('the browser’s promise and room are said', () => {
  const room = { persisted: true, usedBytes: 12_400_000, isShort: false, looksPrivate: false };
  assert.match(roomWords(room), /promised to keep the notebook until you delete it. It takes 12 MB here.$/);
  assert.match(roomWords({ ...room, persisted: false, isShort: true }), /may clear .* hardly any room/);
  assert.match(roomWords({ ...room, looksPrivate: true }), /private window/);
});
