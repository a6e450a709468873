import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { beforeEach, describe, it } from 'node:test';
import { liveQuery } from 'dexie';
import fc from 'fast-check';
import type { Entry, Roast } from '@/core/roast';
import { apart, joined, type ReadingsRow, readingsToWrite } from '@/store/apartRow';
import { GanderDatabase } from '@/store/database';
import { logReadings } from '@/store/readings';
import { changeRoast, removeRoast } from '@/store/roasting';

const at = (s: number, kind: 'reading' | 'note', source: 'probe' | 'hand' = 'probe'): Entry =>
  (kind === 'reading'
    ? { kind, id: `entry-${s}`, at: s, pressedAt: s, source, celsius: 100 + s }
    : { kind, id: `entry-${s}`, at: s, pressedAt: s, source: 'hand', text: 'smoke' }) as Entry;
const pull = (s: number) =>
  ({ kind: 'pull', id: `entry-p${s}`, at: s, pressedAt: s, source: 'hand', all: true }) as Entry;
const roastOf = (entries: readonly Entry[], id = 'roast-a'): Roast =>
  ({
    id,
    createdAt: '2026-11-24T10:00:00Z',
    chargedAt: '2026-11-24T10:00:00Z',
    lotId: 'lot-a',
    gearId: 'gear-a',
    greenGrams: 80,
    clockShiftMs: 0,
    entries: [...entries],
  }) as unknown as Roast;

const entriesArb = fc
  .array(fc.constantFrom('probe', 'hand', 'note'), { maxLength: 200 })
  .map((kinds) =>
    kinds.map((kind, s) => (kind === 'note' ? at(s, 'note') : at(s, 'reading', kind as 'probe' | 'hand'))),
  );

