// When cracks become milestones: known answers by hand.
import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { AdaptiveThreshold, believed, Course } from '@/core/listen';

type Cracks = readonly (number | { readonly at: number; readonly logOdds: number })[];

/** Hears cracks at moments, time passing second by second until the end; clear ones, but where log odds are given. */
function courseOf(firsts: Cracks, seconds: Cracks = [], untilS = 0) {
  const course = new Course();
  const ofKind = (kind: 'first' | 'second', cracks: Cracks) =>
    cracks.map((each) => ({ kind, ...(typeof each === 'number' ? { at: each, logOdds: 5 } : each) }));
  const all = [...ofKind('first', firsts), ...ofKind('second', seconds)];
  const last = Math.max(untilS, ...all.map(({ at }) => at));
  for (let s = 0; s <= last; s++) {
    course.pass(s);
    for (const { at, kind, logOdds } of all.filter((each) => Math.floor(each.at) === s).sort((a, b) => a.at - b.at))
      course.hear(kind, at, logOdds);
  }
  return course;
}
const every = (fromS: number, toS: number, stepS: number) =>
  Array.from({ length: Math.floor((toS - fromS) / stepS) + 1 }, (_, i) => fromS + i * stepS);
/** What only resembles cracks. */
const faint = (moments: readonly number[]) => moments.map((at) => ({ at, logOdds: 0 }));

describe('first crack', () => {
  it('is told once eight pops are spread over four stretches, from the third pop on', () => {
    const pops = every(100, 121, 3);
    assert.equal(courseOf(pops.slice(0, 7)).course.firstCrack, null);
    assert.equal(courseOf(pops).course.firstCrack, 106);
  });

  it('is not told by a rush of clatter, however dense', () => {
    assert.equal(courseOf(every(100, 104, 0.1)).course.firstCrack, null);
  });

  it('is not told by stray pops, and they do not date it', () => {
    assert.equal(courseOf(every(20, 300, 20)).course.firstCrack, null);
    assert.equal(courseOf([60, 80, ...every(100, 124, 3)]).course.firstCrack, 106);
  });

  it('ends with the last pop that is a third within ten seconds, once it is silent', () => {
    const pops = every(100, 150, 2);
    assert.equal(courseOf([...pops, 158], [], 161).course.firstCrackEnd, null);
    assert.equal(courseOf(pops, [], 163).course.firstCrackEnd, 150);
  });

  it('is not told by pops that never come closer than four in ten seconds, nor where none is clear', () => {
    assert.equal(courseOf(every(100, 200, 3.5)).course.firstCrack, null);
    assert.equal(courseOf(faint(every(100, 200, 1))).course.firstCrack, null);
  });

  it('ends though a kitchen goes on that faintly resembles pops', () => {
    const { course } = courseOf([...every(100, 150, 1), ...faint(every(152, 200, 2))], [], 201);
    assert.ok(Math.abs((course.firstCrackEnd ?? 0) - 158) <= 4, String(course.firstCrackEnd));
    assert.equal(courseOf([...faint(every(100, 150, 1)), 124], [], 163).course.firstCrackEnd, 150, 'all are faint');
  });

  it('is not taken up again by a few pops where there were many', () => {
    assert.equal(courseOf([...every(100, 150, 0.5), 165, 168, 171], [], 200).course.firstCrackEnd, 150);
  });

  it('goes on where pops come again soon after', () => {
    const { course } = courseOf([...every(100, 150, 2), ...every(164, 180, 2)], [], 200);
    assert.equal(course.firstCrackEnd, 180);
  });
});

describe('second crack', () => {
  const pops = every(100, 150, 2);
  it('is told by twelve snaps within eight seconds, from the third on', () => {
    assert.equal(courseOf(pops, every(200, 206, 0.5)).course.secondCrack, 201);
    assert.equal(courseOf(pops, every(200, 230, 1)).course.secondCrack, null);
  });

  it('must exceed what snaps the whole time, and then began as it grew', () => {
    const rattling = every(102, 230, 0.5);
    assert.equal(courseOf(pops, rattling).course.secondCrack, null);
    const { secondCrack } = courseOf(pops, [...rattling, ...every(200, 230, 0.125)]).course;
    assert.ok(secondCrack && Math.abs(secondCrack - 198) <= 4, String(secondCrack));
  });

  it('never comes before first, nor right after it', () => {
    assert.equal(courseOf([], every(200, 206, 0.5)).course.secondCrack, null);
    assert.equal(courseOf(pops, every(152, 158, 0.5)).course.secondCrack, null);
  });
});

it('what is taken back is told again only by new cracks', () => {
  const course = courseOf(every(100, 124, 3));
  course.takeBack('firstCrack');
  assert.equal(course.course.firstCrack, null);
  course.hear('first', 126);
  assert.equal(course.course.firstCrack, null);
});

it('an end that is taken back is not told again by the same silence, but by the next', () => {
  const course = courseOf(every(100, 150, 2), [], 165);
  course.takeBack('firstCrackEnd');
  course.pass(166);
  assert.equal(course.course.firstCrackEnd, null);
  for (const at of every(170, 180, 2)) course.hear('first', at);
  course.pass(191);
  assert.equal(course.course.firstCrackEnd, null);
  course.pass(192);
  assert.equal(course.course.firstCrackEnd, 180);
});

describe('what becomes of a sound', () => {
  const course = (firstCrack: number | null, firstCrackEnd: number | null, secondCrack: number | null) => ({
    firstCrack,
    firstCrackEnd,
    secondCrack,
  });
  for (const [when, now, first, second] of [
    ['before first crack', course(null, null, null), [0, 0], [0, 0]],
    ['while it rolls', course(60, null, null), [0.3, -0.2], [-0.4, -0.4]],
    ['between the cracks', course(60, 120, null), [0.3, 0.3], [-0.4, -0.4]],
    ['once second rolls', course(60, 120, 180), [0.3, 0.3], [-0.4, -2.4]],
  ] as const)
    it(`${when}: it counts, and is told, from so much over the threshold on`, () => {
      for (const [kind, [counts, told]] of [
        ['first', first],
        ['second', second],
      ] as const)
        for (const over of [-3, -2.3, -1, -0.3, -0.1, 0.1, 0.2, 0.4, 2]) {
          const wanted = over > counts ? 'counts' : over > told ? 'told' : 'nothing';
          assert.equal(believed(over, kind, now), wanted, `${kind} ${over}`);
        }
    });
});

describe('the threshold', () => {
  it('rises above what a noisy kitchen exceeds, and stays low in a quiet one', () => {
    const through = (perMinute: number) => {
      const threshold = new AdaptiveThreshold({ start: 0, least: -2, most: 4 });
      for (let s = 1; s <= 240; s++) {
        for (let i = 0; i < perMinute / 60; i++) threshold.hear(1.5);
        threshold.pass(s);
      }
      return threshold.value;
    };
    assert.equal(through(0), -2);
    const noisy = through(60);
    assert.ok(noisy > 1.2 && noisy < 2.2, String(noisy));
  });

  it('is stricter after something was told wrongly', () => {
    const threshold = new AdaptiveThreshold({ start: 0, least: -2, most: 4 });
    const before = threshold.value;
    threshold.stricter();
    assert.ok(threshold.value > before + 1);
    threshold.pass(600);
    assert.ok(threshold.value > before + 1, 'for the rest of the roast');
  });
});
