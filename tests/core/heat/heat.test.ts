import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  crackProposal,
  farOffCurve,
  kindOfCrack,
  looksFahrenheit,
  ownFirstCrackC,
  probeMovedByC,
  type Reading,
  rateOfRise,
  readingAt,
  sinceMoved,
  streamFault,
} from '@/core/heat';
import { crackOnsets, crackRate, liveEntries, milestonesOf } from '@/core/roast';
import { entry, mark } from '../build.ts';

const stream = (from: number, to: number, at: (s: number) => number): Reading[] =>
  Array.from({ length: to - from + 1 }, (_, i) => ({ at: from + i, celsius: at(from + i), streamed: true }));
const typed = (...pairs: [number, number][]): Reading[] =>
  pairs.map(([at, celsius]) => ({ at, celsius, streamed: false }));
const near = (value: number | undefined, expected: number, within = 1e-6) =>
  assert.ok(value !== undefined && Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('rate of rise', () => {
  it('is exact on a line, streamed or typed', () => {
    near(
      rateOfRise(
        stream(100, 160, (s) => 20 + s * 0.25),
        160,
      ),
      15,
    );
    near(rateOfRise(typed([60, 80], [90, 95], [120, 110]), 130), 30);
  });
  it('throws one outlier out and keeps the line', () => {
    near(
      rateOfRise(
        stream(100, 140, (s) => (s === 131 ? 400 : 20 + s * 0.2)),
        140,
      ),
      12,
    );
    near(rateOfRise(typed([30, 70], [60, 80], [90, 190], [120, 100]), 121), 20);
  });
  it('is absent where the data do not bear it', () => {
    assert.equal(rateOfRise([], 10), undefined);
    assert.equal(rateOfRise(typed([60, 80], [90, 95]), 95), undefined, 'two are too few');
    assert.equal(
      rateOfRise(
        stream(100, 104, (s) => s),
        104,
      ),
      undefined,
      'too close together',
    );
    assert.equal(
      rateOfRise(
        stream(100, 140, (s) => s),
        160,
      ),
      undefined,
      'the stream is silent',
    );
    assert.equal(rateOfRise(typed([60, 80], [90, 95], [120, 110]), 220), undefined, 'too old');
    assert.equal(rateOfRise([{ at: 1, celsius: Number.NaN, streamed: true }], 2), undefined);
  });
  it('does not depend on the order, and shifts with time and temperature', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 29 }), fc.double({ min: 100, max: 220, noNaN: true })), {
          minLength: 5,
          maxLength: 20,
        }),
        (pairs) => {
          const readings = pairs.map(([at, celsius]) => ({ at, celsius, streamed: true }));
          const moved = readings.map((each) => ({ ...each, at: each.at + 500, celsius: each.celsius + 7 })).reverse();
          const [a, b] = [rateOfRise(readings, 29), rateOfRise(moved, 529)];
          assert.ok(a === b || Math.abs((a ?? 0) - (b ?? 0)) < 1e-6);
        },
      ),
      { seed: 31 },
    );
  });
  it('reads between two readings, not across a gap', () => {
    near(readingAt(typed([60, 100], [90, 130]), 75), 115);
    assert.equal(readingAt(typed([60, 100], [240, 200]), 150), undefined);
    near(readingAt(typed([60, 100]), 70), 100);
  });
});

describe('a gear’s own first crack', () => {
  it('is the median of its last ten, and a probe that moved is asked about', () => {
    assert.equal(ownFirstCrackC([]), undefined);
    assert.equal(ownFirstCrackC([212, 205, 208]), 208);
    assert.equal(ownFirstCrackC([212, 206]), 209);
    assert.equal(ownFirstCrackC([...Array(10).fill(200), 250, 250, 250]), 200);
    assert.equal(ownFirstCrackC([216, 215, ...Array(8).fill(200)]), 215.5, 'since it was moved');
    assert.equal(sinceMoved([204, 199, 201, 206, 198]), 5);
    assert.equal(sinceMoved([200, 201, 225, 199, 202]), 5, 'one odd reading is no move');
    assert.equal(sinceMoved([225, 199, 202, 200]), 1, 'as the newest it may be one');
    assert.equal(probeMovedByC(217, 208), 9);
    assert.equal(probeMovedByC(215, 208), undefined);
    assert.equal(probeMovedByC(undefined, 208), undefined);
  });
});

