// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { afterEach, beforeEach, describe, it } from 'node:test';
import { type Entry, lastDone, type Roast } from '@/core/roast';
import { chargeRoast, logEntry, moveCharge, moveChargeBack, unchargeRoast, undoLast } from '@/store/atTheHeat';
import { logCracks } from '@/store/cracks';
import type { GanderDatabase } from '@/store/database';
import { addGear, addLot } from '@/store/larder';
import { lateHeatWrites, onHeatWrites, takeUpHeatWrites } from '@/store/outbox';
import { logReadings } from '@/store/readings';
import { shiftClock, startRoast } from '@/store/roasting';
import { beginSound, fromCharge } from '@/store/sounds';
import { openTestDatabase } from './openTestDatabase.ts';

const SOUND = { id: 'sound:aaaa', mime: 'audio/webm', size: 1, begunAt: '2026-11-24T10:00:00Z' };

let db: GanderDatabase;
let id: string;
const NOW = Date.parse('2026-11-24T10:00:00Z');
const entries = async () => (await db.roasts.get(id))?.entries ?? [];

async function begin(how: 'charge' | 'preheat'): Promise<string> {
  const lot = await addLot(db, { name: 'Old Ferry', origin: 'India', process: 'washed', packs: [{ grams: 1000 }] });
  const gear = await addGear(db, { nickname: 'Crank pot', method: 'stovetopPopper' });
  const setUp = {
    lotId: lot.id,
    gearId: gear.id,
    greenGrams: 200,
    wantedShade: 4 as const,
    place: 'outdoors' as const,
  };
  const started = await startRoast(db, setUp, how, NOW);
  assert.ok(started.kind === 'started');
  return started.roast.id;
}

/** The browser's small store, as far as the outbox uses it. */
function smallStore(): Storage {
  const rows = new Map<string, string>();
  return {
    get length() {
      return rows.size;
    },
    key: (i: number) => [...rows.keys()][i] ?? null,
    getItem: (key: string) => rows.get(key) ?? null,
    setItem: (key: string, value: string) => void rows.set(key, value),
    removeItem: (key: string) => void rows.delete(key),
    clear: () => rows.clear(),
  };
}

beforeEach(async () => {
  db = openTestDatabase();
  id = await begin('charge');
  Object.defineProperty(globalThis, 'localStorage', { value: smallStore(), configurable: true, writable: true });
});
afterEach(() => {
  Reflect.deleteProperty(globalThis, 'localStorage');
});

