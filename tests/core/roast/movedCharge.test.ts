import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  chargeFault,
  chargePressedS,
  type Entry,
  fromChargeS,
  fromPressS,
  lastDone,
  lateOne,
  liveEntries,
  milestonesOf,
  movedCharge,
  type Roast,
  withHeatWrite,
} from '@/core/roast';
import { anyDeed, entry, mark, playDeeds, pull, roastOf } from '../build.ts';

const START = '2026-11-24T10:00:00.000Z';
const at = (seconds: number) => new Date(Date.parse(START) + seconds * 1000).toISOString();
const charged = (entries: readonly Entry[], facts: Partial<Roast> = {}): Roast => ({
  ...roastOf([...entries]),
  createdAt: START,
  chargedAt: START,
  ...facts,
});
const times = (roast: Roast) => milestonesOf(liveEntries(roast.entries));

describe('a charge that was pressed late', () => {
  it('is put earlier, and the log keeps its moments', () => {
    const stir = entry(30, { kind: 'move', control: 'stir' });
    const yellow = mark(120, 'yellow');
    const corrected = entry(140, { kind: 'amend', target: yellow.id, happenedAt: 118 });
    const roast = charged([stir, yellow, corrected, mark(300, 'firstCrack'), pull(400)]);
    const moved = movedCharge(roast, -15);
    assert.deepEqual([moved.chargedAt, moved.chargePressedAt, chargePressedS(moved)], [at(-15), START, 15]);
    assert.deepEqual([fromPressS(moved, 133), fromChargeS(moved, 118)], [118, 133]);
    assert.deepEqual(times(moved), { yellow: 133, firstCrack: 315, pull: 415 });
    assert.deepEqual(movedCharge(moved, 15), roast, 'and back');
    assert.equal(movedCharge(roast, 0), roast);
    assert.deepEqual(movedCharge(moved, 20).chargePressedAt, START, 'pressed once, however often it is moved');
  });

  it('leaves every moment by the wall clock, and its number, alone', () => {
    fc.assert(
      fc.property(fc.array(anyDeed), fc.integer({ min: -900, max: 900 }), (deeds, byS) => {
        const roast = charged(playDeeds(deeds));
        const back = movedCharge(movedCharge(roast, byS), -byS);
        assert.deepEqual(
          back.entries.map((each) => [each.id, each.at.toFixed(2)]),
          roast.entries.map((each) => [each.id, each.at.toFixed(2)]),
        );
        assert.deepEqual([back.chargedAt, back.chargePressedAt], [START, undefined]);
      }),
    );
  });

  const preheated = charged([entry(-100, { kind: 'move', control: 'flame', value: 6 }), mark(120, 'yellow')], {
    preheatedAt: at(-180),
  });
  const faults: readonly [string, Roast, number, unknown][] = [
    ['earlier, after a preheat', preheated, -180, undefined],
    ['before the preheat', preheated, -181, { kind: 'beforePreheat', preheatS: 180 }],
    ['later, before any mark', preheated, 119, undefined],
    ['later than a mark', preheated, 120, { kind: 'afterMilestone', milestone: 'yellow', atS: 120 }],
    ['further than a log reaches', charged([pull(600)]), -86_000, { kind: 'outOfLog' }],
    ['without a charge', roastOf([]), -5, undefined],
  ];
  for (const [what, roast, byS, fault] of faults)
    it(`can be put ${what}: ${fault ? 'no' : 'yes'}`, () => {
      assert.deepEqual(chargeFault(roast, byS), fault);
    });
  it('needs a charge', () => {
    const { chargedAt: _, ...preheating } = preheated;
    assert.deepEqual(chargeFault(preheating, -5), { kind: 'notCharged' });
    assert.equal(movedCharge(preheating, -5), preheating);
  });
});

describe('at the heat', () => {
  it('the charge is what −5 s puts earlier until something else is pressed, and Undo goes back step by step', () => {
    const flame = entry(-3, { kind: 'move', control: 'flame', value: 6 });
    const roast = charged([flame], { preheatedAt: at(-60) });
    assert.equal(lateOne(roast, liveEntries(roast.entries)), 'charge');
    assert.equal(lastDone(roast), 'charge');
    const write = { kind: 'moveCharge', roastId: roast.id, chargedAt: START, to: at(-5) } as const;
    const moved = withHeatWrite(roast, write);
    assert.equal(withHeatWrite(moved, write), moved, 'a second try does nothing');
    // The flame was set before the press, though after the beans went in.
    assert.deepEqual(
      liveEntries(moved.entries).map((each) => each.at),
      [2],
    );
    assert.equal(lateOne(moved, liveEntries(moved.entries)), 'charge');
    assert.equal(lastDone(moved), 'movedCharge');
    const marked = { ...moved, entries: [...moved.entries, mark(100, 'yellow')] };
    assert.equal((lateOne(marked, liveEntries(marked.entries)) as Entry).kind, 'mark');
    assert.equal((lastDone(marked) as Entry).kind, 'mark');
    const taken = withHeatWrite(moved, { kind: 'uncharge', roastId: roast.id, chargedAt: moved.chargedAt as string });
    assert.deepEqual([taken.chargePressedAt, taken.entries[0]?.at], [undefined, 57]);
  });

  it('beans do not go in before their gear was heated', () => {
    const roast = charged([], { preheatedAt: at(-4) });
    assert.equal(lateOne(roast, []), undefined);
  });
});
