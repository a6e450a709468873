// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { askedOf } from '@/store/askedOf';
import {
  allExperiments,
  answerExperiment,
  editExperiment,
  removeExperiment,
  startExperiment,
} from '@/store/experiments';
import { journalRows } from '@/store/journalRows';
import { keepView, removeView } from '@/store/journalViews';
import { addLot } from '@/store/larder';
import { caseFactsIn, caseFactsOf, learningData } from '@/store/learning';
import { readMoney } from '@/store/moneySoFar';
import { allRecipes, editRecipe, keepRecipe, removeRecipe, roastsOfRecipe } from '@/store/recipes';
import { addJarEvent, jarsOf } from '@/store/shelf';
import { addCup } from '@/store/tasting';
import { undoChange } from '@/store/undo';
import { entry, mark, pull } from '../core/build.ts';
import { on, smallHousehold } from './household.ts';

const at = (day: number) => Date.parse(on(day));
const near = (value: number | undefined, expected: number, within = 1e-6) =>
  assert.ok(Math.abs((value ?? Number.NaN) - expected) <= within, `${value}, expected ${expected}`);

describe('recipes', () => {
  it('are kept from a roast and know the roasts made by them, oldest first', async () => {
    const { db, roasted } = await smallHousehold();
    const good = await roasted(10);
    const recipe = await keepRecipe(db, good, 'The good one');
    const second = await roasted(14, { recipeId: recipe.id });
    const first = await roasted(12, { recipeId: recipe.id });
    await roasted(13);
    assert.deepEqual(
      (await roastsOfRecipe(db, recipe)).map(({ id }) => id),
      [good.id, first.id, second.id],
    );
    assert.deepEqual([recipe.greenGrams, recipe.guide.firstCrack, recipe.guide.pull], [80, 240, 320]);
  });

  it('are renamed and deleted with undo, and their roasts stay', async () => {
    const { db, roasted } = await smallHousehold();
    const recipe = await keepRecipe(db, await roasted(10), 'The good one');
    await editRecipe(db, recipe, { name: 'The very good one' });
    const [renamed] = await allRecipes(db);
    assert.ok(renamed);
    assert.equal(renamed.name, 'The very good one');
    const undo = await removeRecipe(db, renamed);
    assert.deepEqual(await allRecipes(db), []);
    assert.equal(await db.roasts.count(), 1);
    await undoChange(db, undo);
    assert.deepEqual(await allRecipes(db), [renamed]);
  });
});

describe('experiments', () => {
  it('are asked, given their roast and answered; each step keeps what another tab wrote', async () => {
    const { db, roasted } = await smallHousehold();
    const [a, b] = [await roasted(10), await roasted(12)];
    const id = await startExperiment(db, {
      question: 'longer browning?',
      change: { kind: 'pull', byS: 20 },
      aRoastId: a.id,
    });
    const [asked] = await allExperiments(db);
    assert.ok(asked);
    assert.equal(asked.id, id);
    assert.equal('finding' in asked, false, 'what is not known is absent, not undefined');
    await editExperiment(db, asked, { bRoastId: b.id });
    // From a page that still shows it as it was asked.
    await answerExperiment(db, asked, 'helped');
    const [done] = await allExperiments(db);
    assert.deepEqual([done?.bRoastId, done?.outcome], [b.id, 'helped']);
    assert.ok(done?.answeredAt);
  });

  it('say at the heat of their own roast what no plan can hold', async () => {
    const { db, roasted } = await smallHousehold();
    const [a, b] = [await roasted(10), await roasted(12)];
    const change = { kind: 'care' as const, care: 'stirMore' as const };
    await startExperiment(db, { question: 'stirred?', change, aRoastId: a.id, bRoastId: b.id });
    assert.match((await askedOf(db, b.id, b.gearId))?.text ?? '', /^The one change: stir or shake/);
    assert.equal(await askedOf(db, a.id, a.gearId), undefined);
  });

  it('are listed newest first and deleted with undo', async () => {
    const { db, roasted } = await smallHousehold();
    const a = await roasted(10);
    const ask = (question: string) =>
      startExperiment(db, { question, change: { kind: 'grams', byGrams: -10 }, aRoastId: a.id });
    await ask('one');
    await new Promise((resolve) => setTimeout(resolve, 5));
    await ask('two');
    const all = await allExperiments(db);
    assert.deepEqual(
      all.map(({ question }) => question),
      ['two', 'one'],
    );
    assert.ok(all[1]);
    const undo = await removeExperiment(db, all[1]);
    assert.equal((await allExperiments(db)).length, 1);
    await undoChange(db, undo);
    assert.equal((await allExperiments(db)).length, 2);
  });
});

