import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { type FilledJar, type JarEvent, shelfLedger } from '@/core/shelf';

const DAY_MS = 86_400_000;
/** Noon of the household's own day, counted from 1 November. */
const noon = (day: number) => new Date(2026, 10, 1 + day, 12).getTime();
const iso = (ms: number) => new Date(ms).toISOString();
const jar = (id: string, day: number, grams: number, events: readonly JarEvent[] = []): FilledJar => ({
  id,
  madeAt: iso(noon(day)),
  grams,
  shade: 4,
  school: 'usual',
  events,
});
const left = (jars: readonly FilledJar[], day: number, gramsADay: number) =>
  Object.fromEntries(
    [...shelfLedger(jars, () => gramsADay, noon(day))].map(([id, account]) => [id, Math.round(account.leftGrams)]),
  );

describe('the shelf’s ledger, worked by hand (medium rests two days)', () => {
  it('draws the household’s use at the end of each day, what fades first before the rest', () => {
    // A is ready on day 2: drawn at the ends of days 2, 3 and 4.
    assert.deepEqual(left([jar('a', 0, 200), jar('b', 1, 200)], 5, 30), { a: 110, b: 200 });
    // Days 2 to 7 are 180 g, day 8 takes the last 20 g of A and 10 g of B.
    assert.deepEqual(left([jar('a', 0, 200), jar('b', 1, 200)], 9, 30), { a: 0, b: 190 });
  });
  it('a jar that is emptied leaves the others as they were', () => {
    const emptied = jar('a', 0, 200, [{ kind: 'empty', doneAt: iso(noon(5)) }]);
    assert.deepEqual(left([emptied, jar('b', 1, 200)], 5, 30), { a: 0, b: 200 });
    assert.deepEqual(left([emptied, jar('b', 1, 200)], 6, 30), { a: 0, b: 170 });
  });
  it('a jar that is frozen leaves the others as they were, and keeps what it holds', () => {
    const frozen = jar('a', 0, 68, [
      { kind: 'freeze', doneAt: iso(noon(2)) },
      { kind: 'thaw', doneAt: iso(noon(32)) },
    ]);
    assert.deepEqual(left([frozen, jar('b', 1, 200)], 5, 30), { a: 68, b: 140 });
    assert.deepEqual(left([frozen], 32, 30), { a: 68 });
    assert.deepEqual(left([frozen], 33, 30), { a: 38 });
  });
  it('use that is noted explains its day: nothing is drawn from any other jar', () => {
    const uses = [3, 4, 5].map((day): JarEvent => ({ kind: 'use', doneAt: iso(noon(day)), grams: 30 }));
    assert.deepEqual(
      left([jar('a', 1, 200, uses), jar('b', 0, 200)], 6, 30),
      { a: 110, b: 170 },
      'day 2 was not noted',
    );
  });
  it('the jar in hand is drunk before one that fades earlier', () => {
    const weighed = jar('b', 1, 200, [{ kind: 'weigh', doneAt: iso(noon(4)), leftGrams: 150 }]);
    assert.deepEqual(left([jar('a', 0, 200), weighed], 6, 30), { a: 140, b: 90 });
  });
  it('a weighing sets the jar right from then on, and says how far the reckoning was out', () => {
    const weighed = jar('a', 0, 200, [{ kind: 'weigh', doneAt: iso(noon(5)), leftGrams: 150 }]);
    const account = shelfLedger([weighed], () => 30, noon(6)).get('a');
    assert.deepEqual(
      account?.lines.map(({ kind, byGrams, leftGrams }) => [kind, byGrams, leftGrams]),
      [
        ['filled', 200, 200],
        ['drawn', -30, 170],
        ['drawn', -30, 140],
        ['drawn', -30, 110],
        ['weigh', 40, 150],
        ['drawn', -30, 120],
      ],
    );
    assert.equal(account?.drawnGrams, 30, 'since it was weighed');
  });
  it('a weighing of more than can be there, by more than the scale’s gram, is told', () => {
    const heavy = (grams: number) => {
      const one = jar('a', 0, 100, [
        { kind: 'use', grams: 20, doneAt: iso(noon(3)) },
        { kind: 'weigh', leftGrams: grams, doneAt: iso(noon(4)) },
      ] as JarEvent[]);
      return shelfLedger([one], () => 0, noon(5)).get('a')?.tooHeavy;
    };
    assert.deepEqual([80, 81, 82].map(heavy), [false, false, true]);
    // What was drawn by reckoning may not have been drunk.
    const drawn = (grams: number) =>
      shelfLedger(
        [jar('a', 0, 100, [{ kind: 'weigh', leftGrams: grams, doneAt: iso(noon(4)) }])],
        () => 30,
        noon(5),
      ).get('a')?.tooHeavy;
    assert.deepEqual([100, 101, 102].map(drawn), [false, false, true]);
  });
  it('ground coffee is used up first; what is given or thrown away leaves the jar', () => {
    const events: JarEvent[] = [
      { kind: 'grind', doneAt: iso(noon(1)), grams: 50 },
      { kind: 'use', doneAt: iso(noon(1) + 1000), grams: 20 },
      { kind: 'give', doneAt: iso(noon(1) + 2000), grams: 60 },
      { kind: 'throw', doneAt: iso(noon(1) + 3000), grams: 500 },
    ];
    const at = (ms: number) => shelfLedger([jar('a', 0, 200, events)], () => 30, ms).get('a');
    assert.deepEqual(at(noon(1) + 1500)?.ground?.grams, 30);
    assert.equal(at(noon(1) + 2500)?.leftGrams, 120);
    assert.equal(at(noon(1) + 2500)?.ground, undefined);
    assert.equal(at(noon(2))?.leftGrams, 0);
  });
  it('what has not rested, and what is past, is not drunk', () => {
    assert.deepEqual(left([jar('a', 0, 200)], 2, 30), { a: 200 });
    // Past after 42 days: 41 days from day 2 on.
    assert.deepEqual(left([jar('a', 0, 2000)], 60, 10), { a: 2000 - 40 * 10 });
  });
  it('a jar filled tomorrow, by a clock that was wrong, stands there full', () => {
    assert.deepEqual(left([jar('a', 9, 80)], 5, 30), { a: 80 });
  });
});

