// Before Dexie, which looks for a database when it loads.
import { localDay } from '@/core/units';
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { beforeEach, describe, it } from 'node:test';
import { Dexie } from 'dexie';
import type { Lot } from '@/core/bean';
import { formatNotebook, parseNotebook } from '@/core/exchange';
import type { Gear } from '@/core/gear';
import { elapsedS, milestonesOfRoast } from '@/core/roast';
import { chargeRoast, logEntry, undoLast } from '@/store/atTheHeat';
import { applyChange } from '@/store/change';
import { DATABASE_VERSION, type GanderDatabase, requireWritable } from '@/store/database';
import { addBatches, batchRows, editDay, getDay } from '@/store/days';
import { roastHistory } from '@/store/history';
import { addGear, addLot, editLot, gearWithUse, lotsWithStock, removeGear, removeLot } from '@/store/larder';
import { loadContent, replaceContent } from '@/store/notebook';
import { lastRoast, newestRoasts, roastsUnderWay } from '@/store/queries';
import { correctClock, editRoast, removeRoast, shiftClock, startRoast, tagRoasts } from '@/store/roasting';
import { getHousehold, saveHousehold } from '@/store/settings';
import { undoChange } from '@/store/undo';
import { openTestDatabase } from './openTestDatabase.ts';
import { readContent } from './readContent.ts';

let db: GanderDatabase;
let lot: Lot;
let gear: Gear;

beforeEach(async () => {
  db = openTestDatabase();
  lot = await addLot(db, { name: 'Lantern Terrace', origin: 'Peru', process: 'washed', packs: [{ grams: 1000 }] });
  gear = await addGear(db, { nickname: 'Blue popper', method: 'hotAirPopper' });
});

const NOW = Date.parse('2026-11-24T10:00:00Z');
const setUp = () => ({
  lotId: lot.id,
  gearId: gear.id,
  greenGrams: 80,
  wantedShade: 4 as const,
  place: 'outdoors' as const,
});
async function begin(nowMs = NOW) {
  const started = await startRoast(db, setUp(), 'charge', nowMs);
  assert.ok(started.kind === 'started');
  return started.roast.id;
}
const stored = async (id: string) => {
  const roast = await db.roasts.get(id);
  assert.ok(roast);
  return roast;
};

