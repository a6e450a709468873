import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, it } from 'node:test';
import { contentTables, type Notebook, parseNotebook, rowFault } from '@/core/exchange';
import { GanderDatabase } from '@/store/database';
import { settleReadings, setUnreadableAside } from '@/store/lookAfter';
import { replaceContent } from '@/store/notebook';
import { logReadings } from '@/store/readings';
import { canRepair, repair } from '@/store/repair';
import { readContent } from './readContent.ts';

const parsed = parseNotebook(readFileSync('demo/household.gander.json', 'utf8'));
const demo = (parsed as { value: Notebook }).value;
const NOW = Date.parse('2026-11-27T10:00:00Z');

let db: GanderDatabase;
let n = 0;
beforeEach(async () => {
  db = new GanderDatabase(`lookAfter-${n++}`);
  await replaceContent(db, demo);
});

/** Writes a row past everything that would refuse it. */
async function spoil(table: string, row: unknown): Promise<void> {
  const writing = db.backendDB().transaction(table, 'readwrite');
  writing.objectStore(table).put(row);
  await new Promise((resolve) => writing.addEventListener('complete', resolve));
}

const spoilt: readonly [string, string, (row: never) => unknown][] = [
  ['a roast without a log', 'roasts', ({ entries: _, ...row }: { entries: unknown }) => row],
  ['a roast whose log is nothing', 'roasts', (row: object) => ({ ...row, entries: null })],
  ['a weight that is no number', 'roasts', (row: object) => ({ ...row, greenGrams: Number.NaN })],
  ['a date that is none', 'roasts', (row: object) => ({ ...row, createdAt: 'yesterday' })],
  [
    'an odd reading',
    'roasts',
    (row: { entries: unknown[] }) => ({ ...row, entries: [...row.entries, { kind: 'reading' }] }),
  ],
  ['beans without packs', 'lots', ({ packs: _, ...row }: { packs: unknown }) => row],
  ['gear of no method', 'gear', (row: object) => ({ ...row, method: 'campfire' })],
  ['a jar whose events are nothing', 'jars', (row: object) => ({ ...row, events: null })],
  ['a cup of no time', 'cups', ({ tastedAt: _, ...row }: { tastedAt: unknown }) => row],
  ['settings of 50,000 drinkers', 'household', () => ({ id: 'household', people: 50_000 })],
];

describe('what cannot be read', () => {
  for (const [what, table, change] of spoilt)
    it(`${what} is set aside, and the rest is as it was`, async () => {
      const [row] = await db.table(table).toArray();
      await spoil(table, change((row ?? {}) as never));
      const aside = await setUnreadableAside(db, NOW);
      assert.equal(aside.length, 1);
      assert.equal(aside[0]?.table, table);
      assert.equal(await db.aside.count(), 1);
      const content = await readContent(db);
      for (const each of contentTables) {
        for (const sound of content[each]) assert.equal(rowFault(each, sound), undefined);
        const lost = demo[each].length - content[each].length;
        assert.ok(lost <= (each === table ? 1 : each === 'jars' ? 1 : 0), `${lost} of ${each} gone`);
      }
      assert.deepEqual(await setUnreadableAside(db, NOW), []);
    });

  it('in a sound notebook nothing is touched', async () => {
    const before = await readContent(db);
    assert.deepEqual(await setUnreadableAside(db, NOW), []);
    assert.deepEqual(await readContent(db), before);
  });

  it('a roast is put back with what can be read of it', async () => {
    const [roast] = await db.roasts.toArray();
    assert.ok(roast);
    await spoil('roasts', { ...roast, greenGrams: 'plenty', entries: [...roast.entries, { kind: 'odd' }] });
    const [aside] = await setUnreadableAside(db, NOW);
    assert.ok(aside && canRepair(aside));
    assert.equal(await repair(db, aside), roast.id);
    const back = await db.roasts.get(roast.id);
    assert.deepEqual(back?.entries, roast.entries);
    assert.equal(back?.createdAt, roast.createdAt);
    assert.ok((back?.greenGrams ?? 0) > 0);
  });
});

it('a roast of yesterday becomes one row again, the same as before', async () => {
  const [first] = demo.roasts;
  assert.ok(first);
  const createdAt = new Date(NOW - 2 * 86_400_000).toISOString();
  const open = { ...first, id: 'roast-open' as typeof first.id, createdAt, entries: [] };
  await db.roasts.add(open);
  await logReadings(
    db,
    open.id,
    [
      { at: 1, celsius: 50 },
      { at: 2, celsius: 60 },
    ],
    'probe',
  );
  const { entries } = first;
  const under = await db.roasts.get(open.id);
  await db.roasts.put({ ...open, entries: [...(under?.entries ?? []), ...entries] });
  const before = await db.roasts.get(open.id);
  assert.ok((await db.readings.count()) > 0);
  await settleReadings(db, NOW);
  assert.equal(await db.readings.count(), 0);
  assert.deepEqual(await db.roasts.get(open.id), before);
});
