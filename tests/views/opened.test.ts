// Before Dexie, which looks for a database when it loads.
import 'fake-indexeddb/auto';
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { controlCatalogue, type Gear } from '@/core/gear';
import { type Entry, pullsOf } from '@/core/roast';
import { startExperiment } from '@/store/experiments';
import { startFlight } from '@/store/flights';
import { addGear } from '@/store/larder';
import { keepRecipe } from '@/store/recipes';
import { jarsOf } from '@/store/shelf';
import { entryName, entryWords } from '@/ui/entryWords';
import { dayName, jarHref, jarStateWords } from '@/ui/jarWords';
import { askedWords } from '@/views/experiments/askedWords';
import { partsAsked } from '@/views/experiments/PartsChoice';
import { type ExperimentNow, readExperiments } from '@/views/experiments/readExperiments';
import { findingCounts } from '@/views/journal/useFindings';
import { amountKinds, batchesFor, fixedGrams, TASTE_GRAMS } from '@/views/plan/amount';
import { planFrom } from '@/views/plan/planFrom';
import { recipeWords } from '@/views/recipes/recipeWords';
import { entry, mark, pull, undoOf } from '../core/build.ts';
import { on, pullIdOf, smallHousehold } from '../store/household.ts';

const words = {
  weight: (grams: number) => `${Math.round(grams)} g`,
  measured: (grams: number) => `${grams} g`,
  temperature: (celsius: number) => `${Math.round(celsius * 1.8 + 32)} °F`,
  degrees: (celsius: number) => `${celsius} °C`,
  shade: (number: number) => ['', 'cinnamon', 'light', 'medium light', 'medium'][number] ?? 'dark',
};

describe('the amount of a plan', () => {
  const gear = { nickname: 'Blue popper', method: 'hotAirPopper' } as Gear;
  const loss = { meanPercent: 15, sdPercent: 1, fromGear: 0, fromGearAndLot: 0 };
  it('stands for itself where the rest of the beans, the last roast or a taste is meant', () => {
    const known = { leftGrams: 410, lastGrams: 85 };
    assert.deepEqual(
      amountKinds.map((kind) => fixedGrams(kind, known)),
      [undefined, undefined, undefined, 410, 85, TASTE_GRAMS],
    );
    assert.equal(fixedGrams('useUp', { leftGrams: 0, lastGrams: undefined }), undefined);
    assert.equal(fixedGrams('asLast', { leftGrams: 0, lastGrams: undefined }), undefined);
  });
  it('is one batch as typed, and as few equal ones as the gear takes for a jar or the rest', () => {
    assert.equal(batchesFor('green', { grams: 300, of: 'green', understood: undefined }, gear, loss)?.batches, 1);
    const rest = batchesFor('useUp', { grams: 300, of: 'green', understood: undefined }, gear, loss);
    assert.equal(rest?.batches, 3);
    assert.equal(rest?.greenGramsEach, 100);
    const jar = batchesFor('roasted', { grams: 200, of: 'roasted', understood: undefined }, gear, loss);
    assert.ok(jar && jar.batches >= 2 && jar.batches * jar.greenGramsEach > 200);
  });
});