describe('what is pressed at the heat', () => {
  it('is tried again until the database takes it, in the order of the presses, and is said meanwhile', async () => {
    // Longer than what is late.
    let refusals = 4;
    db.roasts.hook('updating', () => {
      if (refusals-- > 0) throw new DOMException('no room', 'QuotaExceededError');
    });
    const said: number[] = [];
    const stop = onHeatWrites(() => said.push(lateHeatWrites().length));
    await Promise.all([
      logEntry(db, id, { kind: 'mark', milestone: 'yellow' }, 120),
      logEntry(db, id, { kind: 'mark', milestone: 'firstCrack' }, 240),
    ]);
    stop();
    assert.deepEqual(
      (await entries()).map(({ at }) => at),
      [120, 240],
    );
    assert.ok(Math.max(...said) === 2, 'both were said to be late');
    assert.equal(lateHeatWrites().length, 0);
    assert.equal(localStorage.length, 0);
  });

  it('is kept once, however often it is tried', async () => {
    const entry = { kind: 'note', text: 'again', id: 'entry:abcdefgh1234', at: 5, pressedAt: 5, source: 'hand' };
    const write = JSON.stringify({ kind: 'entry', roastId: id, entry });
    for (let i = 0; i < 3; i++) {
      localStorage.setItem(`gander.outbox/${db.name}/entry:abcdefgh1234`, write);
      takeUpHeatWrites(db);
      takeUpHeatWrites(db);
      await logEntry(db, id, { kind: 'note', text: 'behind it' }, 6 + i);
    }
    assert.equal(
      (await entries()).map(({ id: each }) => String(each)).filter((each) => each === 'entry:abcdefgh1234').length,
      1,
    );
    assert.equal(localStorage.length, 0);
  });

  it('is refused only where it never can be kept', async () => {
    await assert.rejects(logEntry(db, 'roast:gone', { kind: 'note', text: 'x' }, 1), RangeError);
    assert.equal(localStorage.length, 0);
  });

  it('is taken back one by one by two quick undos', async () => {
    for (const at of [100, 200, 300]) await logEntry(db, id, { kind: 'note', text: String(at) }, at);
    await Promise.all([undoLast(db, id, 301), undoLast(db, id, 301)]);
    const targets = (await entries()).flatMap((each) => (each.kind === 'undo' ? [each.target] : []));
    assert.equal(new Set(targets).size, 2);
  });

  it('counts from the preheat until the beans go in, and from the charge afterwards', async () => {
    const preheating = openTestDatabase();
    db = preheating;
    id = await begin('preheat');
    await logEntry(db, id, { kind: 'reading', celsius: 150 }, 100);
    await chargeRoast(db, id, NOW + 180_000);
    await chargeRoast(db, id, NOW + 200_000);
    const [reading] = await entries();
    assert.deepEqual([reading?.at, reading?.pressedAt], [-80, -80]);
  });

  it('goes back to the preheat where the beans went in too early, and in again', async () => {
    const preheating = openTestDatabase();
    db = preheating;
    id = await begin('preheat');
    const read = () => db.roasts.get(id).then((roast) => roast as Roast);
    await logEntry(db, id, { kind: 'reading', celsius: 150 }, 100);
    const before = await read();
    await chargeRoast(db, id, NOW + 180_000);
    const { chargedAt } = await read();
    assert.equal(lastDone(await read()), 'charge');
    await logReadings(db, id, [{ at: 2, celsius: 170 }], 'probe');
    const sound = await beginSound(db, { roastId: id, fromS: 0, mime: 'audio/webm' }, NOW + 180_000);
    await shiftClock(db, id, 4000);
    await unchargeRoast(db, id, chargedAt as string);
    const after = await read();
    assert.deepEqual(
      after.entries.map(({ at }) => at),
      [100, 182],
      'on the clock of the preheat again',
    );
    assert.deepEqual({ ...after, entries: [] }, { ...before, entries: [] });
    assert.equal(await db.sounds.get(sound), undefined);
    assert.equal(lastDone(after), after.entries[0]);
    // What was on its way when it was taken back belongs to no clock any more.
    await logReadings(db, id, [{ at: 3, celsius: 171 }], 'probe');
    await logCracks(db, id, [{ at: 3, crack: 'first', sure: 0.9 }]);
    assert.equal((await entries()).length, 2);
    await chargeRoast(db, id, NOW + 200_000);
    // The first charge is long gone: what takes it back a second time does nothing.
    await unchargeRoast(db, id, chargedAt as string);
    assert.deepEqual(
      (await entries()).map(({ at }) => at),
      [-100, -18],
    );
    await logEntry(db, id, { kind: 'note', text: 'pale yet' }, 30);
    assert.equal((lastDone(await read()) as Entry).kind, 'note');
  });

  it('puts a charge that was pressed late where it was, and what a probe says meanwhile beside it', async () => {
    const read = () => db.roasts.get(id).then((roast) => roast as Roast);
    const { chargedAt } = (await read()) as { chargedAt: string };
    await logReadings(db, id, [{ at: 2, celsius: 170 }], 'probe', chargedAt);
    await moveCharge(db, id, chargedAt, -5);
    // Heard before, written after.
    await logReadings(db, id, [{ at: 3, celsius: 168 }], 'probe', chargedAt);
    // Pressed again before the screen shows it.
    const shown = (await read()).chargedAt as string;
    await Promise.all([moveCharge(db, id, shown, -5), moveCharge(db, id, shown, -5)]);
    assert.deepEqual(
      (await entries()).map(({ at }) => at),
      [17, 18],
    );
    assert.equal((await read()).chargedAt, new Date(NOW - 15_000).toISOString());
    assert.equal(lastDone(await read()), 'movedCharge');
    const sounds = fromCharge([{ ...SOUND, roastId: id, fromS: 1 }], await read());
    assert.equal(sounds[0]?.fromS, 16, 'sound counts from the press');
    const moved = (await read()).chargedAt as string;
    await Promise.all([moveChargeBack(db, id, moved, chargedAt), moveChargeBack(db, id, moved, chargedAt)]);
    assert.deepEqual([(await read()).chargedAt, (await read()).chargePressedAt], [chargedAt, undefined]);
    await moveCharge(db, id, chargedAt, -5);
    assert.equal((await read()).chargedAt, new Date(NOW - 5000).toISOString(), 'and once more');
  });

  it('never goes back where there was no preheat', async () => {
    const { chargedAt } = (await db.roasts.get(id)) as Roast;
    assert.equal(lastDone((await db.roasts.get(id)) as Roast), undefined);
    await unchargeRoast(db, id, chargedAt as string);
    assert.equal((await db.roasts.get(id))?.chargedAt, chargedAt);
  });
});
