import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  clockDoubt,
  clockJumpMs,
  elapsedS,
  finalShade,
  isUnderWay,
  momentMs,
  pulledMs,
  roastedGrams,
} from '@/core/roast';
import { mark, pull, roastOf } from '../build.ts';

const chargedMs = Date.parse('2026-11-24T10:00:00Z');

describe('the clock', () => {
  it('counts from the charge’s wall-clock time', () => {
    assert.equal(elapsedS(roastOf([]), chargedMs + 276_000), 276);
    assert.equal(elapsedS(roastOf([], { chargedAt: undefined }), chargedMs), undefined);
  });
  it('finds a jump of the device’s clock, forward and back, and is right once it is taken out', () => {
    for (const jumpMs of [3_600_000, -120_000]) {
      const roast = roastOf([]);
      const nowMs = chargedMs + 60_000 + jumpMs;
      assert.equal(clockJumpMs(roast, nowMs, 60_000), jumpMs);
      assert.equal(elapsedS({ ...roast, clockShiftMs: jumpMs }, nowMs), 60);
      assert.equal(clockJumpMs({ ...roast, clockShiftMs: jumpMs }, nowMs, 60_000), 0);
    }
  });
  it('knows the moment of a time of the roast, as the device’s clock is set now', () => {
    const roast = roastOf([mark(240, 'firstCrack'), pull(320)], { clockShiftMs: 5000 });
    assert.equal(momentMs(roast, 240), chargedMs + 245_000);
    assert.equal(elapsedS(roast, momentMs(roast, 240) ?? 0), 240);
    assert.equal(pulledMs(roast), chargedMs + 325_000);
    assert.equal(pulledMs(roastOf([])), undefined);
    assert.equal(momentMs(roastOf([], { chargedAt: undefined }), 240), undefined);
  });
  it('leaves drift of less than two seconds alone', () =>
    assert.equal(clockJumpMs(roastOf([]), chargedMs + 61_500, 60_000), 0));
});

describe('the state of a roast', () => {
  it('is under way until everything is pulled', () => {
    assert.equal(isUnderWay(roastOf([mark(120, 'yellow')])), true);
    assert.equal(isUnderWay(roastOf([pull(300, { all: false })])), true);
    assert.equal(isUnderWay(roastOf([pull(300)])), false);
  });
  it('weighs all parts together, once all are weighed', () => {
    assert.equal(roastedGrams(roastOf([pull(300, { grams: 20, all: false }), pull(330, { grams: 45.5 })])), 65.5);
    assert.equal(roastedGrams(roastOf([pull(300, { all: false }), pull(330, { grams: 45.5 })])), undefined);
    assert.equal(roastedGrams(roastOf([pull(300, { grams: 20, all: false })])), undefined);
  });
  it('has the shade of its last pull', () => {
    assert.equal(finalShade(roastOf([pull(300, { shade: 4, all: false }), pull(330, { shade: 7 })])), 7);
    assert.equal(finalShade(roastOf([])), undefined);
  });
});

describe('a clock that is doubted', () => {
  const roast = {
    chargedAt: '2026-11-24T10:00:00.000Z',
    clockShiftMs: 0,
    entries: [{ at: 432 }, { at: 120 }],
  } as never;
  const at = (s: number) => Date.parse('2026-11-24T10:00:00.000Z') + s * 1000;

  it('stands before the last mark after a restart', () => {
    assert.deepEqual(clockDoubt(roast, at(-3600)), { kind: 'behind', byMs: -4_032_000 });
    assert.deepEqual(clockDoubt(roast, at(400)), { kind: 'behind', byMs: -32_000 });
  });

  it('leapt while the page was out of sight', () => {
    assert.deepEqual(clockDoubt(roast, at(4100), 500_000), { kind: 'leapt', byMs: 3_600_000 });
  });

  it('is not doubted at a mark, after it, for a short sleep, or before the charge', () => {
    assert.equal(clockDoubt(roast, at(432)), undefined);
    assert.equal(clockDoubt(roast, at(9000)), undefined);
    assert.equal(clockDoubt(roast, at(700), 500_000), undefined);
    assert.equal(clockDoubt({ clockShiftMs: 0, entries: [] } as never, at(5)), undefined);
  });
});
