// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { describe, it } from 'node:test';
import { formatNotebook, parseNotebook } from '@/core/exchange';
import { createId } from '@/core/ids';
import { logEntry } from '@/store/atTheHeat';
import { applyChange } from '@/store/change';
import type { Change } from '@/store/changes';
import type { GanderDatabase } from '@/store/database';
import { addBatches, editDay } from '@/store/days';
import { removeExperiment, startExperiment } from '@/store/experiments';
import { removeFlight, startFlight } from '@/store/flights';
import { keepView, removeView } from '@/store/journalViews';
import { addGear, addLot, editLot, removeGear, removeLot } from '@/store/larder';
import { loadContent } from '@/store/notebook';
import { logReadings } from '@/store/readings';
import { editRecipe, keepRecipe, removeRecipe } from '@/store/recipes';
import { removeRoast, startRoast } from '@/store/roasting';
import { RefusedError } from '@/store/rulebook';
import { saveHousehold } from '@/store/settings';
import { addJarEvent, jarsOf } from '@/store/shelf';
import { addCup } from '@/store/tasting';
import { undoChange } from '@/store/undo';
import { countingRandom } from '../core/build.ts';
import { on, smallHousehold } from './household.ts';
import { openTestDatabase } from './openTestDatabase.ts';
import { readContent } from './readContent.ts';

const SAVED = '2026-11-27T10:00:00.000Z';

/** Saves a notebook, loads it into an empty one, and gives what both hold. */
async function savedAndLoaded(db: GanderDatabase) {
  const here = await readContent(db);
  const parsed = parseNotebook(formatNotebook(here, SAVED));
  assert.ok(parsed.ok, parsed.ok ? '' : JSON.stringify(parsed.issues));
  const fresh = openTestDatabase();
  await loadContent(fresh, parsed.value, 'file');
  const there = await readContent(fresh);
  fresh.close();
  return [here, there].map((content) => JSON.parse(formatNotebook(sorted(content), SAVED)));
}
const sorted = (content: Awaited<ReturnType<typeof readContent>>) =>
  Object.fromEntries(
    Object.entries(content).map(([name, rows]) => [
      name,
      Array.isArray(rows) ? [...rows].sort((a, b) => (a.id < b.id ? -1 : 1)) : rows,
    ]),
  ) as typeof content;
const opens = async (db: GanderDatabase) => {
  const [here, there] = await savedAndLoaded(db);
  assert.deepEqual(there, here);
};

