// What listening learns of a gear, what it makes of that, and that it lets go of it where it sounds otherwise.
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import {
  cracksStandOut,
  gearEar,
  type HeardOfRoast,
  Listener,
  listenAgain,
  RenderedBeans,
  readEar,
  soundsClear,
} from '@/core/listen';
import { heardOfRoast, leastOn, soundsAsUsual } from '@/core/listen/knownGear';
import stored from '@/workers/ear/ear.json' with { type: 'json' };

const pops = (...logOdds: number[]) => logOdds.map((each, i) => ({ at: i, logOdds: each, peakDb: -20 }));
const heard = (over: Partial<HeardOfRoast> = {}): HeardOfRoast => ({
  backgroundDb: -40,
  cracksDb: 15,
  clear: 2,
  ...over,
});

describe('what a roast says of its gear', () => {
  it('is how far its pops stand out and how surely three of four sound so, from eight pops on', () => {
    assert.equal(heardOfRoast(pops(1, 2, 3, 4, 5, 6, 7), -42, []), undefined);
    assert.deepEqual(heardOfRoast(pops(9, 8, 7, 6, 5, 4, 3, 2, 1), -42.04, []), {
      backgroundDb: -42,
      cracksDb: 22,
      clear: 3,
    });
    assert.equal(heardOfRoast(pops(1, 2, 3, 4, 5, 6, 7, 8), -42, pops(0.5, 1.5, 9))?.mistaken, 1.5);
  });

  it('counts for the newest five roasts, the middle of them', () => {
    assert.equal(gearEar([]), undefined);
    const clears = [1, 9, 3, 2, 4, 100, 100];
    const ear = gearEar(clears.map((clear, i) => heard({ clear, ...(i === 3 && { mistaken: 1.1 }) })));
    assert.deepEqual(ear, { roasts: 5, backgroundDb: -40, cracksDb: 15, clear: 3, mistaken: 1.1 });
  });
});

describe('what is asked for on a gear that is known', () => {
  const least = (over: Partial<HeardOfRoast>) => leastOn({ ...heard(over), roasts: 1 });
  it('is less than its pops, more than what was mistaken for one, never very much', () => {
    for (const [over, expected] of [
      [{ clear: 2 }, 1],
      [{ clear: -1 }, -2],
      [{ clear: 2, mistaken: 1.6 }, 1.6],
      [{ clear: 2, mistaken: -3 }, 1],
      [{ clear: 1, mistaken: 4 }, 1],
      [{ clear: 9 }, 2],
    ] as const)
      assert.equal(least(over), expected, JSON.stringify(over));
  });

  it('never shuts out three of four of its own pops', () =>
    fc.assert(
      fc.property(
        fc.float({ min: -10, max: 20, noNaN: true }),
        fc.option(fc.float({ min: -10, max: 20, noNaN: true }), { nil: undefined }),
        (clear, mistaken) => least({ clear, mistaken }) <= clear,
      ),
    ));

  it('holds only where it sounds as usual', () => {
    const ear = { ...heard(), roasts: 2 };
    assert.deepEqual(
      [-40, -31, -49, -29, -51].map((db) => soundsAsUsual(ear, db)),
      [true, true, true, false, false],
    );
  });

  it('is said in words by how far and how surely', () => {
    const of = (over: Partial<HeardOfRoast>) => ({ ...heard(over), roasts: 1 });
    assert.deepEqual(
      [18, 17.9, 8, 7.9].map((cracksDb) => cracksStandOut(of({ cracksDb }))),
      ['clearly', 'somewhat', 'somewhat', 'hardly'],
    );
    assert.deepEqual([soundsClear(of({ clear: 1.5 })), soundsClear(of({ clear: 1.4 }))], [true, false]);
  });
});