describe('roasting', () => {
  it('keeps each entry the moment it is logged', async () => {
    const id = await begin();
    await logEntry(db, id, { kind: 'mark', milestone: 'yellow' }, 120.004);
    assert.equal(milestonesOfRoast(await stored(id)).yellow, 120);
  });

  it('starts gear once: a second start names the roast that is on', async () => {
    const id = await begin();
    assert.deepEqual(await startRoast(db, setUp(), 'charge', NOW), { kind: 'gearBusy', roastId: id });
    const other = await addGear(db, { nickname: 'Pan', method: 'pan' });
    const race = () => startRoast(db, { ...setUp(), gearId: other.id }, 'charge', NOW);
    const both = await Promise.all([race(), race()]);
    assert.deepEqual(both.map(({ kind }) => kind).sort(), ['gearBusy', 'started']);
  });

  it('lets two tabs mark at once and loses neither mark', async () => {
    const id = await begin();
    await Promise.all([
      logEntry(db, id, { kind: 'mark', milestone: 'yellow' }, 120),
      logEntry(db, id, { kind: 'crack', crack: 'first' }, 121),
      logEntry(db, id, { kind: 'note', text: 'from the other tab' }, 122),
    ]);
    assert.equal((await stored(id)).entries.length, 3);
  });

  it('frees the gear at the pull, and takes it again when the pull is undone', async () => {
    const id = await begin();
    await logEntry(db, id, { kind: 'pull', all: true }, 320);
    assert.deepEqual(await roastsUnderWay(db), []);
    await undoLast(db, id, 325);
    assert.deepEqual(
      (await roastsUnderWay(db)).map(({ roast }) => roast.id),
      [id],
    );
  });

  it('counts from the charge after a preheat, not from the preheat', async () => {
    const started = await startRoast(db, setUp(), 'preheat', NOW);
    assert.ok(started.kind === 'started');
    assert.equal(elapsedS(started.roast, NOW + 60_000), undefined);
    await chargeRoast(db, started.roast.id, NOW + 180_000);
    await chargeRoast(db, started.roast.id, NOW + 200_000);
    assert.equal(elapsedS(await stored(started.roast.id), NOW + 240_000), 60);
  });

  it('takes a jump of the clock out once, though two tabs see it', async () => {
    const id = await begin(Date.now() - 3_600_000 - 60_000);
    const steady = () => 60_000;
    const by = await Promise.all([correctClock(db, id, steady), correctClock(db, id, steady)]);
    const total = (by[0] ?? 0) + (by[1] ?? 0);
    assert.ok(Math.abs(total - 3_600_000) < 1000, `corrected by ${total} ms`);
    assert.ok(Math.abs((elapsedS(await stored(id), Date.now()) ?? 0) - 60) < 1);
    await shiftClock(db, id, -total);
    assert.ok(Math.abs((elapsedS(await stored(id), Date.now()) ?? 0) - 3660) < 1);
  });

  it('refuses to log into a roast that is gone, naming it', async () => {
    await assert.rejects(logEntry(db, 'roast:gone', { kind: 'mark', milestone: 'yellow' }, 1), {
      message: 'roastId must name a roast of this notebook, got roast:gone',
    });
  });

  it('gives the forecast this gear’s last roasts, newest first, without the one on the heat', async () => {
    for (const at of [300, 310]) {
      const id = await begin(NOW + at);
      await logEntry(db, id, { kind: 'mark', milestone: 'firstCrack' }, at);
      await logEntry(db, id, { kind: 'pull', all: true }, at + 80);
    }
    const now = await begin(NOW + 1000);
    assert.deepEqual(
      (await roastHistory(db, now)).map(({ reached, method, process }) => [reached.firstCrack, method, process]),
      [
        [310, 'hotAirPopper', 'washed'],
        [300, 'hotAirPopper', 'washed'],
      ],
    );
    assert.equal((await lastRoast(db, gear.id))?.id, now);
  });
});

describe('larder and gear', () => {
  it('count what a blend took, and put its parts away rather than delete them', async () => {
    const other = await addLot(db, { name: 'Kite Hill', origin: '', process: 'natural', packs: [{ grams: 500 }] });
    const blendOf = [
      { lotId: lot.id, share: 0.75 },
      { lotId: other.id, share: 0.25 },
    ];
    await addLot(db, { name: 'Harbour blend', origin: '', process: 'other', packs: [{ grams: 400 }], blendOf });
    const left = new Map((await lotsWithStock(db)).map((stock) => [stock.lot.name, stock.leftGrams]));
    assert.deepEqual([left.get('Lantern Terrace'), left.get('Kite Hill'), left.get('Harbour blend')], [700, 400, 400]);
    await removeLot(db, other);
    assert.ok((await db.lots.get(other.id))?.removedAt);
    // 75 % at 12.00 and 25 % at 20.00 a kilogram.
    await editLot(db, lot, { packs: [{ grams: 1000, priceMinor: 1200 }] });
    await editLot(db, other, { packs: [{ grams: 500, priceMinor: 1000 }] });
    const [blend] = await lotsWithStock(db);
    assert.equal(blend?.landedMinorPerKg, 1400);
    assert.deepEqual(
      blend.parts.map(({ name, share }) => [name, share]),
      [
        ['Lantern Terrace', 0.75],
        ['Kite Hill', 0.25],
      ],
    );
  });
  it('count what the roasts took', async () => {
    await begin();
    assert.deepEqual(
      (await lotsWithStock(db)).map(({ leftGrams, roasts }) => [leftGrams, roasts]),
      [[920, 1]],
    );
    assert.deepEqual(
      (await gearWithUse(db)).map(({ roasts }) => roasts),
      [1],
    );
  });
  it('delete what no roast names, put away what one does, and undo both', async () => {
    const change = await removeLot(db, lot);
    assert.equal(await db.lots.count(), 0);
    await undoChange(db, change);
    assert.deepEqual(await db.lots.get(lot.id), lot);
    await begin();
    const away = await removeLot(db, lot);
    assert.deepEqual(await lotsWithStock(db), []);
    assert.equal((await newestRoasts(db, 1))[0]?.lotName, 'Lantern Terrace, Peru');
    await undoChange(db, away);
    assert.equal((await lotsWithStock(db)).length, 1);
    await removeGear(db, gear);
    assert.deepEqual(await gearWithUse(db), []);
  });
  it('edit with undo', async () => {
    const change = await editLot(db, lot, { name: 'Upper Terrace' });
    assert.equal((await db.lots.get(lot.id))?.name, 'Upper Terrace');
    await undoChange(db, change);
    assert.equal((await db.lots.get(lot.id))?.name, 'Lantern Terrace');
  });
});

