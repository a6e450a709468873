// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Id } from '@/core/ids';
import { pullsOf } from '@/core/roast';
import type { Contender, Flight } from '@/core/taste';
import {
  abortFlight,
  addRound,
  answerTrial,
  drawAnew,
  keyForPourer,
  keyOfEnded,
  lastTasters,
  putSlipsAway,
  startFlight,
} from '@/store/flights';
import { lotStock, removeLot } from '@/store/larder';
import { proposedShade, shadeLikedOf } from '@/store/likedShades';
import { roastsOfLot } from '@/store/queries';
import { addCup, bestOfLot, lastBrew } from '@/store/tasting';
import { undoChange } from '@/store/undo';
import { entry } from '../core/build.ts';
import { on, pullIdOf, smallHousehold } from './household.ts';

async function withFlight(tasters: readonly string[]) {
  const home = await smallHousehold();
  const [a, b] = [await home.roasted(10), await home.roasted(11)];
  const contenders: Contender[] = [a, b].map((roast, i) => ({
    name: i === 0 ? 'lid on' : 'lid off',
    roastId: roast.id,
    pullId: pullIdOf(roast),
  }));
  const id = await startFlight(home.db, { question: 'preference', contenders, tasters });
  return { ...home, id };
}

describe('a blind flight', () => {
  it('keeps the codes that were poured or tasted by when their drawing is taken back too late, and does it in time', async () => {
    for (const redraw of [addRound, drawAnew]) {
      const { db, id } = await withFlight(['Ada', 'Bo']);
      const rows = async () => [await db.flights.get(id), await db.flightKeys.get(id)] as const;
      const before = await rows();
      assert.deepEqual((await undoChange(db, await redraw(db, id))).kept, []);
      assert.deepEqual(await rows(), before);
      for (const goOn of [
        async (flight: Flight) => putSlipsAway(db, flight),
        async (flight: Flight) => answerTrial(db, id, 1, { picked: flight.trials[1]?.codes[0] }),
      ]) {
        const change = await redraw(db, id);
        await goOn((await db.flights.get(id)) as Flight);
        const now = await rows();
        assert.deepEqual((await undoChange(db, change)).kept[0], { table: 'flights', fields: ['id'] });
        assert.deepEqual(await rows(), now);
        const [flight, key] = now;
        assert.deepEqual(
          key?.trials.map((its) => Object.keys(its).sort()),
          flight?.trials.map(({ codes }) => codes),
        );
      }
    }
  });
  it('is proposed to those who tasted the newest one', async () => {
    const { db, id } = await withFlight(['Ada', 'Bo', 'Ada', 'Bo']);
    assert.deepEqual(await lastTasters(db), ['Ada', 'Bo']);
    const { contenders } = (await db.flights.get(id)) as Flight;
    await startFlight(db, { question: 'preference', contenders, tasters: ['Cy'] });
    await db.flights.update(id, { createdAt: '2026-01-01T10:00:00.000Z' });
    assert.deepEqual(await lastTasters(db), ['Cy']);
    await db.flights.clear();
    assert.deepEqual(await lastTasters(db), []);
  });
  it('keeps its key to itself until every sheet is in', async () => {
    const { db, id } = await withFlight(['Ada', 'Bo']);
    const flight = await db.flights.get(id);
    assert.ok(flight);
    assert.equal(flight.trials.length, 2);
    assert.equal(JSON.stringify(flight.trials).includes('lid'), false);
    assert.equal(await keyOfEnded(db, id), undefined);
    const [first, second] = flight.trials;
    assert.equal(await answerTrial(db, id, 0, { picked: first?.codes[0] }), true);
    assert.equal(await keyOfEnded(db, id), undefined);
    assert.equal(await answerTrial(db, id, 1, { picked: second?.codes[1] }), true);
    const key = await keyOfEnded(db, id);
    assert.deepEqual(Object.keys(key?.trials[0] ?? {}).sort(), [...(first?.codes ?? [])].sort());
    assert.ok((await db.flights.get(id))?.endedAt);
  });

  it('keeps the first answer of a sheet, whichever tab it came from', async () => {
    const { db, id } = await withFlight(['Ada', 'Bo']);
    const codes = (await db.flights.get(id))?.trials[0]?.codes ?? [];
    const both = await Promise.all([
      answerTrial(db, id, 0, { picked: codes[0] }),
      answerTrial(db, id, 0, { picked: codes[1] }),
    ]);
    assert.deepEqual(both.sort(), [false, true]);
    assert.equal((await db.flights.get(id))?.trials[0]?.picked, codes[0]);
    assert.equal(await answerTrial(db, id, 7, { picked: '111' }), false, 'there is no such sheet');
    assert.equal(await answerTrial(db, 'flight:none0000', 0, { picked: '111' }), false);
  });

  it('can be ended early; what comes later is not counted', async () => {
    const { db, id } = await withFlight(['Ada', 'Bo', 'Cy']);
    await answerTrial(db, id, 0, { picked: (await db.flights.get(id))?.trials[0]?.codes[0] });
    const flight = await db.flights.get(id);
    assert.ok(flight);
    // Bo's sheet came in from another tab after this page last looked.
    await answerTrial(db, id, 1, { picked: flight.trials[1]?.codes[1] });
    await abortFlight(db, flight);
    assert.equal((await db.flights.get(id))?.trials[1]?.picked, flight.trials[1]?.codes[1]);
    assert.equal(await answerTrial(db, id, 2, { picked: flight.trials[2]?.codes[0] }), false);
    assert.equal((await db.flights.get(id))?.aborted, true);
    assert.ok(await keyOfEnded(db, id));
  });

  it('tells the pourer on purpose', async () => {
    const { db, id } = await withFlight(['Ada']);
    assert.ok(await keyForPourer(db, id));
  });
});