describe('what a person does never makes a file that is refused', () => {
  const day = '2026-11-28';
  const batch = (lotId: string, gearId: string) => ({ lotId, gearId, greenGrams: 80, shade: 4 }) as never;
  it('a roast whose jar was frozen is deleted with it, and both come back', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(3);
    const [jar] = await jarsOf(db, roast.id, Date.parse(on(4)));
    assert.ok(jar);
    await addJarEvent(db, jar.row, { kind: 'freeze', doneAt: on(4) });
    const change = await removeRoast(db, roast.id);
    assert.equal(await db.jars.count(), 0);
    await opens(db);
    await undoChange(db, change);
    assert.equal(await db.jars.count(), 1);
    await opens(db);
  });
  it('beans and gear that a roast day names are put away, not deleted', async () => {
    const { db, lot, gear } = await smallHousehold();
    await addBatches(db, day, [batch(lot.id, gear.id)]);
    await removeLot(db, lot);
    await removeGear(db, gear);
    assert.ok((await db.lots.get(lot.id))?.removedAt && (await db.gear.get(gear.id))?.removedAt);
    await opens(db);
  });
  it('undo of beans leaves them where a day came to name them', async () => {
    const { db, gear } = await smallHousehold();
    const made = await addLot(db, { name: 'Old Ferry', origin: 'India', process: 'washed', packs: [{ grams: 500 }] });
    await addBatches(db, day, [batch(made.id, gear.id)]);
    const { kept } = await undoChange(db, [{ table: 'lots', after: made }]);
    assert.deepEqual(kept, [{ table: 'lots', fields: ['id'] }]);
    await opens(db);
  });
  it('too many batches, a name too long, the thousand-and-first use: refused in words, and nothing is written', async () => {
    const { db, lot, gear, roasted } = await smallHousehold();
    const all = Array.from({ length: 24 }, () => ({
      ...(batch(lot.id, gear.id) as object),
      id: createId('batch', Math.random),
    }));
    await assert.rejects(
      editDay(db, day, () => ({ batches: all as never })),
      /batches.* too many, 20 at most/,
    );
    await assert.rejects(
      addCup(db, { tastedAt: SAVED, sheet: {}, words: [], name: 'x'.repeat(121) }),
      (error: Error) => {
        assert.ok(error instanceof RefusedError);
        assert.match(error.message, /^This was not kept\. .*name: too long, 120 letters at most\.$/);
        return true;
      },
    );
    const roast = await roasted(3);
    const [jar] = await jarsOf(db, roast.id, Date.parse(on(4)));
    assert.ok(jar);
    const uses = Array.from({ length: 1000 }, () => ({ kind: 'use' as const, doneAt: on(4), grams: 0.01 }));
    await applyChange(db, [{ table: 'jars', after: { ...jar.row, events: uses } }]);
    await assert.rejects(addJarEvent(db, jar.row, uses[0] as never), /events.* too many, 1000 at most/);
    await assert.rejects(applyChange(db, [{ table: 'lots', before: lot }]), /a roast still needs it|a roast day/);
    assert.ok(await db.lots.get(lot.id), 'the whole change was taken back');
    await opens(db);
  });
  it('readings and notes that no log holds stay out', async () => {
    const { db, roasted } = await smallHousehold();
    const { id } = await roasted(3);
    await logReadings(
      db,
      id,
      [
        { at: 10, celsius: 900 },
        { at: 11, celsius: Number.NaN },
        { at: 99_999_999, celsius: 200 },
        { at: 12, celsius: 150 },
      ],
      'probe',
    );
    assert.equal((await db.roasts.get(id))?.entries.filter(({ kind }) => kind === 'reading').length, 1);
    await assert.rejects(logEntry(db, id, { kind: 'reading', celsius: 700 }, 20), /no reading/);
    await assert.rejects(logEntry(db, id, { kind: 'note', text: '   ' }, 20), /Write something/);
    await assert.rejects(logEntry(db, id, { kind: 'note', text: 'x'.repeat(501) }, 20), /too long/);
    await opens(db);
  });
});

it('a file replaces everything, settings too, and one undo brings all of it back', async () => {
  const { db, roasted } = await smallHousehold();
  await roasted(3);
  await roasted(5);
  await saveHousehold(db, { people: 5 });
  const before = sorted(await readContent(db));
  const demo = parseNotebook(readFileSync('demo/household.gander.json', 'utf8'));
  assert.ok(demo.ok);
  const change = await loadContent(db, demo.value, 'replace');
  const [here, wanted] = [await readContent(db), { ...demo.value, savedAt: SAVED }].map((each) =>
    formatNotebook(sorted(each), SAVED),
  );
  assert.deepEqual(JSON.parse(here ?? ''), JSON.parse(wanted ?? ''));
  assert.ok((await db.bin.count()) > 0, 'what went lies among the deleted');
  const { kept } = await undoChange(db, change);
  assert.deepEqual(kept, []);
  assert.deepEqual(sorted(await readContent(db)), before);
});

/** A number from a fixed source, so that a failing history comes back. */
const histories = Number(process.env.GANDER_HISTORIES ?? 60);

