import { localDay } from '@/core/units';
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Id } from '@/core/ids';
import {
  addBatches,
  batchRows,
  dayAfter,
  dayRoasted,
  earlierDays,
  editDay,
  getDay,
  listedDays,
  putOnDay,
  roastDate,
  roastsBesides,
} from '@/store/days';
import { addGear, bringBack, lotsWithStock, notHad, putAway, removeGear, removeLot } from '@/store/larder';
import { startRoast } from '@/store/roasting';
import { getHousehold, saveHousehold } from '@/store/settings';
import { undoChange } from '@/store/undo';
import { usualBatch } from '@/store/usualBatch';
import { pull } from '../core/build.ts';
import { smallHousehold } from './household.ts';

describe('a roast day', () => {
  it('carries on from a roast to the next batch, and is done after the last', async () => {
    const { db, gear, lot, roasted } = await smallHousehold();
    const roast = await roasted(24);
    const date = localDay(new Date(roast.chargedAt ?? ''));
    assert.equal(await dayAfter(db, roast), undefined, 'a roast of no day has no next batch');
    assert.deepEqual(
      (await roastsBesides(db, date)).map(({ id }) => id),
      [roast.id],
    );
    const change = await putOnDay(db, date, roast);
    assert.deepEqual(await roastsBesides(db, date), []);
    assert.deepEqual(await dayAfter(db, roast), { date, next: undefined, lastPullMs: undefined, left: 0 });
    await addBatches(db, date, Array(2).fill({ lotId: lot.id, gearId: gear.id, greenGrams: 85, shade: 4 }));
    const after = await dayAfter(db, roast);
    assert.deepEqual([after?.left, after?.next?.batch.greenGrams, after?.next?.gear?.id], [2, 85, gear.id]);
    const [row] = await batchRows(db, await getDay(db, date));
    assert.equal(after?.lastPullMs, Date.parse(roast.chargedAt ?? '') + (row?.reached.pull ?? 0) * 1000);
    await undoChange(db, change);
  });
  it('goes on past midnight: its list, its next batch, and nothing beside it on the new day', async () => {
    const { db, gear, lot, roasted } = await smallHousehold();
    const at = (day: number, hour: number, minute = 0) => new Date(2026, 10, day, hour, minute);
    const [evening, after] = [at(24, 23, 40), at(25, 0, 20)];
    const first = await roasted(24, { createdAt: evening.toISOString(), chargedAt: evening.toISOString() });
    assert.equal(await roastDate(db, after.getTime()), '2026-11-25', 'nothing was planned');
    const batch = { lotId: lot.id, gearId: gear.id, greenGrams: 80, shade: 4 as const };
    await addBatches(db, '2026-11-24', [{ ...batch, roastId: first.id }, batch]);
    assert.equal(await roastDate(db, evening.getTime()), '2026-11-24');
    assert.equal(await roastDate(db, after.getTime()), '2026-11-24');
    assert.equal(
      await roastDate(db, at(25, 9).getTime()),
      '2026-11-25',
      'what was left over is not roasted in the morning',
    );
    const day = await dayRoasted(db, after.getTime());
    const second = await startRoast(
      db,
      { lotId: lot.id, gearId: gear.id, greenGrams: 80, wantedShade: 4, place: 'indoors', pullRule: undefined },
      'charge',
      after.getTime(),
      { ofDay: { date: day.date, batchId: day.batches[1]?.id ?? '' } },
    );
    assert.ok(second.kind === 'started');
    assert.deepEqual(
      [(await dayAfter(db, second.roast))?.date, (await dayAfter(db, second.roast))?.left],
      ['2026-11-24', 0],
    );
    assert.equal(await roastDate(db, after.getTime() + 60_000), '2026-11-24', 'while the last one is on the heat');
    assert.deepEqual(await roastsBesides(db, '2026-11-25'), []);
  });
  it('takes up to twenty batches and says so beyond; earlier days can be copied from', async () => {
    const { db, gear, lot, roasted } = await smallHousehold();
    const batch = { lotId: lot.id, gearId: gear.id, greenGrams: 80, shade: 4 as const };
    await addBatches(db, '2026-11-20', Array(20).fill(batch));
    await assert.rejects(addBatches(db, '2026-11-20', [batch]), /21 batches, and a day holds 20/);
    assert.equal((await getDay(db, '2026-11-20'))?.batches.length, 20);
    await addBatches(db, '2026-11-22', [batch]);
    assert.deepEqual(
      (await earlierDays(db, '2026-11-24')).map(({ date }) => date),
      ['2026-11-22', '2026-11-20'],
    );
    assert.deepEqual(await earlierDays(db, '2026-11-20'), []);
    await editDay(db, '2026-11-22', ({ batches: [first] }) => ({
      batches: first ? [{ ...first, roastId: 'roast:0000000000aa' as Id<'roast'> }] : [],
    }));
    const open = async (from: string) =>
      (await listedDays(db, from)).map(({ date, batches }) => [date, batches.length]);
    assert.deepEqual(await open('2026-11-20'), [
      ['2026-11-20', 20],
      ['2026-11-22', 1],
    ]);
    const roast = await roasted(24);
    await editDay(db, '2026-11-22', ({ batches: [first] }) => ({
      batches: first ? [{ ...first, roastId: roast.id }] : [],
    }));
    assert.deepEqual(await open('2026-11-21'), [], 'what is roasted is not to come');
  });
});