const anyEvent = fc
  .record({
    kind: fc.constantFrom('use', 'weigh', 'freeze', 'thaw', 'empty', 'give', 'throw', 'grind', 'fate', 'keep'),
    atMs: fc.integer({ min: noon(-2), max: noon(70) }),
    grams: fc.integer({ min: 0, max: 300 }),
  })
  .map(({ kind, atMs, grams }): JarEvent => {
    const at = iso(atMs);
    if (kind === 'weigh') return { kind, doneAt: at, leftGrams: grams };
    if (kind === 'keep') return { kind, doneAt: at, keeping: 'valve' };
    if (kind === 'fate') return { kind, doneAt: at, fate: 'thrown' };
    return kind === 'use' || kind === 'give' || kind === 'throw' || kind === 'grind'
      ? { kind, doneAt: at, grams }
      : { kind: kind as 'freeze' | 'thaw' | 'empty', doneAt: at };
  });
const anyShelf = fc
  .array(
    fc.record({
      day: fc.integer({ min: 0, max: 50 }),
      grams: fc.integer({ min: 1, max: 400 }),
      shade: fc.constantFrom(1, 2, 3, 4, 5, 6, 7) as fc.Arbitrary<FilledJar['shade']>,
      events: fc.array(anyEvent, { maxLength: 6 }),
    }),
    { minLength: 1, maxLength: 5 },
  )
  .map((jars) => jars.map(({ day, grams, shade, events }, i) => ({ ...jar(`jar${i}`, day, grams, events), shade })));
const anyDay = fc.integer({ min: 0, max: 70 });

describe('for any history of a shelf', () => {
  it('grams are conserved: the lines of a jar add up to what is left, which is never below nothing', () => {
    fc.assert(
      fc.property(anyShelf, anyDay, fc.integer({ min: 0, max: 60 }), (jars, day, use) => {
        for (const account of shelfLedger(jars, () => use, noon(day)).values()) {
          const sum = account.lines.reduce((grams, { byGrams }) => grams + byGrams, 0);
          assert.ok(Math.abs(sum - account.leftGrams) < 1e-6 && account.leftGrams >= 0);
          assert.ok((account.ground?.grams ?? 0) <= account.leftGrams + 1e-9);
        }
      }),
      { numRuns: 1500 },
    );
  });
  it('no day draws more than the household uses, and none that was noted draws anything', () => {
    fc.assert(
      fc.property(anyShelf, fc.integer({ min: 0, max: 60 }), (jars, use) => {
        const drawn = new Map<string, number>();
        for (const { lines } of shelfLedger(jars, () => use, noon(70)).values())
          for (const { kind, atMs, byGrams } of lines)
            if (kind === 'drawn') {
              const day = new Date(atMs).toDateString();
              drawn.set(day, (drawn.get(day) ?? 0) - byGrams);
            }
        for (const grams of drawn.values()) assert.ok(grams <= use + 1e-9);
        const noted = jars.flatMap(({ events }) => events.filter(({ kind }) => kind === 'use'));
        for (const { doneAt } of noted) assert.ok(!drawn.has(new Date(doneAt).toDateString()));
      }),
      { numRuns: 700 },
    );
  });
  it('a new fact changes no jar, its own nor another, before its moment', () => {
    fc.assert(
      fc.property(anyShelf, anyEvent, fc.nat(4), fc.integer({ min: 1, max: 60 }), (jars, event, at, use) => {
        const changed = jars.map((each, i) =>
          i === at % jars.length ? { ...each, events: [...each.events, event] } : each,
        );
        const before = (ms: number, all: readonly FilledJar[]) =>
          [...shelfLedger(all, () => use, ms)].map(([id, { leftGrams }]) => [id, leftGrams]);
        // Before its moment, and before the jar was filled where it is said to have happened earlier than that.
        const moment = Date.parse(event.doneAt);
        for (const ms of [moment - 1, moment - 9 * DAY_MS]) assert.deepEqual(before(ms, changed), before(ms, jars));
      }),
      { numRuns: 1500 },
    );
  });
  it('the order in which facts and jars were written down makes no difference', () => {
    fc.assert(
      fc.property(anyShelf, anyDay, fc.integer(), (jars, day, seed) => {
        const turned = <T>(all: readonly T[]) => all.map((_, i) => all[(i + Math.abs(seed)) % all.length] as T);
        const reordered = turned(jars).map((each) => ({ ...each, events: turned(each.events).reverse() }));
        const sorted = (all: readonly FilledJar[]) =>
          [...shelfLedger(all, () => 25, noon(day))].sort(([a], [b]) => (a < b ? -1 : 1));
        assert.deepEqual(sorted(reordered), sorted(jars));
      }),
      { numRuns: 1000 },
    );
  });
});
