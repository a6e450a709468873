import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { expectationFor } from '@/core/forecast';
import type { Id } from '@/core/ids';
import { closenessTo, paceAgainst, paceParts, paceWords, recipeFrom, recipeSchema, scaledRecipe } from '@/core/recipe';
import { milestoneNames } from '@/core/roast';
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
const recipe = recipeFrom(good, named);

describe('a recipe', () => {
  it('is what was really done: moves, shade as it came out, milestones, loss', () => {
    assert.deepEqual(recipe.guide, { yellow: 120, firstCrack: 240, pull: 320 });
    assert.deepEqual(recipe.moves, [{ when: { kind: 'at', atS: 124 }, control: 'lid', value: 'off' }]);
    assert.equal(recipe.shade, 4);
    assert.deepEqual(recipe.pullRule, { kind: 'afterFirstCrack', seconds: 80 }, '75 s were meant, 80 were done');
    assert.equal(recipe.lossPercent, 15);
    assert.deepEqual(recipeSchema.parse(recipe), recipe);
  });
  it('cannot be made of a roast that is still open', () => {
    assert.throws(() => recipeFrom(roastOf([mark(100, 'yellow')]), named), /must have been pulled/);
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
    assert.equal(closenessTo(recipe, roastOf([])), undefined);
  });
});

describe('another batch or gear', () => {
  const question = (greenGrams: number) => ({
    method: 'pan' as const,
    gearId: 'gear:a',
    lotId: 'lot:a',
    process: 'washed' as const,
    greenGrams,
    shade: 4 as const,
  });
  const [before, after] = [expectationFor(question(150), []), expectationFor(question(200), [])];
  const simulated = { firstCrackTimes: 1.2, pullTimes: 1.2, stuck: false };
  it('lies between what the simulation and what one’s own roasts say, and says how sure that is', () => {
    const { guide, ownShare } = scaledRecipe(recipe, before, after, simulated, true);
    const own = after.at.firstCrack.medianS / before.at.firstCrack.medianS;
    const factor = (guide.firstCrack?.medianS ?? 0) / 240;
    assert.ok(factor > Math.min(own, 1.2) && factor < Math.max(own, 1.2), `${factor}`);
    assert.ok((guide.firstCrack?.earlyS ?? 0) < 240 * factor && (guide.firstCrack?.lateS ?? 0) > 240 * factor);
    assert.ok(ownShare > 0 && ownShare < 0.5, 'without own roasts the simulation says most');
  });
  it('leans on the household’s roasts the more there are', () => {
    const past = Array.from({ length: 30 }, (_, i) => ({
      ...question(130 + (i % 8) * 10),
      reached: { yellow: 400, firstCrack: 760 + (i % 8) * 20, pull: 940 + (i % 8) * 22 },
    }));
    const learned = scaledRecipe(
      recipe,
      expectationFor(question(150), past),
      expectationFor(question(200), past),
      simulated,
      true,
    );
    assert.ok(learned.ownShare > scaledRecipe(recipe, before, after, simulated, true).ownShare);
  });
  it('moves at times go with the roast; on other gear they are left out', () => {
    const { moves } = scaledRecipe(recipe, before, after, simulated, true);
    assert.ok(moves[0]?.when.kind === 'at' && moves[0].when.atS > 124);
    const other = scaledRecipe(recipe, before, after, simulated, false);
    assert.deepEqual([other.moves, other.leftOut], [[], 1]);
  });
});
