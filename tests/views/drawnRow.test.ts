import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { drawnRow } from '@/ui/rows/drawnRow';
import { mark, pull, roastOf } from '../core/build.ts';

const names = { lot: undefined, gear: undefined, lotName: 'Lantern hill', gearName: 'Blue popper' };

describe('drawnRow', () => {
  it('reads loss and shade from the pull', () => {
    const roast = { ...roastOf([mark(240, 'firstCrack'), pull(320, { grams: 85, shade: 4 })]), greenGrams: 100 };
    const row = drawnRow({ ...names, roast });
    assert.equal(row.lossPercent, 15);
    assert.deepEqual(row.shades, [{ shade: 4, looked: true }]);
    assert.equal(row.ribbon.milestones.firstCrack, 240);
  });
  it('leaves open what nobody weighed or looked at', () => {
    const row = drawnRow({ ...names, roast: roastOf([mark(240, 'firstCrack')]) });
    assert.equal(row.lossPercent, undefined);
    assert.deepEqual(row.shades, [{ shade: 4, looked: false }]);
    assert.equal(row.ribbon.milestones.pull, undefined);
  });
});