describe('a listener on a gear', () => {
  const ear = readEar(stored);
  const RATE = 48_000;
  /** Half a minute of a blower, then so many pops a second for so long. */
  const roast = (listener: Listener, seconds: number) => {
    const beans = new RenderedBeans(RATE, 4);
    for (let s = 0; s < seconds; s++)
      listener.push(beans.second(s < 32 ? [] : [0.1, 0.45, 0.8].map((at) => ({ at, kind: 'first' as const }))));
    return listener.state();
  };

  it('learns how loud its pops are over its noise once first crack rolls, and sounds as usual the next time', () => {
    const first = roast(new Listener({ sampleRate: RATE, ear }), 75);
    assert.equal(first.asUsual, undefined);
    assert.ok(first.course.firstCrack !== null && first.learnt);
    assert.ok(first.learnt.cracksDb > 10 && first.learnt.cracksDb < 60, `${first.learnt.cracksDb} dB`);
    const known = gearEar([first.learnt]);
    const again = roast(new Listener({ sampleRate: RATE, ear, gear: known }), 75);
    assert.equal(again.asUsual, true);
    // It asks for more on this gear, but not because anything clatters.
    const calm = new Listener({ sampleRate: RATE, ear, gear: { ...first.learnt, roasts: 1, clear: 6 } });
    assert.deepEqual([roast(calm, 32).asUsual, calm.state().noisy], [true, false]);
    assert.ok(again.course.firstCrack !== null && Math.abs(again.course.firstCrack - first.course.firstCrack) < 3);
    const elsewhere = { ...first.learnt, backgroundDb: first.learnt.backgroundDb + 30 };
    const other = new Listener({ sampleRate: RATE, ear, gear: gearEar([elsewhere]) });
    assert.equal(roast(other, 25).asUsual, false);
  });

  it('begins the roast anew as the beans go in: what cracked in the preheat was the kitchen', () => {
    const gear = { backgroundDb: -90, cracksDb: 20, clear: 3, roasts: 1 };
    const listener = new Listener({ sampleRate: RATE, ear, gear });
    const preheat = roast(listener, 75);
    assert.ok(preheat.course.firstCrack !== null && preheat.learnt && preheat.asUsual === false);
    listener.charge();
    const { course, learnt, roastingS, asUsual } = listener.state();
    assert.deepEqual(
      [course, learnt, roastingS, asUsual],
      [{ firstCrack: null, firstCrackEnd: null, secondCrack: null }, undefined, 0, undefined],
    );
    const roasted = roast(listener, 75);
    const { firstCrack } = roasted.course;
    assert.ok(firstCrack !== null && firstCrack > 75 + 30 && firstCrack < 75 + 45, `${firstCrack}`);
    assert.deepEqual([roasted.now - roasted.roastingS, roasted.asUsual], [preheat.now, false]);
  });

  it('keeps what it took for first crack by mistake apart, once that is taken back', () => {
    const listener = new Listener({ sampleRate: RATE, ear });
    const { course } = roast(listener, 60);
    assert.ok(course.firstCrack !== null);
    listener.takeBack('firstCrack');
    assert.equal(listener.state().learnt, undefined);
    const after = roast(listener, 100);
    assert.ok(after.learnt?.mistaken !== undefined);
  });
});

it('listening again knows what was corrected when its time comes, and tells how far it is', () => {
  const beans = new RenderedBeans(16_000, 4);
  const seconds = Array.from({ length: 50 }, () => beans.second([]));
  const samples = Float32Array.from(seconds.flatMap((second) => [...second]));
  const steps = listenAgain({
    samples,
    sampleRate: 16_000,
    ear: readEar(stored),
    known: [
      { milestone: 'firstCrackEnd', at: 40.5 },
      { milestone: 'firstCrack', at: 12.2 },
    ],
  });
  const shares: number[] = [];
  let step = steps.next();
  for (; !step.done; step = steps.next()) shares.push(step.value);
  assert.deepEqual([shares.length, shares.at(-1)], [50, 1]);
  assert.deepEqual(step.value.course, { firstCrack: 12.2, firstCrackEnd: 40.5, secondCrack: null });
});