describe('saved views', () => {
  it('are kept and deleted with undo', async () => {
    const { db } = await smallHousehold();
    const view = await keepView(db, 'Good ones', { stars: 4 }, 'best');
    assert.deepEqual(await db.journalViews.toArray(), [view]);
    const undo = await removeView(db, view);
    assert.equal(await db.journalViews.count(), 0);
    await undoChange(db, undo);
    assert.deepEqual(await db.journalViews.toArray(), [view]);
  });
});

describe('the rows of the journal', () => {
  it('are newest first and carry the words of beans, gear, notes and cups', async () => {
    const { db, roasted } = await smallHousehold();
    const older = await roasted(10, { note: 'windy', tags: ['guests'] });
    await roasted(12);
    await addCup(db, { roastId: older.id, tastedAt: on(14), words: ['toffee'], note: 'better on day four', sheet: {} });
    await addCup(db, { name: 'from a shop', tastedAt: on(14), words: ['ashy'], sheet: {} });
    const rows = await journalRows(db);
    assert.deepEqual(
      rows.map(({ createdAt }) => createdAt),
      [on(12), on(10)],
    );
    assert.deepEqual(
      [rows[1]?.lot, rows[1]?.gear, rows[1]?.notes, rows[1]?.words, rows[1]?.tags],
      ['Lantern Terrace, Peru', 'Blue popper', 'windy better on day four', 'toffee', ['guests']],
    );
    assert.equal(rows[0]?.words, '');
  });

  it('do without beans and gear that are gone', async () => {
    const { db, roasted } = await smallHousehold();
    await roasted(10);
    await db.lots.clear();
    await db.gear.clear();
    const [row] = await journalRows(db);
    assert.deepEqual([row?.lot, row?.gear, row?.process], ['', '', undefined]);
  });
});

describe('what a roast is judged by', () => {
  it('are the roasts before it, never those after', async () => {
    const { db, roasted } = await smallHousehold();
    const days = [10, 11, 12, 13];
    const roasts = [];
    for (const day of days) roasts.push(await roasted(day));
    const facts = await caseFactsOf(db, roasts[2]?.id ?? '');
    assert.equal(facts?.past.length, 2);
    assert.equal(facts?.roast.id, roasts[2]?.id);
    assert.equal(await caseFactsOf(db, 'roast:none0000'), undefined);
  });

  it('is the same whether the roast is read alone or with the whole journal', async () => {
    const { db, roasted } = await smallHousehold();
    const reading = (at: number, celsius: number) => entry(at, { kind: 'reading', celsius });
    const log = (celsius: number) => [mark(120, 'yellow'), reading(238, celsius), mark(240, 'firstCrack'), pull(320)];
    for (const [i, day] of [10, 11, 12, 13, 14].entries()) await roasted(day, {}, log(200 + i));
    const last = await roasted(15, {}, log(212));
    await addCup(db, { roastId: last.id, tastedAt: on(18), words: ['tart'], sheet: {} });
    const data = await learningData(db);
    const together = caseFactsIn(
      data,
      data.roasts.findIndex(({ id }) => id === last.id),
    );
    assert.deepEqual(await caseFactsOf(db, last.id), together);
    near(together.ownFirstCrackC, 202);
    assert.equal(together.cups.length, 1);
    assert.throws(() => caseFactsIn(data, 6), { message: 'index must be below 6 roasts, got 6' });
  });

  it('knows how long the gear had cooled, unless that was long ago', async () => {
    const { db, roasted } = await smallHousehold();
    await roasted(10);
    const soon = { createdAt: '2026-11-10T10:15:20.000Z', chargedAt: '2026-11-10T10:15:20.000Z' };
    const next = await roasted(10, soon);
    const late = await roasted(11);
    assert.equal((await caseFactsOf(db, next.id))?.sinceLastMin, 10);
    assert.equal((await caseFactsOf(db, late.id))?.sinceLastMin, undefined);
  });
});

