import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { palePhoto, scorchedWords } from '@/core/diagnose/photoWords.ts';
import { ownScale } from '@/core/record';
import {
  asSeen,
  beansOf,
  evennessSeen,
  finalShade,
  learntShade,
  lookOf,
  measuredShade,
  palerInsideBy,
  type Roast,
  type RoastLook,
  spotsSeen,
} from '@/core/roast';
import { shadeOfLightness, shades } from '@/core/shade';

const pull = (id: string, all: boolean, shade?: number, guessed?: true) => ({
  kind: 'pull',
  id: `entry:${id}`,
  at: 600,
  pressedAt: 600,
  source: 'hand',
  all,
  ...(shade && { shade }),
  ...(guessed && { guessed }),
});
const look = (pullId: string, lightness: number, facts: Partial<RoastLook> = {}) =>
  ({
    id: `look:${pullId}${lightness}`,
    takenAt: '2026-11-20T10:00:00.000Z',
    pullId: `entry:${pullId}`,
    of: 'whole',
    lightness,
    least: lightness - 3,
    most: lightness + 3,
    measured: 50,
    ...facts,
  }) as RoastLook;
const roast = (entries: object[], looks?: RoastLook[], facts: Partial<Roast> = {}) =>
  ({ entries, looks, wantedShade: 4, ...facts }) as unknown as Roast;

describe('what a photo shows of a roast', () => {
  it('is the newest of the whole beans of a pull, the last pull’s unless said', () => {
    const staged = roast(
      [pull('aaaa', false, 3), pull('bbbb', true, 5)],
      [look('aaaa', 36), look('bbbb', 27), look('bbbb', 25), look('bbbb', 40, { of: 'ground' })],
    );
    assert.equal(lookOf(staged)?.lightness, 25);
    assert.equal(measuredShade(staged, 'entry:aaaa'), 3);
    assert.equal(lookOf(roast([pull('aaaa', true)])), undefined);
    assert.equal(palerInsideBy(staged), 15);
    assert.equal(palerInsideBy(staged, 'entry:aaaa' as never), undefined);
  });

  it('is learnt from before the shade that was named, and the name stays', () => {
    const one = roast([pull('aaaa', true, 4)], [look('aaaa', 39)]);
    assert.deepEqual([learntShade(one), finalShade(one)], [2, 4]);
    assert.equal(learntShade(roast([pull('aaaa', true, 4)])), 4);
    // Within what the photo leaves open, the eye stands.
    assert.equal(learntShade(roast([pull('aaaa', true, 4)], [look('aaaa', 32.8)])), 4);
    // Whose medium lies five lighter than the table’s calls it light-medium.
    assert.equal(measuredShade(one, undefined, 5), 3);
  });

  it('stands where nobody said how even or spotted the beans are', () => {
    const spread = (value: number, facts: Partial<Roast> = {}) =>
      evennessSeen(roast([pull('aaaa', true)], [look('aaaa', 30, { spread: value })], facts));
    assert.deepEqual([spread(2), spread(5), spread(8)], ['even', 'someSpread', 'patchy']);
    assert.equal(spread(8, { evenness: 'even' }), 'even');
    const spots = (share: number | undefined, facts: Partial<Roast> = {}) =>
      spotsSeen(
        roast([pull('aaaa', true)], [look('aaaa', 30, share === undefined ? {} : { scorchedShare: share })], facts),
      );
    assert.deepEqual([spots(0), spots(0.05), spots(0.3), spots(undefined)], ['none', 'some', 'many', undefined]);
    assert.equal(spots(0.3, { spots: 'none' }), 'none');
  });

  it('fills in for the findings what is not said, the bite by ground coffee', () => {
    const seen = asSeen(
      roast(
        [pull('aaaa', true)],
        [look('aaaa', 30, { spread: 7, scorchedShare: 0.2 }), look('aaaa', 41, { of: 'ground' })],
      ),
    );
    assert.deepEqual([seen.evenness, seen.spots, seen.bite], ['patchy', 'many', 'palerInside']);
    const plain = roast([pull('aaaa', true)]);
    assert.deepEqual(asSeen(plain), plain);
  });

  it('is evidence in numbers', () => {
    const one = roast([pull('aaaa', true)], [look('aaaa', 30, { paleShare: 0.1, scorchedShare: 0.2 })]);
    assert.deepEqual(beansOf({ measured: 58, beans: 76 }, 0.17), { count: 13, words: '13 of about 76 beans' });
    assert.match(palePhoto(one) ?? '', /^In the photo 5 of 50 beans are much paler/);
    assert.equal(scorchedWords(one, 'Many'), 'In the photo 10 of 50 beans have scorched spots.');
    assert.equal(scorchedWords(roast([pull('aaaa', true)]), 'Some'), 'Some beans have scorched spots.');
    assert.equal(palePhoto(roast([pull('aaaa', true)], [look('aaaa', 30, { paleShare: 0.02 })])), undefined);
  });
});

describe('a scale of one’s own', () => {
  it('is the table’s for those who named nothing, and moves towards the eye with each roast', () => {
    assert.deepEqual(ownScale([]), { lies: 0, shades: [], count: 0 });
    const named = (count: number) =>
      ownScale(Array.from({ length: count }, () => roast([pull('aaaa', true, 4)], [look('aaaa', 34)])));
    const lies = [1, 3, 9].map((count) => named(count).lies);
    assert.deepEqual(lies, [1, 2, 3]);
    assert.deepEqual(named(3).shades, [{ shade: 4, lightness: 34, count: 3 }]);
  });

  it('leaves out what a photo proposed and nobody confirmed', () => {
    assert.equal(ownScale([roast([pull('aaaa', true, 4, true)], [look('aaaa', 34)])]).count, 0);
  });
});

describe('a shade by its lightness', () => {
  it('is the nearest of the table, and the ends hold beyond it', () => {
    for (const { number, lightness } of shades) assert.equal(shadeOfLightness(lightness), number);
    assert.deepEqual([shadeOfLightness(90), shadeOfLightness(0), shadeOfLightness(32.4)], [1, 7, 4]);
  });
});