it(`${histories} random histories of what can be done are saved and loaded without a difference`, async () => {
  for (let seed = 1; seed <= histories; seed++) {
    const random = countingRandom();
    for (let i = 0; i < seed; i++) random();
    const db = openTestDatabase();
    const pick = <T>(all: readonly T[]): T | undefined => all[Math.floor(random() * all.length)];
    const done: Change[] = [];
    const deeds: (() => Promise<unknown>)[] = [
      () =>
        addLot(db, {
          name: `Lot ${random()}`,
          origin: 'Peru',
          process: 'washed',
          packs: [{ grams: 100 + 900 * random() }],
        }),
      () => addGear(db, { nickname: `Pan ${random()}`, method: 'pan' }),
      async () => {
        const [lot, gear] = [pick(await db.lots.toArray()), pick(await db.gear.toArray())];
        if (lot && gear)
          await startRoast(
            db,
            { lotId: lot.id, gearId: gear.id, greenGrams: 150, wantedShade: 4, place: 'indoors' },
            'charge',
            Date.parse(on(1 + Math.floor(20 * random()))),
          );
      },
      async () => {
        const roast = pick(await db.roasts.toArray());
        if (roast)
          await logEntry(
            db,
            roast.id,
            pick([
              { kind: 'mark', milestone: 'firstCrack' },
              { kind: 'pull', all: true, grams: 130, shade: 5 },
              { kind: 'reading', celsius: 190 },
              { kind: 'note', text: 'smells of toast' },
            ] as const) as never,
            700 * random(),
          );
      },
      async () => {
        const roast = pick(await db.roasts.toArray());
        if (roast) done.push(await removeRoast(db, roast.id));
      },
      async () => {
        const lot = pick(await db.lots.toArray());
        if (lot)
          done.push(await (random() < 0.5 ? removeLot(db, lot) : editLot(db, lot, { name: `Named ${random()}` })));
      },
      async () => {
        const gear = pick(await db.gear.toArray());
        if (gear) done.push(await removeGear(db, gear));
      },
      async () => {
        const [lot, gear] = [pick(await db.lots.toArray()), pick(await db.gear.toArray())];
        if (lot && gear)
          done.push(
            await addBatches(db, `2026-12-0${1 + Math.floor(9 * random())}`, [
              { lotId: lot.id, gearId: gear.id, greenGrams: 90, shade: 3 },
            ]),
          );
      },
      async () => {
        const roast = pick(await db.roasts.toArray());
        const [jar] = roast ? await jarsOf(db, roast.id, Date.parse(on(25))) : [];
        if (jar)
          done.push(
            await addJarEvent(
              db,
              jar.row,
              random() < 0.5 ? { kind: 'freeze', doneAt: on(24) } : { kind: 'use', doneAt: on(24), grams: 15 },
            ),
          );
      },
      async () =>
        done.push(
          await addCup(db, {
            at: on(22),
            sheet: { overall: 7 },
            words: ['honey'],
            ...(pick(await db.roasts.toArray()) ? { roastId: (await db.roasts.toArray())[0]?.id } : {}),
          } as never),
        ),
      async () => {
        const roast = pick(await db.roasts.toArray());
        const recipe = pick(await db.recipes.toArray());
        if (recipe && random() < 0.5)
          done.push(
            await (random() < 0.5 ? removeRecipe(db, recipe) : editRecipe(db, recipe, { name: `Better ${random()}` })),
          );
        else if (roast) await keepRecipe(db, roast, `Good ${random()}`);
      },
      async () => {
        const [a, b] = [pick(await db.roasts.toArray()), pick(await db.roasts.toArray())];
        const experiment = pick(await db.experiments.toArray());
        if (experiment && random() < 0.4) done.push(await removeExperiment(db, experiment));
        else if (a && b)
          await startExperiment(db, {
            question: 'Was it the weight?',
            change: { kind: 'grams', byGrams: -10 },
            aRoastId: a.id,
            ...(random() < 0.5 ? { bRoastId: b.id } : {}),
          });
      },
      async () => {
        const flight = pick(await db.flights.toArray());
        const roast = pick(await db.roasts.toArray());
        if (flight && random() < 0.5) done.push(await removeFlight(db, flight));
        else
          await startFlight(db, {
            question: 'preference',
            contenders: [{ name: 'Ours', ...(roast ? { roastId: roast.id } : {}) }, { name: 'A shop’s' }],
            tasters: ['Ada', 'Bo'],
          });
      },
      async () => {
        const view = pick(await db.journalViews.toArray());
        if (view && random() < 0.5) done.push(await removeView(db, view));
        else await keepView(db, `View ${random()}`, { text: 'peru' }, 'newest');
      },
      () => saveHousehold(db, { people: 1 + Math.floor(60 * random()), temperatureUnit: random() < 0.5 ? 'F' : 'C' }),
      async () => {
        const last = done.pop();
        if (last) await undoChange(db, last);
      },
    ];
    for (let i = 0; i < 18; i++)
      await (pick(deeds) as () => Promise<unknown>)().catch((error: Error) => {
        // Refused is well; anything else is a fault.
        assert.ok(error instanceof RangeError, `${error.stack}`);
      });
    await opens(db);
    db.close();
  }
});