describe('a roast taken apart', () => {
  it('is the same roast when it is put together', () => {
    fc.assert(
      fc.property(entriesArb, (entries) => {
        const roast = roastOf(entries);
        const { slim, readings } = apart(roast);
        assert.deepEqual(joined(slim, [{ roastId: roast.id, from: 0, kept: readings }]), roast);
      }),
    );
  });

  it('written step by step is what it would be written at once, whatever is added, taken out or moved', () => {
    fc.assert(
      fc.property(fc.array(entriesArb, { minLength: 1, maxLength: 6 }), (steps) => {
        let stored: ReadingsRow[] = [];
        for (const entries of steps) {
          const { readings } = apart(roastOf(entries));
          for (let upTo = 1; upTo <= readings.length; upTo += 7) {
            const { put, gone } = readingsToWrite('roast-a', stored, readings.slice(0, upTo));
            stored = [
              ...stored.filter(({ from }) => !gone.includes(from) && !put.some((row) => row.from === from)),
              ...put,
            ];
            stored.sort((a, b) => a.from - b.from);
            assert.deepEqual(
              stored.flatMap(({ kept }) => kept),
              readings.slice(0, upTo),
            );
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});

describe('in the database', () => {
  let db: GanderDatabase;
  let n = 0;
  beforeEach(() => {
    db = new GanderDatabase(`apart-${n++}`);
  });

  it('five minutes of readings write less than three times their size, and read as one roast', async () => {
    await db.roasts.add(roastOf([]));
    let bytes = 0;
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (value, ...rest) {
      bytes += JSON.stringify(value).length;
      return put.call(this, value, ...rest);
    };
    for (let s = 1; s <= 300; s++) await logReadings(db, 'roast-a', [{ at: s, celsius: 20 + s / 20 }], 'probe');
    await changeRoast(db, 'roast-a', (roast) => ({
      ...roast,
      entries: [...roast.entries, at(301, 'note'), pull(302)],
    }));
    IDBObjectStore.prototype.put = put;
    const roast = await db.roasts.get('roast-a');
    const size = JSON.stringify(roast).length;
    assert.equal(roast?.entries.length, 302);
    assert.ok(bytes < 3 * size, `${bytes} bytes for ${size}`);
  });

  it('every way of reading gives it whole, and a note keeps its place among the readings', async () => {
    const entries = [at(1, 'reading'), at(2, 'note'), at(3, 'reading'), at(4, 'reading', 'hand'), at(5, 'reading')];
    const roast = roastOf(entries);
    await db.roasts.bulkAdd([roast, roastOf([pull(9)], 'roast-b')]);
    const other = await db.roasts.get('roast-b');
    const both = [roast, other];
    assert.deepEqual(await db.roasts.get('roast-a'), roast);
    assert.deepEqual(await db.roasts.bulkGet(['roast-a', 'roast-b']), both);
    assert.deepEqual(await db.roasts.toArray(), both);
    assert.deepEqual(await db.roasts.orderBy('createdAt').reverse().toArray(), [...both].reverse());
    assert.deepEqual(
      await db.roasts.filter(({ greenGrams, id }) => greenGrams === 80 && String(id) === 'roast-a').first(),
      roast,
    );
    const seen: unknown[] = [];
    await db.roasts.each((row) => seen.push(row));
    assert.deepEqual(seen, both);
    assert.equal((await db.readings.count()) > 0, true);
  });

  it('a page that looks at it hears of each reading', async () => {
    await db.roasts.add(roastOf([]));
    const counts: number[] = [];
    const watching = liveQuery(() => db.roasts.get('roast-a')).subscribe((roast) =>
      counts.push(roast?.entries.length ?? -1),
    );
    for (let s = 1; s <= 3; s++) {
      await logReadings(db, 'roast-a', [{ at: s, celsius: 50 }], 'probe');
      for (let tries = 0; tries < 100 && counts.at(-1) !== s; tries++)
        await new Promise((resolve) => setTimeout(resolve, 5));
      assert.equal(counts.at(-1), s);
    }
    watching.unsubscribe();
  });

  it('a page that goes through all of them while some are under way sees each whole', async () => {
    await db.roasts.bulkAdd([
      roastOf([at(1, 'reading'), at(2, 'note')]),
      roastOf([at(1, 'reading')], 'roast-b'),
      roastOf([pull(9)], 'roast-c'),
    ]);
    const seen = (read: () => Promise<Roast[][]>) =>
      new Promise<number[][]>((resolve, reject) => {
        const watching = liveQuery(read).subscribe({
          next: (lists) => {
            watching.unsubscribe();
            resolve(lists.map((roasts) => roasts.map(({ entries }) => entries.length).toSorted()));
          },
          error: reject,
        });
      });
    const through = () =>
      db.roasts
        .orderBy('createdAt')
        .reverse()
        .filter(({ greenGrams }) => greenGrams > 0)
        .toArray();
    assert.deepEqual(await seen(async () => [await through()]), [[1, 1, 2]]);
    // Twice at once, as a list of recipes does: neither may wait for what the other reads.
    assert.deepEqual(await seen(() => Promise.all([through(), through()])), [
      [1, 1, 2],
      [1, 1, 2],
    ]);
  });

  it('deleting a roast takes its readings along, and a failed change keeps both', async () => {
    await db.roasts.bulkAdd([roastOf([at(1, 'reading')]), roastOf([at(1, 'reading')], 'roast-b')]);
    await assert.rejects(
      db.transaction('rw', db.roasts, async () => {
        await db.roasts.put(roastOf([at(1, 'reading'), at(2, 'reading')]));
        throw new Error('a fault of this test');
      }),
    );
    assert.equal((await db.roasts.get('roast-a'))?.entries.length, 1);
    await removeRoast(db, 'roast-a');
    assert.deepEqual(
      (await db.readings.toArray()).map(({ roastId }) => roastId),
      ['roast-b'],
    );
    await db.roasts.clear();
    assert.equal(await db.readings.count(), 0);
  });

  it('a roast of before, which lies in one row, is read and goes on', async () => {
    const old = roastOf([at(1, 'reading'), at(2, 'note')]);
    await db.open();
    const raw = db.backendDB().transaction('roasts', 'readwrite');
    raw.objectStore('roasts').put(old);
    await new Promise((resolve) => raw.addEventListener('complete', resolve));
    assert.deepEqual(await db.roasts.get('roast-a'), old);
    await logReadings(db, 'roast-a', [{ at: 5, celsius: 70 }], 'probe');
    const entries = (await db.roasts.get('roast-a'))?.entries ?? [];
    assert.deepEqual(
      entries.map(({ at }) => at),
      [1, 2, 5],
    );
  });
});
