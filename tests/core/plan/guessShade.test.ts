import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { estimateLoss, guessShade, type LossRecord, type ShadeSigns } from '@/core/plan';
import { liveEntries } from '@/core/roast';
import { type ShadeNumber, shadeNumbers, shadeOf } from '@/core/shade';
import { entry, pull } from '../build.ts';

const signs = (facts: Partial<ShadeSigns>): ShadeSigns => ({
  gearId: 'gear:a',
  lotId: 'lot:a',
  meant: 4,
  reached: {},
  mediumAfterS: 100,
  ...facts,
});
const record = (shade: ShadeNumber, lossPercent: number, guessed?: true): LossRecord => ({
  gearId: 'gear:a',
  lotId: 'lot:b',
  shade,
  lossPercent,
  guessed,
});

describe('a guessed shade', () => {
  it('is the table’s own where loss, cracks and time are', () => {
    for (const shade of shadeNumbers) {
      const { lossPercent, afterCrackShare } = shadeOf(shade);
      const out = 300 + 100 * afterCrackShare;
      const second = { 5: 5, 6: 25, 7: 50 }[shade as 5];
      const reached = { firstCrack: 300, pull: out, ...(second === undefined ? {} : { secondCrack: out - second }) };
      const guess = guessShade(signs({ meant: shade, lossPercent: lossPercent.mean, reached }), []);
      assert.equal(guess?.shade, shade);
      assert.deepEqual(guess?.by, second === undefined ? ['loss', 'time'] : ['loss', 'cracks', 'time']);
    }
  });
  it('leaves what was meant when all signs lie elsewhere', () => {
    const reached = { firstCrack: 300, secondCrack: 400, pull: 425 };
    assert.equal(guessShade(signs({ lossPercent: 18, reached }), [])?.shade, 6);
    assert.ok((guessShade(signs({ lossPercent: 12.4, reached: { firstCrack: 300, pull: 350 } }), [])?.shade ?? 9) < 4);
  });
  it('goes by what this gear loses', () => {
    const losing = Array.from({ length: 20 }, () => record(4, 12.5));
    const time = { firstCrack: 300, pull: 400 };
    assert.equal(guessShade(signs({ lossPercent: 12.6, reached: time }), losing)?.shade, 4);
    assert.notEqual(guessShade(signs({ lossPercent: 12.6, reached: { firstCrack: 300, pull: 360 } }), [])?.shade, 4);
  });
  it('is none where nothing tells', () => {
    assert.equal(guessShade(signs({}), []), undefined);
    assert.equal(guessShade(signs({ reached: { yellow: 100, pull: 400 } }), []), undefined);
  });
  it('teaches losses less than a look does', () => {
    const looked = estimateLoss({ gearId: 'gear:a', lotId: 'lot:a', shade: 4 }, [record(4, 17.7)]).meanPercent;
    const guessed = estimateLoss({ gearId: 'gear:a', lotId: 'lot:a', shade: 4 }, [record(4, 17.7, true)]).meanPercent;
    // By hand: 3 points off, one roast on the gear at variance 1 + 1 against the prior's 1.5²; a guess at variance 1 + 4.
    assert.ok(Math.abs(looked - (14.7 + (3 * (1 / 2)) / (1 / 2.25 + 1 / 2))) < 1e-9, String(looked));
    assert.ok(Math.abs(guessed - (14.7 + (3 * (1 / 5)) / (1 / 2.25 + 1 / 5))) < 1e-9, String(guessed));
  });
  it('is a guess until somebody looks, and then is none', () => {
    const out = pull(400);
    const guess = entry(401, { kind: 'amend', target: out.id, shade: 4, guessed: true });
    const look = entry(402, { kind: 'amend', target: out.id, shade: 5 });
    const of = (...log: Parameters<typeof liveEntries>[0][number][]) => {
      const [live] = liveEntries(log);
      return live?.kind === 'pull' ? [live.shade, live.guessed] : [];
    };
    assert.deepEqual(
      [of(out, guess), of(out, guess, look)],
      [
        [4, true],
        [5, undefined],
      ],
    );
  });
});
