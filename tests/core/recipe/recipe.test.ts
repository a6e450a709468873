import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { expectationFor } from '@/core/forecast';
import type { Id } from '@/core/ids';
import {
  carryRecipe,
  closenessTo,
  isOwnBatch,
  paceAgainst,
  paceParts,
  paceWords,
  recipeSchema,
  whatToDo,
} from '@/core/recipe';
import { type Entry, milestoneNames } from '@/core/roast';
import { entry, mark, pull, roastOf } from '../build.ts';

const named = { id: 'recipe:test0001' as Id<'recipe'>, name: 'The balcony one', createdAt: '2026-11-24T10:00:00.000Z' };
const good = roastOf(
  [
    mark(120.4, 'yellow'),
    entry(124, { kind: 'move', control: 'lid', value: 'off' }),
    mark(240, 'firstCrack'),
    pull(320, { grams: 68, shade: 4 }),
    mark(500, 'cooled'),
  ],
  { wantedShade: 3, pullRule: { kind: 'afterFirstCrack', seconds: 75 } },
);
const recipe = { ...named, ...whatToDo(good) };

const twice = { medianS: 640, earlyS: 600, lateS: 700 };
const after = { usualTimes: { yellow: twice, firstCrack: twice, pull: twice }, fromRoasts: 0 } as never;
const pot = { method: 'stovetopPopper' as const };

describe('a recipe', () => {
  it('has a loss where it can be one: nothing was lost, or more than beans can lose, is a slip of the scale', () => {
    const lossFor = (grams: number) => whatToDo(roastOf([mark(240, 'firstCrack'), pull(320, { grams })])).lossPercent;
    assert.deepEqual([68, 80, 81, 33, 31].map(lossFor), [15, 0, undefined, 58.8, undefined]);
  });
  it('carried to a slower roast moves what was done at a time, and leaves what was done at a mark', () => {
    const moves = [
      { when: { kind: 'at' as const, atS: 100 }, control: 'flame', value: 5 },
      { when: { kind: 'milestone' as const, milestone: 'yellow' as const }, control: 'flame', value: 4 },
    ];
    const carried = carryRecipe({ ...recipe, moves }, after, pot, false);
    assert.deepEqual(carried.moves, [{ ...moves[0], when: { kind: 'at', atS: 200 } }, moves[1]]);
    assert.deepEqual(carryRecipe({ ...recipe, moves }, after, pot, true).moves, moves);
  });
  it('begins as the gear stood at the charge: what was tried and stirred in the preheat is not done again', () => {
    const flame = (at: number, value: number) => entry(at, { kind: 'move', control: 'flame', value });
    const preheat = [flame(-90, 5), entry(-60, { kind: 'move', control: 'stir' }), flame(-30, 7)];
    const { moves } = whatToDo(roastOf([...preheat, mark(120, 'yellow'), flame(130.7, 6), pull(320)]));
    assert.deepEqual(
      moves.map(({ when, value }) => [when, value]),
      [
        [{ kind: 'at', atS: 0 }, 7],
        [{ kind: 'at', atS: 130 }, 6],
      ],
    );
  });
  it('holds no more moves than a plan does, and none hours later than one reaches', () => {
    const stirs = Array.from({ length: 25 }, (_, i) => entry(i * 20, { kind: 'move', control: 'stir' }));
    const late = entry(9000, { kind: 'move', control: 'lid', value: 'off' });
    const made = (more: readonly Entry[]) =>
      whatToDo(roastOf([...more, mark(240, 'firstCrack'), pull(10_000, {})])).moves;
    assert.equal(made(stirs).length, 20);
    assert.deepEqual(
      made([...stirs.slice(0, 2), late]).map(({ control }) => control),
      ['stir', 'stir'],
    );
    const carried = carryRecipe(
      { ...recipe, moves: [{ when: { kind: 'at', atS: 7000 }, control: 'lid', value: 'off' }] },
      after,
      pot,
      false,
    );
    assert.deepEqual(
      carried.moves.map(({ when }) => when),
      [{ kind: 'at', atS: 7200 }],
    );
  });
  it('without a first crack carries no mark that is counted from it', () => {
    const guide = { secondCrack: 300, pull: 320 };
    assert.deepEqual(carryRecipe({ ...recipe, guide }, after, pot, false).guide, { pull: 640 });
    assert.deepEqual(
      carryRecipe({ ...recipe, guide: { firstCrack: 320, secondCrack: 320, pull: 320 } }, after, pot, false).guide,
      {
        firstCrack: 640,
        pull: 640,
      },
    );
  });
  it('has the whole seconds that the roast’s own page shows', () => {
    const made = whatToDo(
      roastOf([
        entry(124.6, { kind: 'move', control: 'lid', value: 'off' }),
        mark(240.7, 'firstCrack'),
        pull(320.6, {}),
      ]),
    );
    assert.deepEqual([made.guide.firstCrack, made.guide.pull], [240, 320]);
    assert.deepEqual(made.moves[0]?.when, { kind: 'at', atS: 124 });
    // As after-crack is told there: from 4:00 to 5:20, though 79.9 s were between.
    assert.deepEqual(made.pullRule, { kind: 'afterFirstCrack', seconds: 80 });
  });
  it('is what was really done: moves, shade as it came out, milestones, loss', () => {
    assert.deepEqual(recipe.guide, { yellow: 120, firstCrack: 240, pull: 320 });
    assert.deepEqual(recipe.moves, [{ when: { kind: 'at', atS: 124 }, control: 'lid', value: 'off' }]);
    assert.equal(recipe.shade, 4);
    assert.deepEqual(recipe.pullRule, { kind: 'afterFirstCrack', seconds: 80 }, '75 s were meant, 80 were done');
    assert.equal(recipe.lossPercent, 15);
    assert.deepEqual(recipeSchema.parse(recipe), recipe);
  });
  it('cannot be made of a roast that is still open', () => {
    assert.throws(() => whatToDo(roastOf([mark(100, 'yellow')])), /must have been pulled/);
  });
});

