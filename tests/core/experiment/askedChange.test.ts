import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { askedGrams, askedMove, askedPull } from '@/core/experiment';
import { controlsOf } from '@/core/gear';
import { issueSentence } from '@/core/issues';

const said = (result: ReturnType<typeof askedPull>) =>
  result.ok ? result.value : result.issues.map(issueSentence).join();

describe('a change that is asked about', () => {
  it('is a batch so much larger or smaller, in the unit of the household', () => {
    assert.deepEqual(said(askedGrams({ text: '10', way: 'more' }, 'g')), { kind: 'grams', byGrams: 10 });
    assert.deepEqual(said(askedGrams({ text: '20 g', way: 'less' }, 'oz')), { kind: 'grams', byGrams: -20 });
    assert.deepEqual(said(askedGrams({ text: '1/2', way: 'less' }, 'oz')), { kind: 'grams', byGrams: -14.1747615625 });
    assert.match(String(said(askedGrams({ text: '', way: 'more' }, 'oz'))), /a weight such as 2.8 oz/);
    assert.match(String(said(askedGrams({ text: '0', way: 'more' }, 'g'))), /between 0.5 g and 1 kg/);
  });
  it('is a pull so many seconds later or earlier', () => {
    assert.deepEqual(said(askedPull({ text: '20', way: 'more' })), { kind: 'pull', byS: 20 });
    assert.deepEqual(said(askedPull({ text: '15 s', way: 'less' })), { kind: 'pull', byS: -15 });
    assert.match(String(said(askedPull({ text: ' ', way: 'less' }))), /seconds, such as 20/);
    assert.match(String(said(askedPull({ text: 'soon', way: 'less' }))), /“soon” is not an amount/);
    for (const text of ['0', '-20', '601'])
      assert.match(String(said(askedPull({ text, way: 'more' }))), /between 1 s and 600 s/);
  });
  it('is a control at one of its values, a number where it goes in steps', () => {
    const when = { kind: 'milestone', milestone: 'yellow' };
    const [lid, tilt] = controlsOf({ method: 'hotAirPopper' });
    assert.ok(lid && tilt);
    assert.deepEqual(askedMove(tilt, '2'), { kind: 'move', control: 'tilt', value: 2, when });
    assert.deepEqual(askedMove(lid, 'off'), { kind: 'move', control: 'lid', value: 'off', when });
  });
});
