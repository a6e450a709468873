import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  differenceSentence,
  differencesBetween,
  figuresOf,
  plannedAgainstDone,
  type RoastFigures,
  repeatabilityOf,
} from '@/core/compare';
import { controlCatalogue } from '@/core/gear';
import { writtenAs } from '@/core/household';
import type { Entry, Roast } from '@/core/roast';
import type { Cup } from '@/core/taste';
import { entry, mark, pull, roastOf } from '../build.ts';

const written = writtenAs();

const roast = (yellow: number, firstCrack: number, pulled: number, gramsOut?: number, facts = {}) =>
  roastOf(
    [
      mark(yellow, 'yellow'),
      mark(firstCrack, 'firstCrack'),
      pull(pulled, gramsOut ? { grams: gramsOut, shade: 4 } : {}),
    ],
    facts,
  );

describe('two roasts', () => {
  // Worked by hand: first crack 240 → 288 (+0:48), after-crack 80 → 100 (+20 s), loss 15 → 16.25 % of 80 g.
  const base = figuresOf(roast(120, 240, 320, 68), []);
  const other = figuresOf(roast(130, 288, 388, 67), []);
  it('differ as worked out by hand, in the words of the journal', () => {
    const said = differencesBetween(base, other).map((each) => differenceSentence(each, written));
    assert.ok(said.includes('first crack 48 s later'), said.join(', '));
    assert.ok(said.includes('after-crack 20 s longer'));
    assert.ok(said.includes('browning 38 s longer'));
    assert.ok(said.includes('pull 1:08 later'));
    assert.ok(said.includes('drying 10 s longer'));
    assert.ok(said.includes('loss 1.3 points higher'));
    assert.equal(said.length, 6);
  });
  it('differ by what anybody finds who subtracts the times that are shown', () => {
    // Shown: 2:40, 9:20, 14:34 against 2:52, 6:00, 7:15; after-crack 5:14 against 1:15.
    const [long, short] = [roast(160.9, 560.1, 874.9), roast(172.2, 360.8, 435.1)].map((each) => figuresOf(each, []));
    const said = differencesBetween(long as RoastFigures, short as RoastFigures);
    assert.deepEqual(
      new Set(said.map((each) => differenceSentence(each, written))),
      new Set([
        'first crack 3:20 earlier',
        'pull 7:19 earlier',
        'drying 12 s longer',
        'browning 3:32 shorter',
        'after-crack 3:59 shorter',
      ]),
    );
  });
  it('the weightiest difference comes first', () => {
    const weights = differencesBetween(base, other).map(({ weight }) => weight);
    assert.deepEqual(
      weights,
      [...weights].sort((a, b) => b - a),
    );
  });
  it('say each other’s opposite the other way round', () => {
    const back = differencesBetween(other, base).map((each) => differenceSentence(each, written));
    assert.ok(back.includes('first crack 48 s earlier') && back.includes('loss 1.3 points lower'));
  });
  it('the same roast differs in nothing, whatever its figures', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 600 }), fc.integer({ min: 10, max: 600 }), (yellow, more) => {
        const its = figuresOf(roast(yellow, yellow + more, yellow + 2 * more), []);
        assert.deepEqual(differencesBetween(its, its), []);
      }),
      { seed: 61 },
    );
  });
  it('leaves out what one of them lacks, and never guesses', () => {
    const bare = figuresOf(roastOf([pull(320)]), []);
    const said = differencesBetween(base, bare).map((each) => differenceSentence(each, written));
    assert.deepEqual(said, []);
  });
  it('other gear, hot gear, other weather and the batch are told too', () => {
    const facts = { gearHot: true as const, ambientC: 5, greenGrams: 95, gearId: 'gear:test0009' as never };
    const warm = figuresOf(roast(120, 240, 320, undefined, { ambientC: 20 }), []);
    const said = differencesBetween(warm, figuresOf(roast(120, 240, 320, undefined, facts), [])).map((each) =>
      differenceSentence(each, written),
    );
    assert.deepEqual(said.sort(), ['15 g more green', '15 °C colder around it', 'begun in hot gear', 'in other gear']);
  });
  it('tastes are the mean of the cups', () => {
    const cups = [
      { sheet: { overall: 7 }, words: ['tart'] },
      { sheet: { overall: 8 }, words: ['tart', 'honey'] },
    ];
    const its = figuresOf(roast(120, 240, 320), cups as unknown as Cup[]);
    assert.equal(its.overall, 7.5);
    assert.deepEqual(its.words, ['tart', 'honey']);
  });
});