describe('roasting by it', () => {
  const say = (reached: object) =>
    paceWords(paceAgainst(recipe.guide, reached), (milestone) => milestoneNames[milestone]);
  it('says ahead or behind at the last milestone', () => {
    assert.equal(say({}), undefined);
    assert.equal(say({ yellow: 122 }), 'With the recipe at yellow');
    assert.equal(say({ yellow: 122, firstCrack: 252 }), '12 s behind the recipe at first crack');
    assert.equal(say({ firstCrack: 231 }), '9 s ahead of the recipe at first crack');
  });
  it('tells every milestone of a roast that is over', () => {
    const pace = paceAgainst(recipe.guide, { yellow: 121, firstCrack: 252, pull: 310 });
    assert.deepEqual(
      paceParts(pace, (milestone) => milestoneNames[milestone]),
      ['on time at yellow', '12 s behind at first crack', '10 s ahead at pull'],
    );
  });
  const roast = (factor: number, shade: 1 | 4 | 7 = 4) =>
    roastOf([
      mark(120 * factor, 'yellow'),
      mark(240 * factor, 'firstCrack'),
      pull(320 * factor, { grams: 67.2, shade }),
    ]);
  it('is very close, close or another roast', () => {
    assert.equal(closenessTo(recipe, roast(1.02))?.words, 'very close');
    assert.equal(closenessTo(recipe, roast(1.08))?.words, 'close');
    assert.equal(closenessTo(recipe, roast(1.3))?.words, 'another roast');
    assert.equal(closenessTo(recipe, roast(1, 7))?.words, 'another roast');
    assert.ok(Math.abs((closenessTo(recipe, roast(1))?.lossBy ?? 0) - 1) < 1e-6);
    // Every mark an eighth late: so far off is the whole.
    assert.equal(closenessTo(recipe, roast(1.125))?.off.toFixed(4), '0.1250');
    assert.equal(closenessTo(recipe, roastOf([])), undefined);
  });
});

describe('another batch or gear', () => {
  const question = (greenGrams: number, gearId = 'gear:a') => ({
    method: 'stovetopPopper' as const,
    gearId,
    lotId: 'lot:a',
    process: 'washed' as const,
    greenGrams,
    shade: 4 as const,
    rule: recipe.pullRule,
  });
  const [before, after] = [expectationFor(question(150), []), expectationFor(question(200), [])];
  const crank = { method: 'stovetopPopper' as const };

  it('keeps its times in its own circumstances', () => {
    const { guide, moves, pullRule, leftOut } = carryRecipe({ ...recipe, moves: [] }, before, crank, true);
    assert.deepEqual(guide, recipe.guide);
    assert.deepEqual([moves, leftOut, pullRule], [[], [], recipe.pullRule]);
    assert.ok(isOwnBatch(recipe, recipe.gearId, recipe.greenGrams + 1));
    assert.ok(!isOwnBatch(recipe, recipe.gearId, recipe.greenGrams + 5));
    assert.ok(!isOwnBatch(recipe, 'gear:other', recipe.greenGrams));
  });

  it('has the times that the plan shows elsewhere, by its own rule', () => {
    const { guide, ranges } = carryRecipe(recipe, after, crank, false);
    assert.equal(guide.firstCrack, Math.round(after.usualTimes.firstCrack.medianS));
    assert.equal(guide.pull, Math.round(after.usualTimes.pull.medianS));
    assert.ok(Math.abs(guide.pull - (guide.firstCrack ?? 0) - 80) <= 1, '80 s after first crack, as the rule says');
    assert.ok(ranges.pull.earlyS < guide.pull && ranges.pull.lateS > guide.pull);
  });

  it('is in order whatever the batch, and later marks stay between first crack and the pull', () => {
    const whole = {
      ...recipe,
      guide: { yellow: 120, firstCrack: 240, firstCrackEnd: 300, secondCrack: 318, pull: 320 },
    };
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 400 }), (grams) => {
        const {
          yellow = 0,
          firstCrack = 0,
          firstCrackEnd = 0,
          secondCrack = 0,
          pull,
        } = carryRecipe(whole, expectationFor(question(grams), []), crank, false).guide;
        assert.ok(
          yellow < firstCrack && firstCrack <= firstCrackEnd && firstCrackEnd <= secondCrack && secondCrack <= pull,
        );
      }),
    );
  });

  it('moves at times go with the roast; what the gear cannot do is named', () => {
    const flame = { when: { kind: 'at' as const, atS: 120 }, control: 'flame', value: 3 };
    const more = { ...recipe, moves: [...recipe.moves, flame] };
    const { moves, leftOut } = carryRecipe(more, after, crank, false);
    assert.ok(moves.length + leftOut.length === 2);
    const bare = carryRecipe(more, after, { method: 'oven', controls: [] }, false);
    assert.deepEqual([bare.moves, bare.leftOut], [[], more.moves]);
    const byProbe = { ...recipe, pullRule: { kind: 'probe' as const, degreesPast: 9 } };
    assert.equal(carryRecipe(byProbe, after, crank, false).pullRule, undefined, 'no probe, no such rule');
  });

  it('a roast is held against what it was meant to be there', () => {
    const meant = { yellow: 150, firstCrack: 300, pull: 380 };
    const made = roastOf([mark(150, 'yellow'), mark(300, 'firstCrack'), pull(380, { shade: 4 })], { guide: meant });
    assert.equal(closenessTo(recipe, made)?.off, 0);
  });
});
