import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { rollup } from 'd3-array';
import fc from 'fast-check';
import { seededRandom } from '@/core/chance';
import type { Id } from '@/core/ids';
import {
  answered,
  bestRoasts,
  binomialTail,
  createFlight,
  drawCodes,
  evenSplitP,
  type Flight,
  fewestRight,
  fewestScored,
  flightKeySchema,
  flightResult,
  flightSchema,
  foundOdd,
  leastSheets,
  moreNeeded,
  preferencePower,
  preferenceVerdict,
  rankMeans,
  scoresVerdict,
  shuffled,
  shuffledP,
  trianglePower,
  triangleVerdict,
  withRound,
} from '@/core/taste';

const near = (value: number, expected: number, within = 1e-9) =>
  assert.ok(Math.abs(value - expected) <= within, `${value}, expected ${expected}`);

describe('exact statistics', () => {
  it('of the triangle agree with published tables', () => {
    // Fewest right at 5 %: Roessler et al., J. Food Sci. 43 (1978), 940, table 1; ISO 4120 gives the same.
    for (const [n, right] of [
      [5, 4],
      [6, 5],
      [7, 5],
      [8, 6],
      [9, 6],
      [10, 7],
      [12, 8],
      [15, 9],
      [20, 11],
      [24, 13],
      [30, 15],
    ] as const)
      assert.equal(fewestRight(n, 1 / 3), right, `${n} tries`);
    near(binomialTail(6, 5, 1 / 3), 13 / 729, 1e-12);
    assert.equal(fewestRight(2, 1 / 3), undefined);
  });
  it('of the preference are two-sided', () => {
    near(evenSplitP(6, 6), 2 / 64, 1e-12);
    near(evenSplitP(6, 0), 2 / 64, 1e-12);
    near(evenSplitP(5, 5), 2 / 32, 1e-12);
    near(evenSplitP(10, 5), 1);
    assert.equal(evenSplitP(0, 0), 1);
  });
  it('add up to one, and refuse what is no question', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.double({ min: 0, max: 1, noNaN: true }), (n, p) =>
        near(binomialTail(n, 0, p), 1, 1e-9),
      ),
      { seed: 41 },
    );
    assert.deepEqual([binomialTail(5, 0, 0), binomialTail(5, 1, 0)], [1, 0], 'never right');
    assert.deepEqual([binomialTail(5, 5, 1), binomialTail(5, 6, 1)], [1, 0], 'always right');
    assert.throws(() => binomialTail(-1, 0, 0.5), { message: 'n must be a whole number from 0, got -1' });
    assert.throws(() => binomialTail(3, 0, 2), { message: 'chance must be from 0 to 1, got 2' });
  });
  it('say how likely a difference is to show', () => {
    near(trianglePower(6, 0), binomialTail(6, 5, 1 / 3), 1e-12);
    near(trianglePower(6, 1), 1);
    assert.ok(trianglePower(20, 0.5) > trianglePower(10, 0.5));
    near(preferencePower(6, 1), 1);
    near(preferencePower(6, 0.5), 2 / 64, 1e-12);
    assert.equal(moreNeeded(4, 3, 1 / 3), 3, '5 of 7 would do');
    // 20 of 45 would need 61 sheets: more than sixty are not asked of anybody.
    assert.deepEqual([moreNeeded(30, 15, 1 / 3), moreNeeded(45, 20, 1 / 3)], [2, undefined]);
  });
});