describe('what a plan is opened from', () => {
  it('is a recipe, on other gear without its moves, whose settings would not fit', async () => {
    const { db, gear, roasted } = await smallHousehold();
    const roast = await roasted(10);
    const recipe = await keepRecipe(db, roast, 'The good one');
    const pan = await addGear(db, { nickname: 'Iron pan', method: 'pan', place: 'outdoors' });
    const plain = await planFrom(db, new URLSearchParams({ recipe: recipe.id }));
    assert.deepEqual([plain?.kind, plain?.chosen.gearId, plain?.chosen.greenGrams], ['recipe', gear.id, 80]);
    const other = await planFrom(db, new URLSearchParams({ recipe: recipe.id, gear: pan.id, grams: '120' }));
    assert.deepEqual([other?.chosen.gearId, other?.chosen.greenGrams, other?.chosen.plannedMoves], [pan.id, 120, []]);
    const odd = await planFrom(db, new URLSearchParams({ recipe: recipe.id, gear: 'gear:none0000', grams: 'lots' }));
    assert.deepEqual(
      [odd?.chosen.gearId, odd?.chosen.greenGrams],
      [gear.id, 80],
      'nonsense in the address changes nothing',
    );
  });
  it('is an experiment with its one change, as long as its first roast is there', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10);
    const id = await startExperiment(db, {
      question: 'less?',
      change: { kind: 'grams', byGrams: -10 },
      aRoastId: roast.id,
    });
    const from = await planFrom(db, new URLSearchParams({ experiment: id }));
    assert.deepEqual([from?.kind, from?.chosen.greenGrams, from?.earlier?.id], ['experiment', 70, roast.id]);
    await db.roasts.delete(roast.id);
    assert.equal(await planFrom(db, new URLSearchParams({ experiment: id })), undefined);
    assert.equal(await planFrom(db, new URLSearchParams()), undefined);
  });
});

describe('experiments as they stand', () => {
  it('go from asked to roasted to tasting, and notice what else was changed', async () => {
    const { db, roasted } = await smallHousehold();
    const a = await roasted(10);
    const id = await startExperiment(db, { question: 'later?', change: { kind: 'pull', byS: 20 }, aRoastId: a.id });
    const state = async () => (await readExperiments(db, words))[0];
    const asked = await state();
    assert.deepEqual([asked?.b, asked?.sameness, asked?.verdict], [undefined, undefined, undefined]);
    const b = await roasted(12, { greenGrams: 100 }, [mark(120, 'yellow'), mark(240, 'firstCrack'), pull(340)]);
    await db.experiments.update(id, { bRoastId: b.id });
    const both = await state();
    assert.notEqual(both?.state, asked?.state);
    assert.match(JSON.stringify(both?.sameness), /20 g/);
    const contenders = [a, b].map((roast) => ({ name: roast.id, roastId: roast.id, pullId: pullIdOf(roast) }));
    const flightId = await startFlight(db, { question: 'preference', contenders, tasters: ['Ada'] });
    await db.experiments.update(id, { flightId });
    const tasting = await state();
    assert.equal(tasting?.flight?.id, flightId);
    assert.equal(tasting?.verdict, undefined, 'nothing is said before the sheets are in');
  });

  it('may compare two parts of one pull: then nothing was changed, and the parts have their names', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10, {}, [
      mark(240, 'firstCrack'),
      pull(300, { all: false, shade: 3 }),
      pull(330, { all: false, shade: 4 }),
      pull(360, { shade: 7 }),
    ]);
    const [first, second, last] = pullsOf(roast).map(({ id }) => id);
    assert.deepEqual(partsAsked(roast, []), [first, last]);
    assert.deepEqual(partsAsked(roast, ['gone', second ?? '']), [first, second]);
    await startExperiment(db, {
      question: 'darker?',
      change: { kind: 'care', care: 'byColour' },
      aRoastId: roast.id,
      bRoastId: roast.id,
      aPullId: first,
      bPullId: last,
    });
    const now = (await readExperiments(db, words))[0] as ExperimentNow;
    assert.equal(now.sameness, undefined);
    const said = askedWords(now, words);
    assert.equal(said.asked, 'Two parts of one roast: the medium light part against the dark part.');
    assert.deepEqual(
      [said.outcomes.helped, said.answers.worse],
      ['the dark part is better', 'The medium light part was better.'],
    );
    const gone = askedWords({ ...now, a: undefined }, words);
    assert.equal(gone.asked, 'Two parts of one roast: the first part against the second part.');
    const changed = { ...now.experiment, bRoastId: undefined, change: { kind: 'pull' as const, byS: 20 } };
    assert.equal(askedWords({ ...now, experiment: changed }, words).asked, 'The one change: pull 20 s later.');
  });
});

