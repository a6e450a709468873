// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { readingsOf } from '@/core/heat';
import { liveEntries } from '@/core/roast';
import { startPractice } from '@/store/practice';
import { kwhPerRoastedKg, lastRoast, lastRoastOfLot, lossesLately, namedRoasts, roastIds } from '@/store/queries';
import { firstCrackReadings, logReadings, takeReadingsBack } from '@/store/readings';
import { entry, mark, pull } from '../core/build.ts';
import { on, smallHousehold } from './household.ts';
import { openTestDatabase } from './openTestDatabase.ts';

const near = (value: number | undefined, expected: number, within = 1e-9) =>
  assert.ok(Math.abs((value ?? Number.NaN) - expected) <= within, `${value}, expected ${expected}`);

describe('readings of a stream', () => {
  it('are one each, whichever tab or page heard them, and move onto the roast’s clock when the beans are in', async () => {
    const { db, roasted } = await smallHousehold();
    const { id } = await roasted(10, {}, []);
    const heard = Array.from({ length: 12 }, (_, i) => ({ at: 100 + i, celsius: 150 + i }));
    const late = heard.map(({ at, celsius }) => ({ at: at + 0.03, celsius }));
    await Promise.all([logReadings(db, id, heard, 'probe'), logReadings(db, id, late, 'probe')]);
    await logReadings(db, id, [...heard, { at: 112, celsius: 162 }], 'probe');
    const times = async () => ((await db.roasts.get(id))?.entries ?? []).map(({ at }) => at);
    assert.deepEqual(await times(), [...heard.map(({ at }) => at), 112]);
    const before = await db.roasts.get(id);
    const chargedMs = Date.parse(before?.chargedAt ?? '');
    const preheatedAt = new Date(chargedMs - 60_000).toISOString();
    await db.roasts.update(id, { preheatedAt });
    await logReadings(db, id, [{ at: 40, celsius: 180 }], 'probe', preheatedAt);
    assert.equal((await times()).at(-1), -20);
  });

  it('are kept in one go, each at its own time, beside what is marked meanwhile', async () => {
    const { db, roasted } = await smallHousehold();
    const { id } = await roasted(10, {}, [mark(120, 'yellow')]);
    await Promise.all([
      logReadings(db, id, [{ at: 130.004, celsius: 160.26 }], 'probe'),
      logReadings(db, id, [{ at: 131, celsius: 161 }], 'probe'),
    ]);
    const roast = await db.roasts.get(id);
    assert.deepEqual(
      readingsOf(liveEntries(roast?.entries ?? [])).map((each) => [each.at, each.celsius, each.streamed]),
      [
        [130, 160.3, true],
        [131, 161, true],
      ],
    );
  });

  it('can be taken back where they make no sense; what was typed by hand stays', async () => {
    const { db, roasted } = await smallHousehold();
    const { id } = await roasted(10, {}, [entry(100, { kind: 'reading', celsius: 300 })]);
    await logReadings(
      db,
      id,
      [130, 131].map((at) => ({ at, celsius: at === 130 ? 350 : 170 })),
      'probe',
    );
    await takeReadingsBack(db, id, (celsius) => celsius > 290);
    const live = liveEntries((await db.roasts.get(id))?.entries ?? []);
    assert.deepEqual(
      readingsOf(live).map(({ celsius }) => celsius),
      [300, 170],
    );
  });

  it('say what the gear reads at first crack, newest first, without the roast that asks', async () => {
    const { db, gear, roasted } = await smallHousehold();
    const log = (celsius: number) => [entry(239, { kind: 'reading', celsius }), mark(240, 'firstCrack'), pull(320)];
    await roasted(10, {}, log(198));
    await roasted(11, {}, log(201));
    await roasted(12, {}, [mark(240, 'firstCrack'), pull(320)]);
    const asking = await roasted(13, {}, log(230));
    assert.deepEqual(await firstCrackReadings(db, gear.id, asking.id), [201, 198]);
    assert.deepEqual(await firstCrackReadings(db, 'gear:none0000', ''), []);
  });
});

describe('questions to the notebook', () => {
  it('name roasts whose beans and gear are gone', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10);
    await db.lots.clear();
    await db.gear.clear();
    const [named] = await namedRoasts(db, [roast.id, 'roast:none0000']);
    assert.deepEqual([named?.lotName, named?.gearName], ['beans deleted since', 'gear deleted since']);
  });

  it('find the last roasts of all, of gear and of beans', async () => {
    const { db, lot, gear, roasted } = await smallHousehold();
    assert.equal(await lastRoast(db), undefined);
    const first = await roasted(10);
    const other = await roasted(12, {
      gearId: 'gear:other000' as typeof gear.id,
      lotId: 'lot:other000' as typeof lot.id,
    });
    assert.equal((await lastRoast(db))?.id, other.id);
    assert.equal((await lastRoast(db, gear.id))?.id, first.id);
    assert.equal((await lastRoastOfLot(db, lot.id))?.id, first.id);
    assert.deepEqual(await roastIds(db), [other.id, first.id]);
  });

  it('leave a batch that gained weight out of the losses', async () => {
    const { db, roasted } = await smallHousehold();
    await roasted(10);
    await roasted(11, {}, [pull(320, { grams: 90 })]);
    await roasted(12, {}, [pull(320)]);
    assert.deepEqual(await lossesLately(db), [15]);
  });

  it('reckon the electricity of a roasted kilogram, with the preheat', async () => {
    const { db, gear, roasted } = await smallHousehold();
    assert.equal(await kwhPerRoastedKg(db), undefined);
    await roasted(10);
    // 1 kW for 320 s gives 68 g.
    near(await kwhPerRoastedKg(db), 320 / 3600 / 0.068);
    await db.gear.update(gear.id, { preheatMin: 2 });
    near(await kwhPerRoastedKg(db), 440 / 3600 / 0.068);
  });
});

describe('practice', () => {
  const choice = { method: 'hotAirPopper', process: 'washed', shade: 4, withProbe: true } as const;
  it('starts at once, ends what was practised before, and lets old ones go', async () => {
    const db = openTestDatabase();
    const start = Date.parse(on(1));
    const ids: string[] = [];
    for (let i = 0; i < 24; i++) ids.push(await startPractice(db, choice, start + i * 60_000));
    assert.equal(await db.underWay.count(), 1);
    assert.equal((await db.underWay.toArray())[0]?.roastId, ids.at(-1));
    assert.ok((await db.roasts.count()) <= 21);
    assert.equal(await db.roasts.get(ids[0] ?? ''), undefined);
    const roast = await db.roasts.get(ids.at(-1) ?? '');
    assert.deepEqual([roast?.greenGrams, roast?.wantedShade, roast?.place], [80, 4, 'indoors']);
    const gear = await db.gear.get(roast?.gearId ?? '');
    assert.equal(gear?.probe?.unit, 'C');
  });
});