describe('verdicts in words', () => {
  it('for the triangle', () => {
    assert.equal(
      triangleVerdict(6, 5).sentence,
      '5 of 6 right: unlikely to be chance, p = 0.018. They can be told apart.',
    );
    assert.equal(
      triangleVerdict(4, 3).sentence,
      '3 of 4 right, p = 0.111: too few to tell; 3 more tastings like these would do.',
    );
    assert.equal(triangleVerdict(6, 2).sentence, '2 of 6 right, p = 0.649: nothing is shown.');
    assert.equal(triangleVerdict(0, 0).sentence, 'No sheet is in yet.');
    assert.match(triangleVerdict(9, 8).sentence, /chance, p < 0\.001\./);
    assert.match(triangleVerdict(46, 26).sentence, /chance, p = 0\.001\./, 'p is 0.00103');
  });
  it('for the preference', () => {
    assert.equal(
      preferenceVerdict(6, 6, 'Lid off', 'Lid on').sentence,
      'Lid off is preferred, 6 of 6: unlikely to be chance, p = 0.031.',
    );
    assert.match(
      preferenceVerdict(5, 1, 'Lid off', 'Lid on').sentence,
      /^Lid on is ahead, 4 of 5, p = 0\.375: too few to tell; \d+ more tastings like these would do\.$/,
    );
    // 66 of 110 would be the first to show: more than sixty sheets are not asked of anybody.
    assert.equal(preferenceVerdict(50, 30, 'A', 'B').sentence, 'A is ahead, 30 of 50, p = 0.203: nothing is shown.');
    assert.equal(preferenceVerdict(4, 2, 'A', 'B').sentence, '2 to 2: nothing is shown.');
    assert.equal(preferenceVerdict(0, 0, 'A', 'B').shown, false);
  });
  it('take one in twenty for chance, and say when there were enough sheets to tell', () => {
    const shown = ({ shown, canTell }: { shown: boolean; canTell: boolean }) => [shown, canTell];
    // p = 0.0503 and 0.0216; 0.0525 and 0.0169.
    assert.deepEqual(
      [14, 15].map((right) => shown(triangleVerdict(28, right))),
      [
        [false, true],
        [true, true],
      ],
    );
    assert.deepEqual(
      [16, 17].map((first) => shown(preferenceVerdict(22, first, 'A', 'B'))),
      [
        [false, false],
        [true, false],
      ],
    );
    assert.deepEqual(
      [15, 16].map((n) => triangleVerdict(n, 5).canTell),
      [false, true],
      'found in 79.7 and 87.3 % of tries',
    );
    assert.deepEqual(
      [19, 20].map((n) => preferenceVerdict(n, 9, 'A', 'B').canTell),
      [false, true],
      'in 67 and 80.4 %',
    );
    assert.deepEqual(
      [0, 6].map((first) => preferenceVerdict(6, first, 'A', 'B').preferred),
      [1, 0],
    );
  });
  it('for scores: by how often chance would put the cups so far apart', () => {
    const near = (p: number, known: number) => assert.ok(Math.abs(p - known) < 0.01, `${p}, not about ${known}`);
    // All in one order: 6 of 216 ways; six pairs that agree, 2 of 64; one of six against, 14 of 64.
    near(shuffledP([8, 7, 9].map((best) => [best, best - 1, best - 2])), 6 / 216);
    near(shuffledP(Array(6).fill([8, 6])), 2 / 64);
    near(shuffledP([...Array(5).fill([8, 6]), [6, 8]]), 14 / 64);
    assert.equal(
      shuffledP([
        [7, 7],
        [5, 5],
      ]),
      1,
    );
    for (const cups of [2, 3, 4, 5, 6]) {
      const agreed = (sheets: number) => shuffledP(Array(sheets).fill(Array.from({ length: cups }, (_, i) => i)));
      const fewest = fewestScored(cups);
      assert.ok(agreed(fewest) <= 0.05 && agreed(fewest - 1) > 0.05, `${cups} cups: ${fewest} sheets`);
      assert.ok(leastSheets('rank', cups) >= fewest);
    }
  });
  it('for scores: in words, with those that share the highest', () => {
    const cases: [number[][], string][] = [
      [[], 'No sheet is in yet.'],
      [[[8, 6]], 'A scored highest, 8 of 10 on average, on one sheet: nothing is shown yet.'],
      [
        [
          [8, 6, 5],
          [6, 8, 5],
        ],
        'A and B scored highest, 7 of 10 on average; that may well be chance, p = #.',
      ],
      [
        [
          [8, 6],
          [6, 8],
        ],
        'All scored alike, 7 of 10 on average: nothing is shown.',
      ],
      [
        Array(8).fill([6, 8.5]),
        'B scored highest, 8.5 of 10 on average: that the cups differ so is unlikely to be chance, p = #.',
      ],
    ];
    for (const [sheets, sentence] of cases)
      assert.equal(
        scoresVerdict(sheets, ['A', 'B', 'C'].slice(0, sheets[0]?.length ?? 2)).sentence.replace(/0\.\d{3}/, '#'),
        sentence,
      );
    assert.deepEqual(
      [
        [6, 8],
        [8, 6],
      ].map((sheet) => scoresVerdict(Array(8).fill(sheet), ['A', 'B']).preferred),
      [1, 0],
    );
    assert.equal(scoresVerdict(Array(8).fill([6, 8, 7]), ['A', 'B', 'C']).preferred, undefined);
  });
  it('for ranks: ties share theirs', () => {
    assert.deepEqual(
      rankMeans([
        [8, 6, 6],
        [7, 9, 5],
      ]),
      [
        { score: 7.5, rank: 1.5 },
        { score: 7.5, rank: 1.75 },
        { score: 5.5, rank: 2.75 },
      ],
    );
    assert.deepEqual(rankMeans([]), []);
  });
});