describe('roast days', () => {
  const DATE = '2026-11-24';
  const batch = () => ({ lotId: lot.id, gearId: gear.id, greenGrams: 80, shade: 4 as const });
  it('are one row a date, made when first needed, and undone as any change', async () => {
    const change = await editDay(db, DATE, () => ({ ticked: ['coolingReady'] }));
    await addBatches(db, DATE, [batch(), batch()]);
    const day = await getDay(db, DATE);
    assert.deepEqual([await db.days.count(), day?.batches.length, day?.ticked], [1, 2, ['coolingReady']]);
    await db.days.clear();
    await applyChange(db, change);
    await undoChange(db, change);
    assert.equal(await db.days.count(), 0);
  });
  it('know which batch is on the heat and which is done', async () => {
    await addBatches(db, DATE, [batch(), batch()]);
    const first = (await getDay(db, DATE))?.batches[0];
    assert.ok(first);
    const started = await startRoast(db, setUp(), 'charge', NOW, { ofDay: { date: DATE, batchId: first.id } });
    assert.ok(started.kind === 'started');
    await logEntry(db, started.roast.id, { kind: 'pull', all: true }, 320);
    const rows = await batchRows(db, await getDay(db, DATE));
    assert.deepEqual(
      rows.map(({ roast, reached }) => [roast?.id, reached.pull]),
      [
        [started.roast.id, 320],
        [undefined, undefined],
      ],
    );
  });
  it('go by the device’s own calendar', () => {
    assert.equal(localDay(new Date(2026, 10, 4, 23, 59)), '2026-11-04');
  });
});

describe('deleting a roast', () => {
  it('frees its gear and can be undone', async () => {
    const id = await begin();
    await logEntry(db, id, { kind: 'mark', milestone: 'yellow' }, 120);
    const before = await stored(id);
    const change = await removeRoast(db, id);
    assert.deepEqual([await db.roasts.count(), await db.underWay.count()], [0, 0]);
    await undoChange(db, change);
    assert.deepEqual(await stored(id), before);
    assert.equal(await db.underWay.count(), 1);
  });
  it('edits facts without losing what is marked at the same moment', async () => {
    const id = await begin();
    await Promise.all([
      editRoast(db, id, { note: 'windy' }),
      logEntry(db, id, { kind: 'mark', milestone: 'yellow' }, 120),
      tagRoasts(db, [id], 'balcony'),
      logEntry(db, id, { kind: 'mark', milestone: 'firstCrack' }, 240),
    ]);
    const roast = await stored(id);
    assert.deepEqual([roast.note, roast.tags, roast.entries.length], ['windy', ['balcony'], 2]);
    assert.deepEqual(await editRoast(db, 'roast:none0000', { note: 'x' }), [], 'one that is gone stays gone');
  });

  it('puts a tag on roasts that have room for it, once, and tells how many have none', async () => {
    const finished = async () => {
      const id = await begin();
      await logEntry(db, id, { kind: 'pull', all: true }, 320);
      return id;
    };
    const [full, tagged, plain] = [await finished(), await finished(), await finished()];
    const twelve = Array.from({ length: 12 }, (_, i) => `word ${i}`);
    await editRoast(db, full, { tags: twelve });
    await editRoast(db, tagged, { tags: ['windy'] });
    const { change, full: without } = await tagRoasts(db, [full, tagged, plain], 'windy');
    assert.deepEqual([without, change.length], [1, 1]);
    const tagsOf = async (id: string) => (await stored(id)).tags;
    assert.deepEqual(await Promise.all([full, tagged, plain].map(tagsOf)), [twelve, ['windy'], ['windy']]);
  });

  it('edits facts with undo', async () => {
    const id = await begin();
    const change = await editRoast(db, id, { stars: 4 });
    await undoChange(db, change);
    assert.equal((await stored(id)).stars, undefined);
  });
});

