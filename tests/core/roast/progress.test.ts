import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
  crackOnsets,
  finalShade,
  isStreamed,
  isUnderWay,
  meantShade,
  pulledMs,
  pullsOf,
  roastedGrams,
  shadeAsKnown,
  streamedSources,
  wantedWords,
} from '@/core/roast';
import { entry, mark, pull, roastOf, undoOf } from '../build.ts';

const reading = (at: number) => entry(at, { kind: 'reading', celsius: 150 });

describe('how far a roast is', () => {
  const part = pull(300, { all: false, grams: 30, shade: 3 });
  const last = pull(360, { grams: 38, shade: 5 });
  const taken = undoOf(last, 370);
  it('it is on the heat until all of it is pulled, and again when that pull is taken back', () => {
    const cases = [
      [[], true],
      [[mark(240, 'firstCrack'), reading(250)], true],
      [[part], true],
      [[part, last], false],
      [[last, reading(365)], false],
      [[part, last, taken], true],
      [[last, taken, undoOf(taken, 380)], false],
    ] as const;
    for (const [entries, under] of cases) assert.equal(isUnderWay(roastOf([...entries])), under, `${entries.length}`);
  });
  it('its pulls stand in order, as they were put right', () => {
    const later = entry(400, { kind: 'amend', target: part.id, happenedAt: 310, grams: 31 });
    const pulls = pullsOf(roastOf([last, part, reading(1), later]));
    assert.deepEqual(
      pulls.map(({ at, grams }) => [at, grams]),
      [
        [310, 31],
        [360, 38],
      ],
    );
  });
  it('it weighs what its parts weigh, once all of them are out and on the scale', () => {
    assert.equal(roastedGrams(roastOf([part, last])), 68);
    assert.equal(roastedGrams(roastOf([part])), undefined);
    assert.equal(roastedGrams(roastOf([part, pull(360)])), undefined);
  });
  it('it ended at its last pull, by the clock as it was put right', () => {
    const roast = roastOf([part, last], { clockShiftMs: 2000 });
    assert.equal(pulledMs(roastOf([part])), undefined);
    assert.ok(Math.abs((pulledMs(roast) ?? 0) - Date.parse('2026-11-24T10:06:00Z')) <= 2000);
    assert.equal(finalShade(roast), 5);
  });
  it('each part has the shade that was meant for it', () => {
    const plannedParts = [
      { shade: 3 as const, share: 0.5 },
      { shade: 5 as const, share: 0.5 },
    ];
    const roast = { wantedShade: 4 as const, plannedParts };
    assert.deepEqual(
      [0, 1, 2].map((part) => meantShade(roast, part)),
      [3, 5, 5],
    );
    assert.equal(meantShade({ wantedShade: 4, plannedParts: undefined }, 0), 4);
    assert.deepEqual([wantedWords(roast, String), wantedWords({ wantedShade: 4 }, String)], ['3, then 5', '4']);
    // Until somebody looked, the whole is as its last part was meant.
    assert.equal(shadeAsKnown({ ...roast, entries: [pull(300)] }), 5);
    assert.equal(shadeAsKnown({ ...roast, entries: [pull(300, { shade: 7 })] }), 7);
  });
  it('what a person pressed, tapped or guessed did not come by itself', () => {
    const by = ['hand', 'tap', 'guess', ...streamedSources] as const;
    assert.deepEqual(
      by.filter((source) => isStreamed({ source })),
      ['probe', 'microphone', 'simulator'],
    );
  });
});

describe('cracks that roll (handbook, section 3)', () => {
  const rolling = (crack: 'first' | 'second', times: readonly number[]) => crackOnsets(crack, times, 600).rollingS;
  it('first from the third pop inside ten seconds', () => {
    assert.equal(rolling('first', [200, 205, 210]), 210);
    assert.equal(rolling('first', [200, 205, 210.1]), undefined);
    assert.equal(rolling('first', [150, 200, 205, 209]), 209);
  });
  it('in whatever order the cracks are told, and hears none that is still to come', () => {
    assert.equal(rolling('first', [210, 200, 150, 205]), 210);
    assert.equal(crackOnsets('first', [200, 205, 210], 209).rollingS, undefined);
  });
  it('second from the fifth snap inside five', () => {
    assert.equal(rolling('second', [300, 301, 302, 303, 305]), 305);
    assert.equal(rolling('second', [300, 301, 302, 303, 305.1]), undefined);
  });
  it('it peaks in its thickest ten seconds, and ends with its last cluster', () => {
    const times = [200, 204, 208, 230, 231, 232, 233, 234, 250, 253];
    const { peakS, endS } = crackOnsets('first', times, 600);
    assert.equal(peakS, 232);
    assert.ok(endS !== undefined && endS >= 234 && endS <= 253, `${endS}`);
    assert.equal(crackOnsets('first', times, 240).endS, undefined);
  });
});