describe('what was put away', () => {
  it('can be brought back at any time, and that can be undone', async () => {
    const { db, lot, gear, roasted } = await smallHousehold();
    await roasted(24);
    await removeLot(db, lot);
    await removeGear(db, gear);
    const away = await putAway(db);
    // A plan that asks for it says so; one that names neither, or what is in use, does not.
    assert.deepEqual(await notHad(db, lot.id, gear.id), { lot: { name: lot.name }, gear: { name: gear.nickname } });
    assert.deepEqual(await notHad(db, 'lot:nowhere00', undefined), { lot: {} });
    assert.deepEqual(await notHad(db, undefined, undefined), {});
    assert.deepEqual([away.lots.map(({ id }) => id), away.gear.map(({ id }) => id)], [[lot.id], [gear.id]]);
    assert.equal((await lotsWithStock(db)).length, 0);
    const change = await bringBack(db, 'lots', lot.id);
    await bringBack(db, 'gear', gear.id);
    assert.deepEqual(await putAway(db), { lots: [], gear: [] });
    assert.equal((await lotsWithStock(db))[0]?.lot.id, lot.id);
    await undoChange(db, change);
    assert.equal((await putAway(db)).lots.length, 1);
    assert.deepEqual(await bringBack(db, 'lots', 'lot:nowhere00'), []);
  });
});

describe('settings', () => {
  it('changed twice in quick succession keep both changes', async () => {
    const { db } = await smallHousehold();
    const plain = { weekdays: [], minutesADay: 120, guests: [], away: [] };
    await Promise.all([
      saveHousehold(db, ({ ahead = plain }) => ({ ahead: { ...ahead, weekdays: [6] } })),
      saveHousehold(db, ({ ahead = plain }) => ({ ahead: { ...ahead, minutesADay: 60 } })),
      saveHousehold(db, { people: 3 }),
    ]);
    const { ahead, people } = await getHousehold(db);
    assert.deepEqual([ahead?.weekdays, ahead?.minutesADay, people], [[6], 60, 3]);
  });
});

it('one more batch is like the newest on the gear in use, whatever else was roasted on other gear', async () => {
  const { db, gear, roasted } = await smallHousehold();
  assert.deepEqual((await usualBatch(db)).gear?.id, gear.id, 'the first gear, where nothing was roasted');
  const drum = await addGear(db, { nickname: 'Crank drum', method: 'smallDrum' });
  for (const [day, greenGrams] of [
    [10, 78],
    [11, 80],
    [12, 90],
  ] as const)
    await roasted(day, { greenGrams });
  for (const day of [13, 14, 15]) await roasted(day, { greenGrams: 400, gearId: drum.id });
  await roasted(16, { greenGrams: 82 });
  const { gear: used, greenGrams } = await usualBatch(db);
  assert.deepEqual([used?.id, greenGrams], [gear.id, 81], 'half way between 80 and 82');
  await removeGear(db, gear);
  const left = await usualBatch(db);
  assert.deepEqual([left.gear?.id, left.greenGrams], [drum.id, 400], 'gear that is put away is not planned on');
});

it('one more batch gives what its own size does, though only a larger one was weighed', async () => {
  const { db, roasted } = await smallHousehold();
  await roasted(10, { greenGrams: 200, wantedShade: 4 }, [pull(320, { grams: 170 })]);
  for (const day of [11, 12, 13]) await roasted(day, { greenGrams: 80, wantedShade: 4 }, [pull(320)]);
  const { greenGrams, roastedGrams } = await usualBatch(db);
  // Medium loses 14.7 % (handbook, table 3); 170 g of 80 g of green had been planned by.
  assert.deepEqual([greenGrams, Math.round(roastedGrams * 10) / 10], [80, 68.2]);
});
