import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { expectationFor, forecastFrom, knownOrExpected } from '@/core/forecast';
import { methodIds, methodOf } from '@/core/gear';
import { shadeNumbers } from '@/core/shade';

const popper = methodOf('hotAirPopper');

describe('expectationFor', () => {
  it('is handbook table 4 before there are roasts, medium as it stands there', () => {
    const { at, fromRoasts } = expectationFor(popper, 4);
    assert.deepEqual([at.yellow.medianS, at.firstCrack.medianS, at.pull.medianS, fromRoasts], [120, 240, 320, 0]);
    assert.deepEqual([at.pull.earlyS, at.pull.lateS], [210, 480]);
  });
  it('pulls later the darker it is wanted', () => {
    const pulls = shadeNumbers.map((shade) => expectationFor(popper, shade).at.pull.medianS);
    for (let i = 1; i < pulls.length; i++) assert.ok((pulls[i] ?? 0) > (pulls[i - 1] ?? 0));
  });
  it('takes the median of this gear’s own roasts from the third on', () => {
    const past = [300, 320, 310].map((firstCrack) => ({ yellow: 150, firstCrack, pull: firstCrack + 90 }));
    assert.equal(expectationFor(popper, 4, past.slice(0, 2)).at.firstCrack.medianS, 240);
    const own = expectationFor(popper, 4, past);
    assert.deepEqual([own.at.firstCrack.medianS, own.at.yellow.medianS, own.fromRoasts], [310, 150, 3]);
    assert.equal(own.at.pull.medianS, 310 + 80);
  });
  it('has every range round its middle, for every method and shade', () => {
    for (const id of methodIds)
      for (const shade of shadeNumbers)
        for (const { earlyS, medianS, lateS } of Object.values(expectationFor(methodOf(id), shade).at))
          assert.ok(earlyS <= medianS && medianS <= lateS);
  });
});

describe('forecastFrom', () => {
  const expectation = expectationFor(popper, 4);
  it('counts from the last milestone, with half of the pace carried on', () => {
    const [next] = forecastFrom(expectation, { yellow: 120 }, 121);
    assert.deepEqual([next?.milestone, next?.medianS], ['firstCrack', 240]);
    // Yellow at 1.44 of its usual time: what is left is stretched by √1.44 = 1.2.
    const slow = forecastFrom(expectation, { yellow: 172.8 }, 173)[0];
    assert.equal(slow?.medianS.toFixed(3), (172.8 + 120 * 1.2).toFixed(3));
  });
  it('narrows as less is left', () => {
    const width = (reached: Parameters<typeof forecastFrom>[1], nowS: number) => {
      const pull = forecastFrom(expectation, reached, nowS).at(-1);
      return (pull?.lateS ?? 0) - (pull?.earlyS ?? 0);
    };
    assert.ok(width({ yellow: 120, firstCrack: 240 }, 241) < width({ yellow: 120 }, 121));
    assert.ok(width({ yellow: 120 }, 121) < width({}, 0));
  });
  it('never names a time that has passed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2000, noNaN: true }),
        fc.constantFrom({}, { yellow: 100 }, { yellow: 90, firstCrack: 260 }),
        (nowS, reached) => {
          for (const { earlyS, medianS, lateS } of forecastFrom(expectation, reached, nowS))
            assert.ok(nowS <= earlyS && earlyS <= medianS && medianS <= lateS);
        },
      ),
      { seed: 6 },
    );
  });
  it('leaves out what was skipped, and everything once pulled', () => {
    assert.deepEqual(
      forecastFrom(expectation, { firstCrack: 250 }, 251).map(({ milestone }) => milestone),
      ['firstCrackEnd', 'secondCrack', 'pull'],
    );
    assert.deepEqual(forecastFrom(expectation, { pull: 320 }, 330), []);
  });
  it('fills the milestones that are not reached', () => {
    const known = knownOrExpected({ yellow: 111 }, forecastFrom(expectation, { yellow: 111 }, 112));
    assert.equal(known.yellow, 111);
    assert.ok((known.firstCrack ?? 0) > 200);
  });
});