describe('planned against done', () => {
  const lidOff = { when: { kind: 'at' as const, atS: 60 }, control: 'lid', value: 'off' };
  const planned = {
    wantedShade: 4 as const,
    pullRule: { kind: 'afterFirstCrack' as const, seconds: 80 },
    plannedMoves: [lidOff],
  };
  const told = (facts: Partial<Roast>, ...entries: Entry[]) =>
    plannedAgainstDone(roastOf(entries, { ...planned, ...facts }), written, [controlCatalogue.fahrenheit]);
  const lid = (at: number, value = 'off') => entry(at, { kind: 'move', control: 'lid', value });
  const cracked = mark(240, 'firstCrack');
  it('tells what came otherwise, and nothing where all came as planned', () => {
    assert.deepEqual(told({}, cracked, lid(62), pull(322)), []);
    assert.deepEqual(told({}, cracked, pull(360, { shade: 7 })), [
      'meant to be medium, came out very dark',
      'meant to be pulled 80 s after first crack, pulled 40 s later',
      'planned lid off, not noted as done',
    ]);
    const drum = { plannedMoves: [{ ...lidOff, control: 'ovenF', value: 450 }] };
    assert.equal(told(drum, cracked, pull(322)).at(-1), 'planned oven 450 °F, not noted as done');
  });
  it('a rule is one of seconds from any crack, and which part of a staged pull it is for it does not say', () => {
    const into = { pullRule: { kind: 'intoSecondCrack' as const, seconds: 30 }, plannedMoves: [] };
    const second = mark(400, 'secondCrack');
    assert.deepEqual(told(into, cracked, second, pull(420)), [
      'meant to be pulled 30 s into second crack, pulled 10 s earlier',
    ]);
    const plannedParts = [3, 7].map((shade) => ({ shade: shade as 3 | 7, share: 0.5 }));
    // What counts of it is what its last part was meant to be.
    assert.deepEqual(told({ plannedParts, plannedMoves: [] }, cracked, pull(360, { shade: 7 })), []);
    assert.deepEqual(told(into, cracked, pull(420)), [], 'no second crack was marked');
    assert.deepEqual(told({ ...into, pullRule: { kind: 'colour' } }, cracked, second, pull(420)), []);
  });
  it('a move is told by its own time: made late, skipped, or taken back before it', () => {
    const each = [...['off', 'on', 'off'].map((value, i) => lid(20 + i, value)), lid(110)];
    const moves = (...entries: Entry[]) => told({ pullRule: undefined }, ...entries);
    assert.deepEqual(moves(lid(110)), ['planned lid off, made 50 s later']);
    assert.deepEqual(moves(lid(20)), ['planned lid off, made 40 s earlier']);
    assert.deepEqual(moves(lid(20), lid(30, 'on')), ['planned lid off, not noted as done']);
    assert.deepEqual(moves(...each), ['planned lid off, made 38 s earlier']);
    assert.deepEqual(moves(entry(70, { kind: 'skip', planned: 0 })), ['planned lid off, skipped']);
    const stir = { plannedMoves: [{ when: lidOff.when, control: 'stir' }] };
    const stirred = (at: number) => told(stir, entry(at, { kind: 'move', control: 'stir' }), cracked, pull(320));
    assert.deepEqual([20, 65].map(stirred), [['planned stir, not noted as done'], []]);
  });
});

describe('repeatability', () => {
  const figures = (pulled: number, greenGrams = 80, facts: Partial<RoastFigures> = {}): RoastFigures => ({
    ...figuresOf(roast(120, 240, pulled), []),
    greenGrams,
    ambientC: 18,
    ...facts,
  });
  it('of a handful is the standard deviation over the mean', () => {
    const { spread, shares, newerAgainstOlder } = repeatabilityOf([310, 320, 330].map((pulled) => figures(pulled)));
    assert.ok(Math.abs((spread.total ?? 0) - 10 / 320) < 1e-9);
    assert.equal(spread.drying, 0);
    assert.equal(shares, undefined);
    assert.equal(newerAgainstOlder, undefined);
  });
  it('knows the weight of the batch when that is what differs', () => {
    const all = Array.from({ length: 16 }, (_, i) => {
      const green = 70 + ((i * 7) % 16) * 2;
      return figures(320 * (green / 80) ** 0.5, green);
    });
    const { shares } = repeatabilityOf(all);
    assert.ok((shares?.grams ?? 0) > 0.85, JSON.stringify(shares));
    assert.ok((shares?.left ?? 1) < 0.15);
  });
  it('leaves to the hand what neither weight, weather nor hot gear explains', () => {
    const all = Array.from({ length: 20 }, (_, i) => figures(320 + 25 * Math.sin(i * 2.4), 78 + ((i * 5) % 7)));
    const { shares } = repeatabilityOf(all);
    assert.ok((shares?.left ?? 0) > 0.6, JSON.stringify(shares));
  });
  it('sees that one gets steadier over the months', () => {
    const wild = [280, 360, 290, 350, 300];
    const steady = [318, 322, 320, 319, 321];
    assert.ok((repeatabilityOf([...wild, ...steady].map((pulled) => figures(pulled))).newerAgainstOlder ?? 9) < 0.2);
    assert.ok((repeatabilityOf([...steady, ...wild].map((pulled) => figures(pulled))).newerAgainstOlder ?? 0) > 5);
  });
  it('shares add up to the whole for any roasts', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 200, max: 500 }), fc.integer({ min: 60, max: 110 }), fc.boolean()), {
          minLength: 6,
          maxLength: 30,
        }),
        (drawn) => {
          const { shares } = repeatabilityOf(
            drawn.map(([pulled, green, gearHot]) => figures(pulled + 60, green, { gearHot })),
          );
          const sum = shares ? shares.grams + shares.ambient + shares.hot + shares.left : 1;
          assert.ok(Math.abs(sum - 1) < 1e-6 && Object.values(shares ?? {}).every((share) => share >= 0));
        },
      ),
      { seed: 62 },
    );
  });
  it('refuses fewer than three', () => {
    assert.throws(() => repeatabilityOf([figures(300)]), { message: 'figures must hold at least 3 roasts, got 1' });
  });
});
