import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { ProbeLog } from '@/core/heat';
import { learnProbe } from '@/core/probe';

/** A log that rises steadily to 200 °C at first crack, so many °C a minute. */
const steady = (perMin: number, firstCrackS = 400, crackC = 200): ProbeLog => ({
  firstCrackS,
  readings: Array.from({ length: firstCrackS + 1 }, (_, at) => ({
    at,
    celsius: crackC - ((firstCrackS - at) * perMin) / 60,
    streamed: true,
  })),
});
const upTo = ({ readings }: ProbeLog, atS: number) => readings.filter(({ at }) => at <= atS);
const leftS = (logs: readonly ProbeLog[], now: ProbeLog, atS: number) => {
  const opinion = learnProbe(logs)?.opinion(upTo(now, atS), atS, undefined);
  return opinion && Math.exp(opinion.mean);
};
const near = (value: number | undefined, expected: number, within: number) =>
  assert.ok(value !== undefined && Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('what a probe has earned to say', () => {
  it('is nothing below three logs, far from first crack, and past its own reading there', () => {
    assert.equal(learnProbe([steady(15), steady(15)]), undefined);
    const learned = learnProbe([steady(15), steady(15), steady(15)]);
    assert.equal(learned?.opinion(upTo(steady(15), 100), 100, undefined), undefined, '75 °C to go');
    assert.equal(learned?.opinion(upTo(steady(15, 400, 215), 390), 390, undefined), undefined, 'above its own 200 °C');
    assert.equal(learned?.opinion([], 300, undefined), undefined);
  });
  it('is worked by hand where all rise alike: 30 °C at 15 °C a minute are two minutes', () => {
    const same = [steady(15), steady(15), steady(15), steady(15)];
    near(leftS(same, steady(15), 280), 120, 1);
    near(leftS(same, steady(15), 360), 40, 1);
  });
  it('goes with the rate where it always did', () => {
    const varied = [10, 12, 15, 18, 20].map((rate) => steady(rate));
    near(leftS(varied, steady(14), 300), 100, 6);
    near(leftS(varied, steady(20), 340), 60, 4);
  });
  it('is as sure as its misses let it be', () => {
    const sd = (logs: readonly ProbeLog[]) => learnProbe(logs)?.opinion(upTo(steady(15), 340), 340, undefined)?.sd ?? 0;
    const alike = Array.from({ length: 8 }, () => steady(15));
    const wild = [185, 215, 190, 208, 197, 212, 188, 203].map((crackC) => steady(15, 400, crackC));
    assert.ok(sd(alike) < sd(alike.slice(0, 3)), 'surer with more logs');
    assert.ok(sd(wild) > 1.5 * sd(alike), 'less sure where the reading at first crack wanders');
  });
  it('is learned only from where the probe sits now, and silent when yellow shows that it was moved', () => {
    const marked = (crackC: number): ProbeLog => ({ ...steady(15, 400, crackC), yellowS: 240 });
    const before = Array.from({ length: 6 }, () => marked(200));
    const here = [marked(216), marked(215), marked(217)];
    const opinion = (logs: readonly ProbeLog[], now: ProbeLog) =>
      learnProbe(logs)?.opinion(upTo(now, 320), 320, now.yellowS);
    near(Math.exp(opinion([...here, ...before], marked(216))?.mean ?? 0), 80, 2);
    assert.equal(learnProbe([...here.slice(0, 2), ...before]), undefined, 'two logs since the move');
    assert.equal(opinion(before, marked(216)), undefined);
    near(Math.exp(opinion(before, marked(203))?.mean ?? 0), 68, 4);
  });
  it('is finite or silent, whatever the readings', () => {
    const reading = fc.record({
      at: fc.integer({ min: 0, max: 600 }),
      celsius: fc.integer({ min: -40, max: 400 }),
      streamed: fc.boolean(),
    });
    const log = fc.record({
      readings: fc.array(reading, { maxLength: 40 }),
      firstCrackS: fc.integer({ min: 1, max: 600 }),
    });
    fc.assert(
      fc.property(
        fc.array(log, { maxLength: 5 }),
        fc.array(reading, { maxLength: 30 }),
        fc.integer({ min: 0, max: 700 }),
        (logs, now, atS) => {
          const opinion = learnProbe(logs)?.opinion(now, atS, undefined);
          if (opinion) assert.ok(Number.isFinite(opinion.mean) && opinion.sd > 0 && Number.isFinite(opinion.sd));
        },
      ),
    );
  });
});