describe('odd readings', () => {
  it('typed far off the curve are asked about', () => {
    const before = typed([60, 100], [90, 115]);
    assert.equal(farOffCurve(before, { at: 120, celsius: 131, streamed: false }), undefined);
    near(farOffCurve(before, { at: 120, celsius: 13, streamed: false }), 130);
    assert.equal(farOffCurve([], { at: 5, celsius: 200, streamed: false }), undefined);
  });
  it('streamed that cannot be are left out, with the reason', () => {
    assert.equal(streamFault(Number.NaN, 5, 4), 'notANumber');
    assert.equal(streamFault(9999, 5, 4), 'outOfRange');
    assert.equal(streamFault(150, 3, 4), 'backwards');
    assert.equal(streamFault(150, 4.1, 4), 'burst');
    assert.equal(streamFault(150, 5, 4), undefined);
    assert.equal(streamFault(150, 5, undefined), undefined);
  });
  it('in °F under the name of °C are noticed', () => {
    assert.ok(looksFahrenheit(stream(1, 10, () => 392)));
    assert.ok(!looksFahrenheit(stream(1, 10, () => 230)));
    assert.ok(!looksFahrenheit(stream(1, 3, () => 392)));
  });
});

describe('cracks by hand', () => {
  it('find the onset, the peak and the end on hand-made taps', () => {
    const taps = [400, 455, 462, 464, 466, 467, 468, 469, 475, 490, 492, 497, 530];
    const { rollingS, peakS, endS } = crackOnsets('first', taps, 560);
    // 455, 462 and 464 lie within 10 s: the third completes it. The last three within 15 s are 490, 492, 497.
    assert.equal(rollingS, 464);
    assert.ok(peakS !== undefined && peakS > 460 && peakS < 470);
    assert.equal(endS, 497);
    assert.equal(crackOnsets('first', taps, 505).endS, undefined, 'too early to say');
    assert.equal(crackOnsets('first', [100, 130, 180], 300).rollingS, undefined, 'lone pops do not count');
    assert.equal(crackOnsets('second', [600, 601, 602, 603, 604], 610).rollingS, 604);
    assert.equal(crackRate([451, 455, 460, 464], 465), 16);
  });
  const pops = (...at: number[]) => at.map((each) => entry(each, { kind: 'crack', crack: 'first' }));
  const state = (log: ReturnType<typeof pops>) => {
    const live = liveEntries(log);
    return [live, milestonesOf(live)] as const;
  };
  it('propose first crack with its time, then its end, then second', () => {
    assert.equal(crackProposal(...state(pops(400, 430)), 440), undefined);
    assert.deepEqual(crackProposal(...state(pops(400, 462, 463, 464)), 465), { milestone: 'firstCrack', atS: 464 });
    const rolled = [...pops(462, 463, 464, 470, 475, 480), mark(464, 'firstCrack')];
    assert.deepEqual(crackProposal(...state(rolled), 500), { milestone: 'firstCrackEnd', atS: 480 });
    const snaps = [580, 581, 582, 583, 584].map((at) => entry(at, { kind: 'crack', crack: 'second' }));
    assert.deepEqual(crackProposal(...state([...rolled, ...snaps]), 585), { milestone: 'secondCrack', atS: 584 });
  });
  it('tell a pop from a snap by the quiet gap', () => {
    const rolled = [...pops(462, 463, 464, 470), mark(464, 'firstCrack')];
    assert.equal(kindOfCrack(...state(pops(100)), 200), 'first');
    assert.equal(kindOfCrack(...state(rolled), 480), 'first');
    assert.equal(kindOfCrack(...state(rolled), 495), 'second');
    assert.equal(kindOfCrack(...state([...rolled, mark(490, 'firstCrackEnd')]), 491), 'second');
  });
});