describe('files', () => {
  it('go out and come back into an empty notebook, identical', async () => {
    const id = await begin();
    await logEntry(db, id, { kind: 'pull', all: true }, 320);
    await saveHousehold(db, { weightUnit: 'oz' });
    const content = await readContent(db);
    const parsed = parseNotebook(formatNotebook(content, '2026-11-24T12:00:00.000Z'));
    assert.ok(parsed.ok);
    const other = openTestDatabase();
    await loadContent(other, parsed.value, 'mine');
    assert.deepEqual(await readContent(other), content);
    assert.equal((await loadContent(other, parsed.value, 'file')).length, 0, 'the same file again changes nothing');
  });
  it('keep mine or take the file’s where they differ, and undo', async () => {
    const content = await readContent(db);
    const incoming = { ...content, lots: [{ ...lot, name: 'From the file' }] };
    await loadContent(db, incoming, 'mine');
    assert.equal((await db.lots.get(lot.id))?.name, 'Lantern Terrace');
    const change = await loadContent(db, incoming, 'file');
    assert.equal((await db.lots.get(lot.id))?.name, 'From the file');
    await undoChange(db, change);
    assert.equal((await db.lots.get(lot.id))?.name, 'Lantern Terrace');
  });
  it('write nothing when one row fails', async () => {
    const content = await readContent(db);
    const broken = {
      ...content,
      lots: [
        { ...lot, id: 'lot:fresh001' as Lot['id'] },
        { ...lot, id: undefined as unknown as Lot['id'] },
      ],
    };
    await assert.rejects(loadContent(db, broken, 'file'));
    assert.equal(await db.lots.count(), 1);
  });
  it('fill the demo household with its own database', async () => {
    const parsed = parseNotebook(readFileSync('demo/household.gander.json', 'utf8'));
    assert.ok(parsed.ok);
    const demo = openTestDatabase();
    await replaceContent(demo, parsed.value);
    await replaceContent(demo, parsed.value);
    assert.equal(await demo.roasts.count(), parsed.value.roasts.length);
    assert.equal((await getHousehold(demo)).name, parsed.value.household?.name);
    assert.equal(await db.roasts.count(), 0);
  });
});

describe('a database that a later Gander wrote', () => {
  it('is read but not changed', async () => {
    const later = new Dexie(db.name);
    db.close();
    later.version(DATABASE_VERSION + 1).stores({
      lots: 'id',
      gear: 'id',
      roasts: 'id, createdAt, [gearId+createdAt], [lotId+greenGrams]',
      underWay: 'gearId, roastId',
      household: 'id',
      jars: 'id',
    });
    await later.open();
    later.close();
    await db.open();
    await assert.rejects(requireWritable(db), { name: 'NewerDatabaseError' });
    await assert.rejects(addLot(db, { name: 'x', origin: '', process: 'other', packs: [{ grams: 1 }] }), {
      name: 'NewerDatabaseError',
    });
    assert.equal((await lotsWithStock(db)).length, 1);
  });
});
