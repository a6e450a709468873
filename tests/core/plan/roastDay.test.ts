import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { bestOrder, dayReasons, HANDLING_S, type Job, scheduleInOrder } from '@/core/plan';

const job = (id: string, gearId: string, roastS: number, coolS: number, hotStart = false): Job => ({
  id,
  gearId,
  roastS,
  coolS,
  hotStart,
});
const ends = (jobs: readonly Job[]) => scheduleInOrder(jobs).endS;

/** Every order, the slow plain way. */
function bruteForce(jobs: readonly Job[], order: readonly Job[] = []): number {
  const left = jobs.filter((each) => !order.includes(each));
  return left.length === 0 ? ends(order) : Math.min(...left.map((each) => bruteForce(jobs, [...order, each])));
}

const anyJobs = (most: number) =>
  fc
    .array(
      fc.record({
        gear: fc.constantFrom('a', 'b', 'c'),
        roastS: fc.integer({ min: 200, max: 1200 }),
        hot: fc.boolean(),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((all) =>
      all.map(({ gear, roastS, hot }, i) =>
        job(`batch${i}`, gear, roastS, { a: 1200, b: 300, c: 0 }[gear] as number, hot),
      ),
    );

describe('a roast day, worked by hand', () => {
  // Popper 400 s with 1200 s to cool, pot 700 s with 450 s; 300 s of handling after each.
  const [p1, p2, q1, q2] = [
    job('p1', 'popper', 400, 1200),
    job('p2', 'popper', 400, 1200),
    job('q1', 'pot', 700, 450),
    job('q2', 'pot', 700, 450),
  ];
  it('follows the order given', () => {
    const { slots, endS } = scheduleInOrder([p1, p2, q1, q2]);
    assert.deepEqual(
      slots.map(({ startS, waitsFor }) => [startS, waitsFor]),
      // p2 waits for the popper until 400 + 1200; q2 for the pot until 3000 + 450, not for the person at 3300.
      [
        [0, 'nothing'],
        [1600, 'gear'],
        [2300, 'person'],
        [3450, 'gear'],
      ],
    );
    assert.equal(endS, 3450 + 700 + HANDLING_S);
  });
  it('is shortest in turns: the popper cools while the pot roasts', () => {
    const { slots, endS } = bestOrder([p1, p2, q1, q2]);
    assert.deepEqual(
      slots.map(({ id }) => id),
      ['p1', 'q1', 'p2', 'q2'],
    );
    // p1 0-400, q1 700-1400, p2 1700-2100, q2 2400-3100 and 300 of handling: nobody ever waits
    assert.equal(endS, 3400);
    assert.deepEqual(dayReasons(slots)[1], { kind: 'coolsMeanwhile', gearId: 'popper', whileGearId: 'pot' });
    assert.deepEqual(dayReasons(scheduleInOrder([p1, p2]).slots)[1], {
      kind: 'waitsToCool',
      gearId: 'popper',
      waitS: 900,
    });
  });
  it('starts hot on purpose without waiting for the gear', () => {
    assert.equal(scheduleInOrder([p1, { ...p2, hotStart: true }]).slots[1]?.startS, 700);
  });
  it('goes on from how things stand', () => {
    const { slots } = scheduleInOrder([p1, q1], { personFreeS: 100, gearReadyS: { popper: 600 } });
    assert.deepEqual(
      slots.map(({ startS }) => startS),
      [600, 1300],
    );
    assert.deepEqual(
      bestOrder([p1, q1], { personFreeS: 100, gearReadyS: { popper: 600 } }).slots.map(({ id }) => id),
      ['q1', 'p1'],
    );
  });
  it('keeps the order given where another is no shorter', () => {
    assert.deepEqual(
      bestOrder([q1, p1]).slots.map(({ id }) => id),
      ['q1', 'p1'],
    );
    assert.deepEqual(
      bestOrder([p1, q1]).slots.map(({ id }) => id),
      ['p1', 'q1'],
    );
    assert.deepEqual(bestOrder([]), { slots: [], endS: 0 });
  });
});

describe('any roast day', () => {
  it('never overlaps attended roasts nor starts gear inside its cool-down', () => {
    fc.assert(
      fc.property(anyJobs(7), (jobs) => {
        const { slots } = bestOrder(jobs);
        assert.deepEqual([...slots].map(({ id }) => id).sort(), jobs.map(({ id }) => id).sort());
        slots.forEach((slot, i) => {
          const before = slots[i - 1];
          assert.ok(!before || slot.startS >= before.freeS);
          const its = jobs.find(({ id }) => id === slot.id);
          for (const earlier of slots.slice(0, i))
            if (earlier.gearId === slot.gearId && !its?.hotStart)
              assert.ok(slot.startS >= earlier.pullS + (jobs.find(({ id }) => id === earlier.id)?.coolS ?? 0));
        });
      }),
      { seed: 11, numRuns: 150 },
    );
  });
  it('is as short as the shortest of all orders, up to six batches', () => {
    fc.assert(
      fc.property(anyJobs(6), (jobs) => {
        const best = bruteForce(jobs);
        assert.ok(Math.abs(bestOrder(jobs).endS - best) <= 1, `${bestOrder(jobs).endS} s against ${best} s`);
      }),
      { seed: 12, numRuns: 60 },
    );
  });
});