describe('money so far', () => {
  it('adds up green and electricity against the shop, worked by hand', async () => {
    const { db, roasted } = await smallHousehold();
    await roasted(10);
    await roasted(11);
    // Each: 80 g green at 10.00 a kg is 80; 320 s at 1 kW is 0.0889 kWh, at 30 a kWh 2.67. In the shop 68 g at 30.00 a kg are 204.
    const { all: money, gear } = await readMoney(db, 3000, 30, at(20));
    near(money.costMinor, 2 * (80 + 80 / 30), 1e-6);
    near(money.shopMinor, 2 * 204);
    near(money.savedMinor, 2 * (204 - 80 - 80 / 30), 1e-6);
    assert.deepEqual([money.roasts, money.failed, money.unpriced], [2, 0, 0]);
    const [{ payback } = assert.fail()] = gear;
    near(payback.savedMinor, money.savedMinor);
    // 40.00 less 2.43 saved, at 1.21 on 68 g: 2.1 kg; two roasts tell no pace.
    near(payback.kgToGo, (4000 - money.savedMinor) / ((money.savedMinor / 136) * 1000));
    assert.deepEqual([payback.priceMinor, payback.paidBack, payback.monthsToGo], [4000, false, undefined]);
  });

  it('counts a batch that was thrown away as paid for and not drunk', async () => {
    const { db, roasted } = await smallHousehold();
    await roasted(10);
    const failed = await roasted(11);
    const [jar] = await jarsOf(db, failed.id, at(12));
    assert.ok(jar);
    await addJarEvent(db, jar.row, { kind: 'fate', doneAt: on(12), fate: 'thrown' });
    const { all: money } = await readMoney(db, 3000, undefined, at(20));
    near(money.costMinor, 160);
    near(money.shopMinor, 204);
    assert.deepEqual([money.failed, money.drinkableGrams], [1, 68]);
  });

  it('counts a part that was thrown away by its grams, and cold brew as drunk', async () => {
    const { db, roasted } = await smallHousehold();
    const parts = [
      entry(300, { kind: 'pull' as const, all: false, grams: 20 }),
      entry(320, { kind: 'pull' as const, all: true, grams: 48 }),
    ];
    const staged = await roasted(10, {}, parts);
    const whole = await roasted(11);
    const [[first], [brewed]] = [await jarsOf(db, staged.id, at(12)), await jarsOf(db, whole.id, at(12))];
    assert.ok(first && brewed);
    await addJarEvent(db, first.row, { kind: 'fate', doneAt: on(12), fate: 'thrown' });
    await addJarEvent(db, brewed.row, { kind: 'fate', doneAt: on(12), fate: 'coldBrew' });
    const { all: money } = await readMoney(db, 3000, undefined, at(20));
    near(money.drinkableGrams, 136 - first.grams);
    assert.deepEqual([money.failed, first.grams], [0, 20]);
  });

  it('prices a blend by its parts, and leaves out what has no price', async () => {
    const { db, lot, roasted } = await smallHousehold();
    const dear = await addLot(db, {
      name: 'Kite Hill',
      origin: '',
      process: 'natural',
      packs: [{ grams: 500, priceMinor: 1000 }],
    });
    const gift = await addLot(db, { name: 'A gift', origin: '', process: 'washed', packs: [{ grams: 250 }] });
    const blend = await addLot(db, {
      name: 'Half and half',
      origin: '',
      process: 'washed',
      packs: [{ grams: 500 }],
      blendOf: [
        { lotId: lot.id, share: 0.5 },
        { lotId: dear.id, share: 0.5 },
      ],
    });
    await roasted(10, { lotId: blend.id });
    await roasted(11, { lotId: gift.id });
    await roasted(12, {}, [mark(120, 'yellow')]);
    const { all: money } = await readMoney(db, 3000, undefined, at(20));
    near(money.costMinor, 0.08 * 1500);
    assert.deepEqual([money.roasts, money.unpriced], [2, 1], 'one on the heat is no roast yet');
  });
});