describe('a blind flight', () => {
  const contenders = [{ name: 'Lid on' }, { name: 'Lid off' }];
  const make = (question: Flight['question'], tasters: string[], seed = 1, cups = contenders) =>
    createFlight(
      {
        id: 'flight:test0001' as Id<'flight'>,
        question,
        contenders: cups,
        tasters,
        createdAt: '2026-11-24T10:00:00.000Z',
      },
      seededRandom(seed),
    );
  it('takes one more round for everybody, with codes it has not had; none once it has ended', () => {
    const first = make('triangle', ['Ada', 'Bo', 'Ada', 'Bo']);
    const { flight, key } = withRound(first.flight, first.key, seededRandom(9));
    assert.deepEqual(
      flight.trials.map(({ taster }) => taster),
      ['Ada', 'Bo', 'Ada', 'Bo', 'Ada', 'Bo'],
    );
    const codes = flight.trials.flatMap((trial) => trial.codes);
    assert.equal(new Set(codes).size, codes.length);
    assert.deepEqual(flight.trials.slice(0, 4), first.flight.trials, 'what was there stays');
    for (const [i, trial] of flight.trials.entries())
      assert.deepEqual(Object.keys(key.trials[i] ?? {}).sort(), trial.codes);
    const ended = { ...flight, endedAt: '2026-11-24T11:00:00.000Z' };
    assert.throws(() => withRound(ended, key, seededRandom(9)), /takes no more sheets/);
    const full = make('triangle', Array(60).fill('Ada'));
    assert.throws(() => withRound(full.flight, full.key, seededRandom(9)), /60 at the most, got 61/);
  });
  it('has codes that never repeat, and a key that lies apart', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 1, max: 20 }), (seed, tasters) => {
        const { flight, key } = make('triangle', Array(tasters).fill('Ada'), seed);
        const codes = flight.trials.flatMap((trial) => trial.codes);
        assert.equal(new Set(codes).size, codes.length);
        assert.ok(codes.every((code) => /^[1-9]\d\d$/.test(code)));
        flightSchema.parse(flight);
        flightKeySchema.parse(key);
        for (const trial of key.trials)
          assert.deepEqual(
            Object.values(trial)
              .sort()
              .filter((cup, i, all) => all.indexOf(cup) === i),
            [0, 1],
          );
        assert.ok(
          flight.trials.every((trial) => trial.codes.join() === [...trial.codes].sort().join()),
          'their order says nothing',
        );
      }),
      { seed: 42, numRuns: 40 },
    );
    assert.equal(new Set(drawCodes(900, seededRandom(2))).size, 900);
    assert.throws(() => drawCodes(901, seededRandom(2)), { message: 'count must be from 0 to 900 codes, got 901' });
  });
  it('draws each order as often as another', () => {
    const random = seededRandom(3);
    const orders = rollup(
      Array.from({ length: 6000 }, () => shuffled([1, 2, 3], random).join('')),
      (all) => all.length,
      (order) => order,
    );
    assert.deepEqual([...orders.keys()].sort(), ['123', '132', '213', '231', '312', '321']);
    // 1,000 each; 120 is four times what chance leaves.
    for (const times of orders.values()) near(times, 1000, 120);
  });
  it('puts the odd cup of a triangle in every place and either way round', () => {
    const { flight, key } = make('triangle', Array(60).fill('Ada'), 5);
    const places = flight.trials.map((trial, i) => {
      const its = key.trials[i] ?? {};
      return trial.codes.findIndex((code) => Object.values(its).filter((cup) => cup === its[code]).length === 1);
    });
    for (const place of [0, 1, 2]) assert.ok(places.filter((each) => each === place).length > 8);
  });
  it('is opened by its key when the sheets are in', () => {
    const { flight, key } = make('triangle', ['Ada', 'Bo', 'Ada', 'Bo', 'Ada', 'Bo']);
    const sheets = flight.trials.map((trial, i) => {
      const its = key.trials[i] ?? {};
      const odd = trial.codes.find((code) => Object.values(its).filter((cup) => cup === its[code]).length === 1);
      return {
        ...trial,
        answeredAt: '2026-11-24T11:00:00.000Z',
        picked: i === 0 ? trial.codes.find((code) => code !== odd) : odd,
      };
    });
    const done = { ...flight, trials: sheets } as Flight;
    assert.equal(answered(done), 6);
    assert.match(flightResult(done, key).verdict.sentence, /^5 of 6 right/);
    assert.match(flightResult(flight, key).verdict.sentence, /^No sheet/);
  });
  it('counts preferences and scores by what the codes were', () => {
    const preference = make('preference', ['Ada', 'Bo']);
    const picks = preference.flight.trials.map((trial, i) => ({
      ...trial,
      answeredAt: '2026-11-24T11:00:00.000Z',
      picked: Object.entries(preference.key.trials[i] ?? {}).find(([, cup]) => cup === 1)?.[0],
    }));
    assert.match(
      flightResult({ ...preference.flight, trials: picks } as Flight, preference.key).verdict.sentence,
      /^Lid off is ahead, 2 of 2/,
    );
    const rank = make('rank', ['Ada'], 3, [{ name: 'A' }, { name: 'B' }, { name: 'C' }]);
    const scores = Object.fromEntries(Object.entries(rank.key.trials[0] ?? {}).map(([code, cup]) => [code, 5 + cup]));
    const done = {
      ...rank.flight,
      trials: [{ ...rank.flight.trials[0], answeredAt: '2026-11-24T11:00:00.000Z', scores }],
    } as Flight;
    assert.deepEqual(
      flightResult(done, rank.key).means.map(({ score }) => score),
      [5, 6, 7],
    );
    assert.match(flightResult(done, rank.key).verdict.sentence, /^C scored highest, 7 of 10 on average, on one sheet/);
  });
  it('says of each sheet whether the odd cup was found', () => {
    const { flight, key } = make('triangle', ['Ada', 'Bo', 'Ada']);
    const oddOf = (i: number, odd: boolean) => {
      const its = Object.entries(key.trials[i] ?? {});
      return its.find(([, cup]) => (its.filter(([, other]) => other === cup).length === 1) === odd)?.[0] ?? '';
    };
    const trials = flight.trials.map((trial, i) =>
      i === 2 ? trial : { ...trial, answeredAt: '2026-11-24T11:00:00.000Z', picked: oddOf(i, i === 0) },
    );
    const found = (its: Flight) => its.trials.map((_, i) => foundOdd(its, key, i));
    assert.deepEqual(found({ ...flight, trials }), [true, false, undefined]);
    assert.deepEqual(found({ ...flight, trials, question: 'preference' }), [undefined, undefined, undefined]);
  });
  it('refuses one cup, and three for a pair', () => {
    assert.throws(() => make('rank', ['Ada'], 1, [{ name: 'A' }]), {
      message: 'contenders must be 2 to 6 cups, got 1',
    });
    assert.throws(() => make('triangle', ['Ada'], 1, [{ name: 'A' }, { name: 'B' }, { name: 'C' }]), {
      message: 'contenders must be 2 cups for triangle, got 3',
    });
  });
});

it('the best cups are found again, best first', () => {
  const cup = (roastId: string, overall: number) => ({ roastId, overall });
  const alike = [cup('roast:a', 8), cup('roast:b', 8), cup('roast:b', 8), cup('roast:c', 8)];
  assert.equal(bestRoasts(alike, 1)[0]?.roastId, 'roast:b', 'of equals the one that was tasted more');
  assert.deepEqual(bestRoasts([cup('roast:a', 7), cup('roast:b', 9), cup('roast:a', 8)], 3), [
    { roastId: 'roast:b', pullId: undefined, cups: 1, overall: 9 },
    { roastId: 'roast:a', pullId: undefined, cups: 2, overall: 7.5 },
  ]);
  const part = (pullId: string, overall: number) => ({ roastId: 'roast:s', pullId, overall });
  assert.deepEqual(
    bestRoasts([part('entry:dark', 4), part('entry:light', 8), part('entry:light', 9)], 3).map(
      ({ pullId, overall }) => [pullId, overall],
    ),
    [
      ['entry:light', 8.5],
      ['entry:dark', 4],
    ],
    'the parts of a staged roast each for themselves',
  );
});