describe('cups', () => {
  it('are added with undo', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10);
    const undo = await addCup(db, { roastId: roast.id, tastedAt: on(13), words: ['toffee'], sheet: { overall: 7 } });
    assert.equal(await db.cups.count(), 1);
    await undoChange(db, undo);
    assert.equal(await db.cups.count(), 0);
  });

  it('know how the last one was brewed, whatever order they were noted in', async () => {
    const { db } = await smallHousehold();
    assert.equal(await lastBrew(db), undefined);
    const brewed = (day: number, grams?: number) =>
      addCup(db, {
        name: 'a cup',
        tastedAt: on(day),
        words: ['tart'],
        sheet: {},
        ...(grams ? { brew: { how: 'filter', grams } as const } : {}),
      });
    await brewed(12, 15);
    await brewed(10, 20);
    await brewed(14);
    assert.deepEqual(await lastBrew(db), { how: 'filter', grams: 15 });
  });

  it('say which roasts of a lot were liked best', async () => {
    const { db, lot, roasted } = await smallHousehold();
    const [poor, good] = [await roasted(10), await roasted(11)];
    const other = await roasted(12, { lotId: 'lot:other000' as typeof lot.id });
    for (const [roast, overall] of [
      [poor, 4],
      [good, 8],
      [other, 10],
    ] as const)
      await addCup(db, { roastId: roast.id, tastedAt: on(14), words: [], sheet: { overall } });
    const best = await bestOfLot(db, lot.id);
    assert.deepEqual(
      best.map(({ roastId }) => roastId),
      [good.id, poor.id],
    );
    assert.equal((await bestOfLot(db, lot.id, 1)).length, 1);
    assert.deepEqual(await bestOfLot(db, 'lot:none0000'), []);
  });
});

describe('the shade liked best of a lot', () => {
  it('comes from its cups and ended flights, part by part; other beans and open flights say nothing', async () => {
    const { db, lot, roasted } = await smallHousehold();
    const staged = await roasted(
      10,
      {
        plannedParts: [
          { share: 0.5, shade: 3 },
          { share: 0.5, shade: 5 },
        ],
      },
      [entry(300, { kind: 'pull', all: false, grams: 30 }), entry(360, { kind: 'pull', all: true, grams: 34 })],
    );
    const [light, dark] = pullsOf(staged).map(({ id }) => id);
    assert.ok(light && dark);
    const cup = (pullId: Id<'entry'>, overall: number) =>
      addCup(db, { roastId: staged.id, pullId, tastedAt: on(15), sheet: { overall }, words: [] });
    await cup(light, 6);
    await cup(dark, 8);
    assert.equal(await shadeLikedOf(db, lot.id), undefined, 'one cup each');
    const contenders = [
      { name: 'light', roastId: staged.id, pullId: light },
      { name: 'dark', roastId: staged.id, pullId: dark },
    ];
    const id = await startFlight(db, { question: 'preference', contenders, tasters: ['A', 'B'] });
    const key = await keyForPourer(db, id);
    const darkCode = (trial: number) =>
      Object.entries(key?.trials[trial] ?? {}).find(([, cup]) => cup === 1)?.[0] ?? '';
    await answerTrial(db, id, 0, { picked: darkCode(0) });
    assert.equal(await shadeLikedOf(db, lot.id), undefined, 'its key is not looked at before the end');
    await answerTrial(db, id, 1, { picked: darkCode(1) });
    assert.deepEqual(await shadeLikedOf(db, lot.id), { shade: 5, tastings: 3 });
    assert.equal(await shadeLikedOf(db, 'lot:other000'), undefined);
    assert.equal(await proposedShade(db, lot.id, 3), 5, 'what was liked best of these beans');
    assert.equal(await proposedShade(db, 'lot:other000', 3), 3, 'else what is usual');
  });
});

describe('the page of a lot', () => {
  it('knows what is left of it and its newest roasts, also once it was put away', async () => {
    const { db, lot, roasted } = await smallHousehold();
    const [first, second] = [await roasted(10), await roasted(12)];
    assert.deepEqual(
      (await roastsOfLot(db, lot.id, 5)).map(({ roast }) => roast.id),
      [second.id, first.id],
    );
    assert.equal((await roastsOfLot(db, lot.id, 1)).length, 1);
    assert.deepEqual([(await lotStock(db, lot.id))?.leftGrams, (await lotStock(db, lot.id))?.roasts], [840, 2]);
    await removeLot(db, lot);
    assert.ok((await lotStock(db, lot.id))?.lot.removedAt);
    assert.equal(await lotStock(db, 'lot:nowhere00'), undefined);
  });
});