describe('entries in words', () => {
  const said = (each: Entry) => entryName(each, words, [controlCatalogue.celsius, controlCatalogue.lid]);
  it('name what was done, with weights as measured and readings in the household’s unit', () => {
    assert.deepEqual(
      [
        mark(120, 'yellow'),
        pull(320, { grams: 64.5, shade: 4 }),
        pull(300, { all: false }),
        entry(200, { kind: 'reading', celsius: 200 }),
        entry(10, { kind: 'move', control: 'oven', value: 230 }),
        entry(11, { kind: 'move', control: 'lid', value: 'off' }),
        entry(12, { kind: 'move', control: 'stir' }),
        entry(90, { kind: 'smell', smell: 'hay' }),
        entry(250, { kind: 'crack', crack: 'second' }),
        entry(90, { kind: 'note', text: 'window open' }),
      ].map(said),
      [
        'yellow',
        'pull, medium, 64.5 g',
        'pull of a part',
        'reading 392 °F',
        'oven 230 °C',
        'lid off',
        'stir',
        'smell of hay',
        'a snap',
        '“window open”',
      ],
    );
  });
  it('fit the undo button', () => {
    assert.equal(entryWords(mark(178, 'yellow'), words, []), 'yellow 2:58');
    const long = entryWords(
      entry(60, { kind: 'note', text: 'the neighbour came to ask what smells so good' }),
      words,
      [],
    );
    assert.ok(long.length < 32 && long.endsWith('… 1:00'), long);
    const yellow = mark(120, 'yellow');
    assert.equal(entryWords(undoOf(yellow), words, []), 'an undo 16:39');
    assert.equal(
      entryWords(entry(130, { kind: 'amend', target: yellow.id, happenedAt: 118 }), words, []),
      'the correction',
    );
    assert.equal(entryWords(entry(400, { kind: 'amend', target: yellow.id, grams: 68 }), words, []), 'the weight');
  });
});

describe('jars in words', () => {
  const now = Date.parse('2026-11-24T09:00:00');
  const inDays = (days: number) => now + days * 86_400_000;
  it('say days as one says them', () => {
    assert.deepEqual(
      [0, 1, -1, 3, 7, -2].map((days) => dayName(inDays(days), now)),
      ['today', 'tomorrow', 'yesterday', 'Friday', '1 Dec', '22 Nov'],
    );
  });
  it('say how each stands', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10);
    const after = async (days: number) => {
      const at = Date.parse(on(10)) + days * 86_400_000;
      const [jar] = await jarsOf(db, roast.id, at);
      assert.ok(jar);
      return jarStateWords(jar, at).split(/[ ,]/)[0];
    };
    assert.deepEqual(await Promise.all([1, 3, 10, 30, 60].map(after)), ['resting', 'ready', 'at', 'fading', 'past']);
    const [jar] = await jarsOf(db, roast.id, Date.parse(on(11)));
    assert.ok(jar);
    assert.equal(jarStateWords({ ...jar, frozen: true }, Date.parse(on(11))), 'frozen: time nearly stands still');
    assert.equal(
      jarHref(jar),
      `/larder/jar/?roast=${encodeURIComponent(roast.id)}&pull=${encodeURIComponent(jar.pull.id)}`,
    );
  });
});

describe('a recipe and findings', () => {
  it('are said in a line, and counted', async () => {
    const { db, roasted } = await smallHousehold();
    const roast = await roasted(10, { pullRule: { kind: 'afterFirstCrack', seconds: 80 } });
    const recipe = await keepRecipe(db, roast, 'The good one');
    assert.match(
      recipeWords(recipe, 'Lantern Terrace', 'Blue popper', words),
      /^80 g of Lantern Terrace in the Blue popper, medium, pulled 80 s after first crack/,
    );
    const counts = findingCounts({
      done: 3,
      total: 3,
      of: new Map([
        ['a', ['rushedBrowning', 'scorch']],
        ['b', ['rushedBrowning']],
        ['c', []],
      ] as never),
    });
    assert.deepEqual(
      [...counts],
      [
        ['rushedBrowning', 2],
        ['scorch', 1],
      ],
    );
  });
});
