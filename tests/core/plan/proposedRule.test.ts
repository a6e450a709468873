import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { isUnusualRule, type PullRecord, proposedRule, pullRecordOf } from '@/core/plan';
import type { RoastLook } from '@/core/roast';
import { shadeNumbers, shadeOf } from '@/core/shade';
import { entry, mark } from '../build.ts';

const popper = { method: 'hotAirPopper' as const };
const pulled = (shade: PullRecord['shade'], afterFirstCrack: number, intoSecondCrack?: number): PullRecord => ({
  shade,
  afterFirstCrack,
  afterFirstCrackEnd: undefined,
  intoSecondCrack,
});

describe('the pull that is proposed', () => {
  it('is the method’s on new gear, and another one for every shade', () => {
    // Table 4: a popper is pulled at medium 320 − 240 = 80 s after first crack.
    const all = shadeNumbers.map((shade) => proposedRule(popper, shade, []));
    assert.deepEqual(all[3], { rule: { kind: 'afterFirstCrack', seconds: 80 }, fromRoasts: 0 });
    const seconds = all.slice(0, 5).map(({ rule }) => ('seconds' in rule ? rule.seconds : -1));
    assert.deepEqual(
      seconds,
      [...seconds].sort((a, b) => a - b),
    );
    assert.equal(new Set(seconds).size, 5);
    assert.equal(all[6]?.rule.kind, 'intoSecondCrack');
  });
  it('is the median of the own roasts of that shade', () => {
    const records = [pulled(4, 100), pulled(4, 108), pulled(4, 131), pulled(2, 20)];
    assert.deepEqual(proposedRule(popper, 4, records), {
      rule: { kind: 'afterFirstCrack', seconds: 110 },
      fromRoasts: 3,
    });
    const dark = proposedRule(popper, 6, [pulled(6, 150, 22), pulled(6, 160, 28)], 'intoSecondCrack');
    assert.deepEqual(dark, { rule: { kind: 'intoSecondCrack', seconds: 25 }, fromRoasts: 2 });
  });
  it('goes by other shades’ roasts where there are two, each by its share, and not by a single one', () => {
    const two = proposedRule(popper, 2, [pulled(4, 120), pulled(4, 120)]);
    const byMethod = proposedRule(popper, 2, []);
    assert.equal(two.fromRoasts, 2);
    const [own, usual] = [two, byMethod].map(({ rule }) => ('seconds' in rule ? rule.seconds : 0));
    // Half as long again after first crack at medium, so at cinnamon too.
    assert.ok(own && usual && Math.abs(own / usual - 1.5) < 0.15, `${own} s for ${usual} s`);
    assert.deepEqual(proposedRule(popper, 2, [pulled(4, 120)]), byMethod);
  });
  it('keeps the kind that is asked for where it fits, and gives way where it does not', () => {
    assert.equal(proposedRule(popper, 4, [], 'colour').rule.kind, 'colour');
    assert.equal(proposedRule(popper, 4, [], 'intoSecondCrack').rule.kind, 'afterFirstCrack');
    assert.equal(proposedRule(popper, 7, [], 'afterFirstCrack').rule.kind, 'intoSecondCrack');
  });
  it('learns from whole roasts that were looked at only', () => {
    const log = [mark(120, 'yellow'), mark(240, 'firstCrack'), mark(300, 'firstCrackEnd')];
    const pull = (facts: object) => entry(340, { kind: 'pull', all: true, ...facts });
    assert.deepEqual(pullRecordOf({ entries: [...log, pull({ shade: 4 })] }), {
      ...pulled(4, 100),
      afterFirstCrackEnd: 40,
    });
    assert.equal(pullRecordOf({ entries: [...log, pull({})] }), undefined);
    const part = entry(280, { kind: 'pull', all: false, shade: 3 });
    assert.equal(pullRecordOf({ entries: [...log, part, pull({ shade: 5 })] }), undefined);
    assert.equal(pullRecordOf({ entries: [mark(120, 'yellow'), pull({ shade: 4 })] }), undefined);
    // A photo is believed before a name that lies far off it, and a crack that is asked about is not.
    const out = pull({ shade: 4 });
    const dark = shadeOf(6).lightness;
    const look = { of: 'whole', pullId: out.id, lightness: dark, least: dark - 1, most: dark + 1, measured: 40 };
    const looks = [{ ...look, id: 'look:one00000', takenAt: '2026-11-20T10:00:00.000Z' } as unknown as RoastLook];
    assert.equal(pullRecordOf({ entries: [...log, out], looks })?.shade, 6);
    assert.equal(pullRecordOf({ entries: [mark(20, 'firstCrack'), out] }), undefined);
  });
  it('is far from a rule that was set by hand when it is a third and fifteen seconds off', () => {
    const rule = (seconds: number) => ({ kind: 'afterFirstCrack', seconds }) as const;
    assert.equal(isUnusualRule(rule(80), rule(30)), true);
    assert.equal(isUnusualRule(rule(80), rule(90)), false);
    assert.equal(isUnusualRule(rule(10), rule(20)), false, 'ten seconds are nothing');
    assert.equal(isUnusualRule({ kind: 'colour' }, rule(20)), false);
  });
});
